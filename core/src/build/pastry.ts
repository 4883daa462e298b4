import type { Dough } from '../larder/index.js';
import { discAreaCm2, rims, slantCm } from './dish.js';
import type { DishSpec } from './spec.js';

/** Raw dough: g per cm3, and how much more is rolled than is used. Estimates held against the trade's batches. */
export const DOUGH_DENSITY = 1.14;
export const TRIM_FACTOR = 1.12;
/** The same density in kg/m3, for the bake. */
export const DOUGH_KG_M3 = 1000 * DOUGH_DENSITY;

export interface Disc {
  readonly diameterCm: number;
  readonly massG: number;
}

/** Dough in g for a disc rolled to a thickness, trimmings included. */
export const discMassG = (diameterCm: number, thicknessMm: number): number =>
  discAreaCm2(diameterCm) * (thicknessMm / 10) * DOUGH_DENSITY * TRIM_FACTOR;

/** The disc that lines a dish: across the base, up both walls, over the rim. */
export function baseDisc(dish: DishSpec, thicknessMm: number): Disc {
  const diameterCm = dish.baseCm + 2 * slantCm(dish) + 2 * (rims.widthCm + rims.overhangCm);
  return { diameterCm, massG: discMassG(diameterCm, thicknessMm) };
}

/** The lid: across the top and the rim, with enough to fold under; a mound stretches it. */
export function lidDisc(dish: DishSpec, thicknessMm: number, moundCm: number): Disc {
  const flat = dish.topCm + 2 * (rims.widthCm + rims.lidOverhangCm);
  // The arc over a shallow cap is longer than its chord by 8/3 (H/D)^2 of it.
  const diameterCm = flat + (8 / 3) * (moundCm / dish.topCm) ** 2 * dish.topCm;
  return { diameterCm, massG: discMassG(diameterCm, thicknessMm) };
}

/** Ingredients of a dough in g; water as a band, since it is given by feel. */
export interface DoughBatch {
  readonly massG: number;
  readonly flourG: number;
  readonly butterG: number;
  readonly waterLowG: number;
  readonly waterHighG: number;
  readonly saltG: number;
  readonly sugarG: number;
  readonly otherG: number;
}

/** Divides a dough mass by baker's percentages, at the middle of its water band. */
export function doughBatch(dough: Dough, massG: number): DoughBatch {
  const water = (dough.waterLow + dough.waterHigh) / 2;
  const parts = 100 + dough.butter + water + dough.salt + dough.sugar + dough.other;
  const per = massG / parts;
  return {
    massG,
    flourG: 100 * per,
    butterG: dough.butter * per,
    waterLowG: dough.waterLow * per,
    waterHighG: dough.waterHigh * per,
    saltG: dough.salt * per,
    sugarG: dough.sugar * per,
    otherG: dough.other * per,
  };
}

/** Composition of baked-in dough as shares of its mass: what the bake simulation takes. */
export function doughComposition(dough: Dough): {
  readonly water: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly protein: number;
} {
  const batch = doughBatch(dough, 1);
  const addedWater = (batch.waterLowG + batch.waterHighG) / 2;
  return {
    water: addedWater + 0.16 * batch.butterG + 0.13 * batch.flourG + 0.5 * batch.otherG,
    fat: 0.81 * batch.butterG + 0.02 * batch.flourG,
    carbohydrate: 0.74 * batch.flourG + batch.sugarG,
    protein: 0.11 * batch.flourG,
  };
}
