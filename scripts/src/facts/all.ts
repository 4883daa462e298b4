import { bakeFacts } from './bake.js';
import type { Fact } from './fact.js';
import { fillingFacts } from './filling.js';
import { heatFacts } from './heat.js';
import { pastryFacts } from './pastry.js';
import { publishedFacts } from './published.js';
import { sugarFacts } from './sugar.js';
import { wholePieFacts } from './whole-pies/index.js';
import { windowFacts } from './windows.js';

/** Every fact of the trade and published value that the product is held against. */
export const allFacts = (): Fact[] => [
  ...publishedFacts(),
  ...sugarFacts(),
  ...fillingFacts(),
  ...pastryFacts(),
  ...wholePieFacts(),
  ...bakeFacts(),
  ...heatFacts(),
  ...windowFacts(),
];
