import { formOf } from '../forms/index.js';
import { changeBase } from '../plan/index.js';
import type { PieSpec } from '../spec/index.js';

/** What was made before and lies in the freezer. Fruit is said on the pie itself, and taken off what is bought. */
export interface Freezer {
  /** Lined dishes, by the label of the dish; each is one of the kitchen's. */
  readonly shells: Readonly<Record<string, number>>;
  /** Dough for so many pies, by its id. */
  readonly dough: Readonly<Record<string, number>>;
}

export const emptyFreezer: Freezer = { shells: {}, dough: {} };

/**
 * How many shells stand in a dish.
 * @param freezer shells by dish
 * @param label of the dish
 * @returns 0 for a dish that is not named
 * @example shellsIn(emptyFreezer, '23 cm enamel') // 0
 */
export const shellsIn = ({ shells }: Pick<Freezer, 'shells'>, label: string): number =>
  new Map(Object.entries(shells)).get(label) ?? 0;

/** Pies of one sort that are made in one way. */
export interface Portion<Wanted> {
  readonly wanted: Wanted;
  /** As the freezer lets it be made. */
  readonly spec: PieSpec;
  /** Of each of its pies. */
  readonly ids: readonly string[];
  /** Its shell comes out of the freezer, in its dish. */
  readonly frozenShell: boolean;
}

const idsOf = (id: string, count: number): string[] =>
  count === 1 ? [id] : Array.from({ length: count }, (_, i) => `${id}-${i + 1}`);

/**
 * Who gets what lies in the freezer: the first on the list that can use it. A pie of two crusts takes a shell for its base and
 * dough for its lid.
 * @param wanted pies of a day
 * @param freezer shells by dish, dough by id
 * @returns portions in the order of the list; a sort is split where the freezer does not do for all of it
 * @example portionsOf([{ id: 'damson', count: 2, spec: starterSpec }], emptyFreezer)[0]?.ids.length // 2
 */
export function portionsOf<
  Wanted extends { readonly id: string; readonly count: number; readonly spec: PieSpec },
>(wanted: readonly Wanted[], freezer: Freezer): Portion<Wanted>[] {
  const shells = new Map(Object.entries(freezer.shells));
  const dough = new Map(Object.entries(freezer.dough));
  const takes = (from: Map<string, number>, what: string): boolean => {
    const left = from.get(what) ?? 0;
    if (left > 0) from.set(what, left - 1);
    return left > 0;
  };
  return wanted.flatMap((one) => {
    const { spec } = one;
    const { base = 'made', doughFrom = 'mixed' } = spec.pastry;
    const lines = formOf(spec.form.kind).lined && base === 'made';
    return idsOf(one.id, one.count).reduce<Portion<Wanted>[]>((portions, id) => {
      const frozenShell = lines && takes(shells, spec.dish.label);
      const shelled = frozenShell ? changeBase(spec, 'frozen').spec : spec;
      const before = doughFrom === 'mixed' && takes(dough, spec.pastry.dough);
      const made: PieSpec = before
        ? { ...shelled, pastry: { ...shelled.pastry, doughFrom: 'made_before' } }
        : shelled;
      const last = portions.at(-1);
      const same =
        last && last.frozenShell === frozenShell && last.spec.pastry.doughFrom === made.pastry.doughFrom;
      if (!same) return [...portions, { wanted: one, spec: made, ids: [id], frozenShell }];
      return [...portions.slice(0, -1), { ...last, ids: [...last.ids, id] }];
    }, []);
  });
}
