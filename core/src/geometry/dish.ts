import type { DishSpec } from '../schema/index.js';
import { bisect } from '../units/index.js';
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

/**
 * The opening of a dish, inside of its rim.
 * @param dish a dish
 * @returns its opening, cm
 * @example topOutline(starterSpec.dish).lengthCm // 22.9
 */
export const topOutline = (dish: DishSpec): Outline => outlineAt(dish, 1);
export const baseOutline = (dish: DishSpec): Outline => outlineAt(dish, 0);

/**
 * Volume in mL up to a share of the depth, by the prismatoid rule h/6 (A0 + 4 Am + A1): exact where the section grows as a
 * square, as it does for every dish whose walls lean alike. For a round dish it is pi h/12 (D^2 + D d + d^2).
 * @param dish a dish
 * @param share of its depth, 0 to 1
 * @returns mL
 * @example volumeMl(starterSpec.dish) // 1171
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

/**
 * What a dish holds and what pastry covers in it.
 * @param dish a dish
 * @param liningCm pastry on its inside, cm
 * @returns areas in cm2, volumes in mL
 * @example measureDish(starterSpec.dish).netMl // 1011
 */
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

/** Volume in mL of a cap over a disc, both in cm: pi h (3 a^2 + h^2) / 6. */
export const capMl = (heightCm: number, discCm: number): number =>
  (Math.PI * heightCm * (3 * (discCm / 2) ** 2 + heightCm ** 2)) / 6;

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
  const share = bisect(0, 1, 1e-12, (at) => roomMl(dish, liningCm, at) >= fillMl);
  return { edgeCm: dish.depthCm * share, moundCm: 0 };
}

/**
 * The base of a dish from the water it holds to the brim (1 g is 1 mL), its measures across the top and its depth: the
 * slope of the wall is what cannot be measured well. Null when no wall between upright and a point holds that much.
 * @param dish a dish whose base is not known
 * @param waterMl to the brim, mL
 * @returns cm, or null
 * @example baseFromWaterCm(starterSpec.dish, volumeMl(starterSpec.dish)) // 18.3
 */
export function baseFromWaterCm(dish: DishSpec, waterMl: number): number | null {
  const holds = (baseCm: number): number => volumeMl({ ...dish, baseCm });
  const narrowest = dish.topCm - topOutline(dish).widthCm;
  if (waterMl < holds(narrowest) * 0.98 || waterMl > holds(dish.topCm) * 1.02) return null;
  return bisect(narrowest, dish.topCm, 1e-9, (baseCm) => holds(baseCm) >= waterMl);
}
