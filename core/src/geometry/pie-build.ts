import type { DishMeasures } from './dish.js';
import type { DoughBatch } from './pastry.js';
import type { Rolled } from './rolled.js';
import type { Top } from './tops/index.js';
import type { Vessel } from './vessel.js';

/** A built pie: vessel, fill, pastry. Lengths in cm, masses in g. */
export interface Build {
  readonly vessel: Vessel;
  readonly dish: DishMeasures;
  readonly rawEdgeCm: number;
  readonly rawMoundCm: number;
  readonly bakedEdgeCm: number;
  readonly bakedMoundCm: number;
  /** Mean height of the gap between baked filling and lid; strips and crumbs sink with the filling. */
  readonly gapCm: number;
  /** The pastry under the filling; null when there is none, or a bought shell. */
  readonly base: Rolled | null;
  readonly top: Top;
  /** Dough for one pie. */
  readonly dough: DoughBatch;
  /** Of that dough, what lies on the pie as its base and as its top, and what is left when they are cut. */
  readonly baseLiesG: number;
  readonly topLiesG: number;
  readonly scrapsG: number;
  readonly crustAreaCm2: number;
}
