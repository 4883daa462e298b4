import type { FruitGroup } from './fruits.handling.js';
import type { Fruit } from './fruits.js';

/** How fast fruit softens in the oven, slices of apple being 1. Estimates held against oven times of the trade. */
const byGroup: Readonly<Record<FruitGroup, number>> = {
  apple: 1,
  pear: 1.2,
  'stone fruit': 2.5,
  berry: 4,
  currant: 4,
  stalk: 3,
  other: 2,
  dried: 3,
  canned: 5,
};

export const softeningFactor = (fruit: Fruit): number => byGroup[fruit.group];
/** Fruit that was boiled or fried before it went in has most of its softening behind it. */
export const PRECOOKED_SOFTENS = 4;
