import type { DishSpec } from '../schema/index.js';

/**
 * Two dishes of the same name, measures and stuff, whatever else is known about them.
 * @param a a dish
 * @param b another
 * @returns whether a baker would not know them apart
 * @example isSameDish(starterSpec.dish, starterSpec.dish) // true
 */
export const isSameDish = (a: DishSpec, b: DishSpec): boolean =>
  a.label === b.label &&
  a.material === b.material &&
  (a.shape ?? 'round') === (b.shape ?? 'round') &&
  a.topCm === b.topCm &&
  (a.widthCm ?? null) === (b.widthCm ?? null) &&
  a.baseCm === b.baseCm &&
  a.depthCm === b.depthCm;

/** A sheet is flat enough to slide a pie off. */
const FLAT_CM = 2.5;

export const isSheet = ({ depthCm }: DishSpec): boolean => depthCm <= FLAT_CM;
