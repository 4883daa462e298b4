import type { Build } from '../../build/index.js';
import type { Filling } from '../../filling/index.js';
import type { Larder } from '../../larder/index.js';
import type { Bake } from '../bake.js';
import type { PieSpec } from '../spec.js';
import type { Advice } from './advice.js';
import { bakeAdvice } from './bake.js';
import { buildAdvice } from './build.js';
import { careAdvice } from './care.js';
import { fillingAdvice } from './filling.js';

export type { Advice, Station } from './advice.js';
export { adviceText, stations } from './advice.js';
export { allergensOf } from './care.js';

/** All that should be said about a plan, what needs doing first. */
export function makeAdvice(
  spec: PieSpec,
  filling: Filling,
  build: Build,
  bake: Bake | null,
  larder: Larder,
): Advice[] {
  return [
    ...fillingAdvice(spec, filling, bake, larder),
    ...buildAdvice(spec, filling, build),
    ...bakeAdvice(spec, bake),
    ...careAdvice(spec, filling),
  ];
}
