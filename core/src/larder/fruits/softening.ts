import type { FruitGroup } from './handling.js';
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

/** Fruits that soften otherwise than their group. Estimates. */
const byFruit: Readonly<Record<string, number>> = {
  apple_soft: 2,
  apple_cooking: 2,
  pear_ripe: 2,
  quince: 0.35,
  pineapple: 0.5,
};

export const softeningFactor = (fruit: Fruit): number => byFruit[fruit.id] ?? byGroup[fruit.group];
