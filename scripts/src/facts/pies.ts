import type { Filling, FillingSpec, FruitPart, Ledger, Surroundings } from '@mardle/core';
import { builtInLarder, computeFilling, starterSpec } from '@mardle/core';

/** A single fruit as the facts of the trade use it. */
export const only = (fruit: string, part: Partial<FruitPart> = {}): FruitPart[] => [
  { fruit, share: 1, state: 'fresh', ripeness: 0, cut: 'usual', peeled: true, ...part },
];

export const filling = (part: Partial<FillingSpec>): FillingSpec => ({
  ...starterSpec.filling,
  butterG: 0,
  ...part,
});

/** Tops and dishes of the facts, as the ledger sees them. */
export const tops = {
  lid23: {
    topFactor: 0.07,
    topAreaCm2: 412,
    crustAreaCm2: 535,
    crumbAreaCm2: 0,
    crumbSugarG: 0,
    ovenC: 185,
    bubblingMin: 20,
    thickened: true,
    evaporatedG: null,
  },
  lid25: {
    topFactor: 0.07,
    topAreaCm2: 507,
    crustAreaCm2: 700,
    crumbAreaCm2: 0,
    crumbSugarG: 0,
    ovenC: 185,
    bubblingMin: 20,
    thickened: true,
    evaporatedG: null,
  },
  lattice23: {
    topFactor: 0.25,
    topAreaCm2: 412,
    crustAreaCm2: 535,
    crumbAreaCm2: 0,
    crumbSugarG: 0,
    ovenC: 190,
    bubblingMin: 25,
    thickened: true,
    evaporatedG: null,
  },
  lattice25: {
    topFactor: 0.25,
    topAreaCm2: 507,
    crustAreaCm2: 700,
    crumbAreaCm2: 0,
    crumbSugarG: 0,
    ovenC: 190,
    bubblingMin: 25,
    thickened: true,
    evaporatedG: null,
  },
  crumb23: {
    topFactor: 0.3,
    topAreaCm2: 412,
    crustAreaCm2: 535,
    crumbAreaCm2: 412,
    crumbSugarG: 70,
    ovenC: 180,
    bubblingMin: 25,
    thickened: true,
    evaporatedG: null,
  },
  crumbFull23: {
    topFactor: 0.3,
    topAreaCm2: 412,
    crustAreaCm2: 535,
    crumbAreaCm2: 412,
    crumbSugarG: 210,
    ovenC: 190,
    bubblingMin: 25,
    thickened: true,
    evaporatedG: null,
  },
  crisp2L: {
    topFactor: 0.3,
    topAreaCm2: 450,
    crustAreaCm2: 0,
    crumbAreaCm2: 412,
    crumbSugarG: 120,
    ovenC: 177,
    bubblingMin: 25,
    thickened: true,
    evaporatedG: null,
  },
  freeForm: {
    topFactor: 0.7,
    topAreaCm2: 380,
    crustAreaCm2: 450,
    crumbAreaCm2: 0,
    crumbSugarG: 0,
    ovenC: 190,
    bubblingMin: 20,
    thickened: true,
    evaporatedG: null,
  },
} as const satisfies Record<string, Surroundings>;

export const compute = (spec: FillingSpec, fruitG: number, around: Surroundings): Filling =>
  computeFilling(spec, fruitG, around, builtInLarder);

export type { Ledger };
