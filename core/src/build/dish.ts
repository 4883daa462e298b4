import type { DishSpec } from './spec.js';

/** Rim of a pie dish and the pastry that hangs over it, in cm. Common practice, no source. */
export const rims = { widthCm: 1.0, overhangCm: 0.7, lidOverhangCm: 1.3, liningCm: 0.3 } as const;

/** Volume of a conical frustum in cm3 (= mL), by its diameters: pi h / 12 (D^2 + D d + d^2). */
export const frustumVolumeMl = (topCm: number, baseCm: number, depthCm: number): number =>
  (Math.PI * depthCm * (topCm ** 2 + topCm * baseCm + baseCm ** 2)) / 12;

/** Length of the sloping wall in cm. */
export const slantCm = ({ topCm, baseCm, depthCm }: DishSpec): number =>
  Math.hypot(depthCm, (topCm - baseCm) / 2);

export const discAreaCm2 = (diameterCm: number): number => (Math.PI * diameterCm ** 2) / 4;

/** Inside of the wall in cm2. */
export const wallAreaCm2 = (dish: DishSpec): number =>
  (Math.PI * (dish.topCm + dish.baseCm) * slantCm(dish)) / 2;

export interface DishMeasures {
  readonly brimMl: number;
  /** What is left for filling when the dish is lined. */
  readonly netMl: number;
  readonly baseAreaCm2: number;
  readonly wallAreaCm2: number;
  readonly topAreaCm2: number;
}

export function measureDish(dish: DishSpec): DishMeasures {
  const brimMl = frustumVolumeMl(dish.topCm, dish.baseCm, dish.depthCm);
  const baseAreaCm2 = discAreaCm2(dish.baseCm);
  const wall = wallAreaCm2(dish);
  return {
    brimMl,
    netMl: Math.max(0, brimMl - rims.liningCm * (baseAreaCm2 + wall)),
    baseAreaCm2,
    wallAreaCm2: wall,
    topAreaCm2: discAreaCm2(dish.topCm),
  };
}

/** Height in cm of a spherical cap of a volume over a disc: pi H/6 (3 a^2 + H^2), solved by Newton's method. */
export function capHeightCm(volumeMl: number, diameterCm: number): number {
  if (volumeMl <= 0) return 0;
  const a = diameterCm / 2;
  let height = volumeMl / (Math.PI * a * a * 0.5);
  for (let i = 0; i < 20; i++) {
    const excess = (Math.PI * height * (3 * a * a + height * height)) / 6 - volumeMl;
    height -= excess / ((Math.PI * (a * a + height * height)) / 2);
  }
  return Math.max(0, height);
}

/** Depth in cm at which a volume stands in a lined dish; past the brim it is heaped as a cap. */
export function fillHeights(
  dish: DishSpec,
  volumeMl: number,
): { readonly edgeCm: number; readonly moundCm: number } {
  const { netMl } = measureDish(dish);
  if (volumeMl >= netMl) {
    return { edgeCm: dish.depthCm, moundCm: capHeightCm(volumeMl - netMl, dish.topCm) };
  }
  let low = 0;
  let high = 1;
  for (let i = 0; i < 40; i++) {
    const share = (low + high) / 2;
    const at = dish.baseCm + (dish.topCm - dish.baseCm) * share;
    const lined = measureDish({ ...dish, topCm: at, depthCm: dish.depthCm * share }).netMl;
    if (lined < volumeMl) low = share;
    else high = share;
  }
  return { edgeCm: dish.depthCm * low, moundCm: 0 };
}
