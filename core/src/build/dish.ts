import type { DishSpec } from '../spec/index.js';
import type { Outline } from './outline.js';
import { areaCm2, equalDiscCm, perimeterCm } from './outline.js';

/** Rim of a pie dish and the pastry that hangs over it, in cm. Common practice, no source. */
export const rims = { widthCm: 1.0, overhangCm: 0.7, lidOverhangCm: 1.3, liningCm: 0.3 } as const;

/** Length of the sloping wall in cm; all walls lean alike. */
export const slantCm = ({ topCm, baseCm, depthCm }: DishSpec): number =>
  Math.hypot(depthCm, (topCm - baseCm) / 2);

/** The inside of a dish at a share of its depth: 0 the base, 1 the rim. */
export function outlineAt(dish: DishSpec, share: number): Outline {
  const shape = dish.shape ?? 'round';
  const lengthCm = dish.baseCm + (dish.topCm - dish.baseCm) * share;
  const topWidthCm = shape === 'rectangle' || shape === 'oval' ? (dish.widthCm ?? dish.topCm) : dish.topCm;
  return {
    kind: shape === 'round' || shape === 'oval' ? 'ellipse' : 'rectangle',
    lengthCm,
    widthCm: Math.max(0, topWidthCm - (dish.topCm - lengthCm)),
  };
}

export const topOutline = (dish: DishSpec): Outline => outlineAt(dish, 1);
export const baseOutline = (dish: DishSpec): Outline => outlineAt(dish, 0);

/**
 * Volume in mL up to a share of the depth, by the prismatoid rule h/6 (A0 + 4 Am + A1): exact where the section grows as a
 * square, as it does for every dish whose walls lean alike. For a round dish it is pi h/12 (D^2 + D d + d^2).
 */
export function volumeMl(dish: DishSpec, share = 1): number {
  const at = (part: number): number => areaCm2(outlineAt(dish, part));
  return ((dish.depthCm * share) / 6) * (at(0) + 4 * at(share / 2) + at(share));
}

/** Inside of the wall in cm2 up to a share of the depth: mean girth times slant. */
export const wallAreaCm2 = (dish: DishSpec, share = 1): number =>
  ((perimeterCm(outlineAt(dish, 0)) + perimeterCm(outlineAt(dish, share))) / 2) * slantCm(dish) * share;

export interface DishMeasures {
  readonly brimMl: number;
  /** What is left for filling when the dish is lined. */
  readonly netMl: number;
  readonly baseAreaCm2: number;
  readonly wallAreaCm2: number;
  readonly topAreaCm2: number;
}

/** Room for filling, up to a share of the depth, when pastry of a thickness lines base and wall. */
const roomMl = (dish: DishSpec, liningCm: number, share = 1): number =>
  Math.max(0, volumeMl(dish, share) - liningCm * (areaCm2(baseOutline(dish)) + wallAreaCm2(dish, share)));

export function measureDish(dish: DishSpec, liningCm: number = rims.liningCm): DishMeasures {
  return {
    brimMl: volumeMl(dish),
    netMl: roomMl(dish, liningCm),
    baseAreaCm2: areaCm2(baseOutline(dish)),
    wallAreaCm2: wallAreaCm2(dish),
    topAreaCm2: areaCm2(topOutline(dish)),
  };
}

/** Height in cm of a spherical cap of a volume over a disc: pi H/6 (3 a^2 + H^2), solved by Newton's method. */
export function capHeightCm(capMl: number, diameterCm: number): number {
  if (capMl <= 0) return 0;
  const a = diameterCm / 2;
  let height = capMl / (Math.PI * a * a * 0.5);
  for (let i = 0; i < 20; i++) {
    const excess = (Math.PI * height * (3 * a * a + height * height)) / 6 - capMl;
    height -= excess / ((Math.PI * (a * a + height * height)) / 2);
  }
  return Math.max(0, height);
}

/** Depth in cm at which a volume stands; past the brim it is heaped as a cap over a disc of the top's area. */
export function fillHeights(
  dish: DishSpec,
  fillMl: number,
  liningCm: number = rims.liningCm,
): { readonly edgeCm: number; readonly moundCm: number } {
  const netMl = roomMl(dish, liningCm);
  if (fillMl >= netMl) {
    return { edgeCm: dish.depthCm, moundCm: capHeightCm(fillMl - netMl, equalDiscCm(topOutline(dish))) };
  }
  let low = 0;
  let high = 1;
  for (let i = 0; i < 40; i++) {
    const share = (low + high) / 2;
    if (roomMl(dish, liningCm, share) < fillMl) low = share;
    else high = share;
  }
  return { edgeCm: dish.depthCm * low, moundCm: 0 };
}

/**
 * The base of a dish from the water it holds to the brim (1 g is 1 mL), its measures across the top and its depth: the
 * slope of the wall is what cannot be measured well. Null when no wall between upright and a point holds that much.
 */
export function baseFromWaterCm(dish: DishSpec, waterMl: number): number | null {
  const holds = (baseCm: number): number => volumeMl({ ...dish, baseCm });
  const narrowest = dish.topCm - topOutline(dish).widthCm;
  let low = narrowest;
  let high = dish.topCm;
  if (waterMl < holds(low) * 0.98 || waterMl > holds(high) * 1.02) return null;
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (holds(middle) < waterMl) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
