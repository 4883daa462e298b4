import type { Bake } from '../../bake/index.js';
import type { BuiltContext } from '../../forms/index.js';

/** Everything of a plan that is worked out; the bake is null until it was simulated. */
export interface BakedContext extends BuiltContext {
  readonly bake: Bake | null;
}
