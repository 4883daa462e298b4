import type { Surroundings } from '../filling/index.js';
import type { FillingSpec, FruitPart } from '../schema/index.js';

/** A plain filling, a fruit and a lid for tests to change. */
export const aPart = (fruit: string, more: Partial<FruitPart> = {}): FruitPart => ({
  fruit,
  share: 1,
  state: 'fresh',
  ripeness: 0,
  cut: 'usual',
  peeled: true,
  ...more,
});

export const aFilling = (more: Partial<FillingSpec> = {}): FillingSpec => ({
  fruits: [aPart('damson')],
  fruitMassG: null,
  preparation: { kind: 'raw' },
  sugar: { sugar: 'white', style: 0.16, massG: null },
  set: 'clean_slice',
  thickeners: [{ thickener: 'corn_starch', share: 1 }],
  thickenerMassG: null,
  lemonJuiceG: 0,
  lemonZestG: 0,
  bicarbonateG: 0,
  butterG: 0,
  seasonings: [],
  weepTest: null,
  saucerTest: null,
  ...more,
});

export const aLid: Surroundings = {
  topFactor: 0.065,
  topAreaCm2: 412,
  crustAreaCm2: 535,
  crumbAreaCm2: 0,
  crumbSugarG: 0,
  ovenC: 185,
  bubblingMin: 20,
  thickened: true,
  evaporatedG: null,
};
