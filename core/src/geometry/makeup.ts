import { stapleComposition } from '../larder/index.js';

/** What something is made of, as shares of its mass: what the bake simulation takes. */
export interface Makeup {
  readonly water: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly protein: number;
}

type Staple = keyof typeof stapleComposition;

/** What goes in beside the staples, in g. */
interface Beside {
  readonly sugarG?: number;
  readonly waterG?: number;
  /** Salt, leaven and whatever else only weighs. */
  readonly otherG?: number;
}

const parts = ['water', 'fat', 'carbohydrate', 'protein'] as const;

/** Makeup of a mixture from the staples in it, in g. */
export function mixedMakeup(
  staples: Readonly<Partial<Record<Staple, number>>>,
  { sugarG = 0, waterG = 0, otherG = 0 }: Beside = {},
): Makeup {
  const sums = { water: waterG, fat: 0, carbohydrate: sugarG, protein: 0 };
  let massG = sugarG + waterG + otherG;
  for (const [staple, stapleG] of Object.entries(staples) as [Staple, number][]) {
    massG += stapleG;
    const made: Partial<Makeup> = stapleComposition[staple];
    for (const part of parts) sums[part] += (made[part] ?? 0) * stapleG;
  }
  return {
    water: sums.water / massG,
    fat: sums.fat / massG,
    carbohydrate: sums.carbohydrate / massG,
    protein: sums.protein / massG,
  };
}
