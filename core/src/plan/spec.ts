import type { BakeSpec } from '../bake/index.js';
import type { DishSpec, FormSpec, PastrySpec } from '../build/index.js';
import type { FillingSpec } from '../filling/index.js';
import type { OwnFruit } from '../larder/index.js';

/** Name and version of the plain-data form of a pie; see docs/plan-format.md. */
export const SPEC_FORMAT = 'mardle-pie';
export const SPEC_VERSION = 1;

/** Everything the baker chose about one pie, and nothing computed. */
export interface PieSpec {
  readonly format: typeof SPEC_FORMAT;
  readonly version: number;
  readonly name: string;
  readonly form: FormSpec;
  readonly dish: DishSpec;
  readonly filling: FillingSpec;
  readonly pastry: PastrySpec;
  readonly bake: BakeSpec;
  /** Figures of the kitchen's own that this pie is planned with. */
  readonly ownFruits: readonly OwnFruit[];
}

/** A pie to begin from: damsons in a 23 cm dish. */
export const starterSpec: PieSpec = {
  format: SPEC_FORMAT,
  version: SPEC_VERSION,
  name: 'Damson pie',
  form: { kind: 'double_crust', vents: 5, ventLengthCm: 3 },
  dish: { label: '23 cm enamel', topCm: 22.9, baseCm: 18.3, depthCm: 3.5, material: 'enamelled_steel' },
  filling: {
    fruits: [{ fruit: 'damson', share: 1, state: 'fresh', ripeness: 0, cutSmall: false, peeled: false }],
    fruitMassG: null,
    preparation: { kind: 'raw' },
    sugar: { sugar: 'white', style: 0.16, massG: null },
    set: 'clean_slice',
    thickeners: [{ thickener: 'corn_starch', share: 1 }],
    thickenerMassG: null,
    lemonJuiceG: 0,
    lemonZestG: 0,
    bicarbonateG: 0,
    butterG: 20,
    seasonings: [],
    weepTest: null,
    saucerTest: null,
  },
  pastry: { dough: 'all_butter', thicknessMm: 3.2, wash: 'whole_egg', coarseSugar: true },
  bake: {
    oven: { label: 'Still oven', kind: 'still', offsetC: 0, warmUpMin: 20 },
    colour: 'gold',
    startC: 6,
    altitudeM: 50,
    stages: null,
  },
  ownFruits: [],
};
