import type { Dough } from './doughs.js';
import { builtInDoughs } from './doughs.js';
import type { FruitTable } from './fruits.js';
import { builtInFruits } from './fruits.js';
import type { Sugar } from './sugars.js';
import { builtInSugars } from './sugars.js';
import type { Thickener } from './thickeners.js';
import { builtInThickeners } from './thickeners.js';

/** Everything the sums may draw on. A kitchen's own figures replace the built-in ones row by row. */
export interface Larder {
  readonly fruits: FruitTable;
  readonly thickeners: ReadonlyMap<string, Thickener>;
  readonly sugars: ReadonlyMap<string, Sugar>;
  readonly doughs: ReadonlyMap<string, Dough>;
}

export const builtInLarder: Larder = {
  fruits: builtInFruits,
  thickeners: builtInThickeners,
  sugars: builtInSugars,
  doughs: builtInDoughs,
};
