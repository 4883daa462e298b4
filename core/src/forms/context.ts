import type { Build } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import type { Larder } from '../larder/index.js';
import type { PieSpec } from '../spec/index.js';
import type { Form } from './form.js';

/** What every sum of a plan stands on: the spec, the larder it draws on, the form it names. */
export interface PlanContext {
  readonly spec: PieSpec;
  readonly larder: Larder;
  readonly form: Form;
}

/** The same with filling and build worked out. */
export interface BuiltContext extends PlanContext {
  readonly filling: Filling;
  readonly build: Build;
}
