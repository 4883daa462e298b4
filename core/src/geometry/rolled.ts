import type { DishSpec } from '../schema/index.js';
import { baseOutline, rims, slantCm, topOutline } from './dish.js';
import type { Outline } from './outline.js';
import { areaCm2, equalDiscCm, grown } from './outline.js';

/** Raw dough: g per cm3, and how much more is rolled than is used. Estimates held against the trade's batches. */
export const DOUGH_DENSITY = 1.14;
export const TRIM_FACTOR = 1.12;
/** The same density in kg/m3, for the bake. */
export const DOUGH_KG_M3 = 1000 * DOUGH_DENSITY;

/** A sheet of dough rolled to a shape; the mass holds what is trimmed off. */
export interface Rolled {
  readonly outline: Outline;
  readonly massG: number;
}

/** Dough in g that lies on an area, without trimmings. */
export const doughOverG = (coveredCm2: number, thicknessMm: number): number =>
  coveredCm2 * (thicknessMm / 10) * DOUGH_DENSITY;

/** A lid: how far it goes over the top, its arc over a mound with it, and how far beyond on either side, cm. */
export interface Lid extends Rolled {
  readonly coversCm: number;
  readonly coversWideCm: number;
  readonly beyondCm: number;
}

/** Rolls a shape out of dough, trimmings included. */
export const roll = (outline: Outline, thicknessMm: number): Rolled => ({
  outline,
  massG: doughOverG(areaCm2(outline), thicknessMm) * TRIM_FACTOR,
});

/**
 * The sheet that lines a dish: across the base, up all walls, over the rim.
 * @param dish what it lines
 * @param thicknessMm mm
 * @returns how wide to roll (cm) and its mass (g)
 * @example baseSheet(starterSpec.dish, 3).massG // 272.1
 */
export const baseSheet = (dish: DishSpec, thicknessMm: number): Rolled =>
  roll(grown(baseOutline(dish), slantCm(dish) + rims.widthCm + rims.overhangCm), thicknessMm);

/**
 * The lid: across the top and the rim, with enough to fold under; a mound stretches it.
 * @param dish what it covers
 * @param thicknessMm mm
 * @param moundCm height of the fruit over the brim, cm
 * @returns how wide to roll, what of it covers the top, what goes beyond (cm), and its mass (g)
 * @example lidSheet(starterSpec.dish, 3, 1).massG // 229.4
 */
export function lidSheet(dish: DishSpec, thicknessMm: number, moundCm: number): Lid {
  const top = topOutline(dish);
  // The arc over a shallow cap is longer than its chord by 8/3 (H/D)^2 of it.
  const stretch = (8 / 3) * (moundCm / equalDiscCm(top)) ** 2;
  const arched = { ...top, lengthCm: top.lengthCm * (1 + stretch), widthCm: top.widthCm * (1 + stretch) };
  return beyond(arched, rims.widthCm + rims.lidOverhangCm, thicknessMm);
}

const beyond = (outline: Outline, beyondCm: number, thicknessMm: number): Lid => ({
  ...roll(grown(outline, beyondCm), thicknessMm),
  coversCm: outline.lengthCm,
  coversWideCm: outline.widthCm,
  beyondCm,
});

/** What is tucked down the wall of a dish on either side, cm. Common practice, no source. */
const TUCKED_CM = 0.5;

/** A lid over fruit that lies below the brim, tucked in between it and the wall. */
export const tuckedLid = (dish: DishSpec, thicknessMm: number): Lid =>
  beyond(topOutline(dish), TUCKED_CM, thicknessMm);

/** Share of a rolled sheet that cutters get out of it at one rolling, and with the scraps rolled again. Estimates. */
export const cutterYield = { once: 0.72, rerolled: 0.9 } as const;

/** How many pieces of an area a mass of dough makes, its scraps rolled again. */
export const piecesFrom = (massG: number, pieceCm2: number, thicknessMm: number): number =>
  Math.floor((massG / doughOverG(pieceCm2, thicknessMm)) * cutterYield.rerolled);
