import { usualChill } from './bake.js';
import type { PieSpec } from './pie.js';
import { SPEC_FORMAT, SPEC_VERSION } from './pie.js';

/** A pie to begin from: damsons in a 23 cm dish. */
export const starterSpec: PieSpec = {
  format: SPEC_FORMAT,
  version: SPEC_VERSION,
  name: 'Damson pie',
  form: { kind: 'double_crust', vents: 5, ventLengthCm: 3 },
  dish: { label: '23 cm enamel', topCm: 22.9, baseCm: 18.3, depthCm: 3.5, material: 'enamelled_steel' },
  filling: {
    fruits: [{ fruit: 'damson', share: 1, state: 'fresh', ripeness: 0, cut: 'usual', peeled: false }],
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
    chill: usualChill,
    altitudeM: 50,
    stages: null,
  },
  ownFruits: [],
};
