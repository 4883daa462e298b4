import type { Advice } from '../../forms/index.js';
import type { BakedContext } from '../timeline/index.js';
import { bakeAdvice } from './bake.js';
import { buildAdvice } from './build.js';
import { careAdvice } from './care.js';
import { fillingAdvice } from './filling.js';
import { fruitAdvice } from './fruit.js';

/** All that should be said about a plan, what needs doing first. */
export const makeAdvice = (context: BakedContext): Advice[] => [
  ...fillingAdvice(context),
  ...fruitAdvice(context),
  ...buildAdvice(context),
  ...bakeAdvice(context),
  ...careAdvice(context),
];
export { allergensOf } from './care.js';
