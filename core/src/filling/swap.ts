import type { Larder } from '../larder/index.js';
import type { FillingSpec, ThickenerPart } from '../schema/index.js';
import type { Filling } from './filling.js';
import { computeFilling } from './filling.js';
import type { Surroundings } from './ledger.js';
import { isBaked } from './preparation.js';
import { concentrationPer100G, doseG } from './thickener.js';

/**
 * What each thickener alone would take for the same set, in g; gelatine only where nothing is baked.
 * @param spec the filling
 * @param fruitMassG g
 * @param around `surroundings`
 * @param larder with the thickeners
 * @returns g by thickener
 * @example swaps(spec.filling, 900, surroundings(planContext(spec)), builtInLarder).get('tapioca_starch') // 30.07
 */
export function swaps(
  spec: FillingSpec,
  fruitMassG: number,
  around: Surroundings,
  larder: Larder,
): ReadonlyMap<string, number> {
  const open = [...larder.thickeners.values()].filter(({ kind }) => kind !== 'gelatine' || !isBaked(spec));
  return new Map(
    open.map(({ id }) => {
      const alone = { ...spec, thickeners: [{ thickener: id, share: 1 }], thickenerMassG: null };
      return [id, computeFilling(alone, fruitMassG, around, larder).dose.massG];
    }),
  );
}

/**
 * "I only have this much left": the blend that makes up a short amount of one thickener with another, as parts whose
 * shares are their grams. Nothing of the second when the first is enough.
 * @param filling as planned
 * @param short what there is, g
 * @param other the thickener to make it up with
 * @param spec the filling
 * @param around `surroundings`
 * @param larder with the thickeners
 * @returns parts of the blend
 * @example makeUpWith(filling, { thickener: 'cornstarch', massG: 10 }, 'plain_flour', spec.filling, around, builtInLarder)
 */
export function makeUpWith(
  filling: Filling,
  short: { readonly thickener: string; readonly massG: number },
  other: string,
  spec: FillingSpec,
  around: Surroundings,
  larder: Larder,
): ThickenerPart[] {
  const alone = (thickener: string): Filling =>
    computeFilling(
      { ...spec, thickeners: [{ thickener, share: 1 }], thickenerMassG: null },
      filling.batch.massG,
      around,
      larder,
    );
  const first = alone(short.thickener);
  const given = concentrationPer100G(short.massG, first.body, first.ledger.juiceG, first.blend);
  const missing = doseG(filling.target, given, first.ledger.juiceG, alone(other).blend);
  if (missing < 0.5) return [{ thickener: short.thickener, share: 1 }];
  return [
    { thickener: short.thickener, share: short.massG },
    { thickener: other, share: missing },
  ];
}
