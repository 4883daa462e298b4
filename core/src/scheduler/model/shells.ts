import type { PieSpec } from '../../schema/index.js';
import type { Day } from './day.js';

/**
 * What the shell of a pie is called in a plan.
 * @param id of the pie
 * @returns the id of its shell
 * @example shellId('plum-1') // 'plum-1-shell'
 */
export const shellId = (id: string): string => `${id}-shell`;

/**
 * The empty shell of a pie as something that is baked on its own: pale, since it goes in again.
 * @param spec of a pie that is filled into a baked shell
 * @returns a pie that is filled cold, at the same dish, dough and oven
 * @example emptyShellSpec(starterSpec).bake.colour // 'straw'
 */
export const emptyShellSpec = (spec: PieSpec): PieSpec => ({
  ...spec,
  filling: { ...spec.filling, preparation: { kind: 'glaze' } },
  bake: { ...spec.bake, colour: 'straw' },
});

/**
 * Which pie each one is the shell of, by index; -1 for pies of their own.
 * @param day worked out
 * @returns as many as it has pies
 * @example shellsByIndex(day)[1] // 0
 */
export function shellsByIndex({ pies }: Pick<Day, 'pies'>): number[] {
  const indexOf = new Map(pies.map(({ id }, i) => [id, i]));
  return pies.map(({ shellOf }) => (shellOf === undefined ? -1 : (indexOf.get(shellOf) ?? -1)));
}

/** The shell that each pie is filled into, by its id, where that is baked before. */
export const shellIds = ({ pies }: Pick<Day, 'pies'>): Map<string, string> =>
  new Map(pies.flatMap(({ id, shellOf }) => (shellOf === undefined ? [] : [[shellOf, id] as const])));

/**
 * Pies of a day that somebody gets: shells go into one of them.
 * @param day worked out
 * @returns in the order of the day
 * @example wholePies(day).length
 */
export const withoutShells = ({ pies }: Pick<Day, 'pies'>): Day['pies'] =>
  pies.filter(({ shellOf }) => shellOf === undefined);
