import type { PieBody } from '../bake/index.js';
import { builtInMaterials as dishMaterials } from '../larder/index.js';
import type { BakeSpec } from '../schema/index.js';

const dough = { water: 0.25, carbohydrate: 0.38, protein: 0.05, fat: 0.3 };

/** A lidded pie of 1.15 kg in a 23 cm glass dish, for tests of the bake to change. */
export const aBody = (more: Partial<PieBody> = {}): PieBody => ({
  topRadiusM: 0.1145,
  baseRadiusM: 0.0915,
  wallFactor: 1,
  edgeM: 0.032,
  moundM: 0.02,
  baseCrustM: 0.0032,
  baseBaked: false,
  freeStanding: false,
  onPaper: false,
  top: {
    cover: 1,
    thicknessM: 0.0032,
    densityKgM3: 1140,
    composition: dough,
    conductivityDry: 0.07,
    conductivityWet: 0.305,
    gapM2KW: 0.038,
    startsLowerC: 0,
    vented: 0.7,
    vapourSM: 10_000,
  },
  dough,
  filling: {
    massKg: 1.15,
    composition: { water: 0.76, protein: 0.005, fat: 0.02, carbohydrate: 0.215 },
    freeShare: 0.4,
    molality: 1,
    syrupShare: 0.3,
    stirs: 1,
    swollen: 0,
    softened: 0,
    setGPer100G: 4,
    airShare: 0.4,
    lagS: 9,
    steamRises: 1,
  },
  starchSwellsC: 70,
  softening: 1,
  browning: 1,
  dish: dishMaterials.get('glass')!,
  startC: 20,
  pastryC: null,
  chill: null,
  usual: { oneHeat: false, singleC: 190 },
  done: { tender: true, set: true, bubblesMin: null, coldestC: 82, coloured: false, baseDry: false },
  ...more,
});

/** A true still oven at sea level, for tests of the bake to change. */
export const aPlace: BakeSpec = {
  oven: { label: 'o', kind: 'still', offsetC: 0, warmUpMin: 20 },
  altitudeM: 0,
  colour: 'gold',
  startC: 20,
  stages: null,
};
