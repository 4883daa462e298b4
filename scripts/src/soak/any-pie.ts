import type { DishSpec, FormSpec, FruitPart, PieSpec, Stage } from '@mardle/core';
import {
  baseSources,
  beneathKinds,
  builtInAdditions,
  builtInDoughs,
  builtInFruits,
  builtInLarder,
  builtInSugars,
  builtInThickeners,
  colourNames,
  cutOutShapes,
  dishCoats,
  dishShapes,
  doughSources,
  eatenHow,
  formKinds,
  fruitStates,
  latticeAngles,
  ovenKinds,
  preparationKinds,
  rackLevels,
  saucerResults,
  setNames,
  starterSpec,
  usualBuckle,
  usualCobbler,
  usualCrumb,
  stripStyles,
} from '@mardle/core';
import { random } from '../system/random.js';

/** What is drawn from a seed, one after another. */
export interface Draws {
  /** A number from 0 to 1. */
  readonly next: () => number;
  readonly between: (low: number, high: number) => number;
  readonly oneOf: <T>(values: readonly T[]) => T;
  /** Left out as often as not. */
  readonly orLeftOut: <T>(value: () => T) => T | undefined;
  readonly orNull: <T>(make: () => T) => T | null;
  readonly several: <T>(most: number, make: () => T) => T[];
}

/** Draws that are the same for a seed on every machine. */
export function drawsFrom(seed: number): Draws {
  const next = random(seed);
  return {
    next,
    between: (low, high) => low + (high - low) * next(),
    oneOf: <T>(values: readonly T[]): T => values[Math.floor(next() * values.length)] as T,
    orLeftOut: (value) => (next() < 0.5 ? undefined : value()),
    orNull: (make) => (next() < 0.5 ? null : make()),
    several: (most, make) => Array.from({ length: 1 + Math.floor(next() * most) }, make),
  };
}

const fruitIds = [...builtInFruits.keys()];
const thickenerIds = [...builtInThickeners.keys()];

const fruitPart = ({ between, next, oneOf }: Draws): FruitPart => ({
  fruit: oneOf(fruitIds),
  share: between(0.01, 20),
  state: oneOf(fruitStates),
  ripeness: between(-2, 2),
  cut: next() < 0.5 ? 'thin' : 'usual',
  peeled: next() < 0.5,
});

const anyForm = ({ between, next, oneOf }: Draws): FormSpec => ({
  kind: oneOf(formKinds),
  vents: Math.floor(between(0, 41)),
  ventLengthCm: between(0, 12),
  lattice: {
    strips: Math.floor(between(2, 16)),
    widthCm: between(0.5, 6),
    angleDeg: oneOf(latticeAngles),
    style: oneOf(stripStyles),
    ...(next() < 0.3 ? { secondWidthCm: between(0.5, 6) } : {}),
  },
  crumb: { school: oneOf([...builtInLarder.crumbs.keys()]), cover: between(0.3, 3), lumpCm: between(0.2, 3) },
  cutOut: { shape: oneOf(cutOutShapes), sizeCm: between(2, 15) },
  freeForm: { discCm: between(14, 60), borderCm: between(1, 10) },
  shell: { weightsMin: between(0, 60) },
  cobbler: { cover: between(0.3, 1) },
  handPie: { discCm: between(8, 25), count: Math.floor(between(1, 61)) },
});

function anyDish({ between, oneOf }: Draws): DishSpec {
  const topCm = between(6, 60);
  return {
    label: 'any',
    shape: oneOf(dishShapes),
    topCm,
    widthCm: Math.max(4, topCm * between(0.3, 1)),
    baseCm: Math.max(4, topCm * between(0.4, 1.02)),
    depthCm: between(1, 15),
    material: oneOf([...builtInLarder.materials.keys()]),
  };
}

/** Any amounts of some things, g; flour of doughs and batters at least 20. */
const amountsOf = <const Names extends readonly string[]>(
  { between, next }: Draws,
  names: Names,
  leastFlourG: number,
) =>
  Object.fromEntries(
    names.map((name) => [
      name,
      name === 'flourG' ? between(leastFlourG, 1500) : next() < 0.3 ? 0 : between(0, 600),
    ]),
  ) as Readonly<Record<Names[number], number>>;

/** The same pie, some of its mixtures by amounts. */
function withAmounts(pie: PieSpec, draws: Draws): PieSpec {
  const { orLeftOut } = draws;
  const crumb = { ...usualCrumb, ...pie.form.crumb };
  const topping = ['flourG', 'butterG', 'sugarG', 'milkG', 'eggG', 'leavenG', 'saltG', 'spiceG'] as const;
  return {
    ...pie,
    pastry: {
      ...pie.pastry,
      amounts: orLeftOut(() =>
        amountsOf(draws, ['flourG', 'butterG', 'waterG', 'saltG', 'sugarG', 'otherG'], 20),
      ),
    },
    form: {
      ...pie.form,
      crumb: {
        ...crumb,
        amounts: orLeftOut(() =>
          amountsOf(draws, ['flourG', 'butterG', 'sugarG', 'oatsG', 'nutsG', 'saltG', 'spiceG'], 0),
        ),
      },
      cobbler: {
        ...usualCobbler,
        ...pie.form.cobbler,
        amounts: orLeftOut(() => amountsOf(draws, topping, 20)),
      },
      buckle: { ...usualBuckle, ...pie.form.buckle, amounts: orLeftOut(() => amountsOf(draws, topping, 20)) },
    },
  };
}

/** A pie with every field anywhere within its limits, and a little past some. */
export const anyPie = (draws: Draws): PieSpec => withAmounts(anyFields(draws), draws);

function anyFields(draws: Draws): PieSpec {
  const { between, next, oneOf, orLeftOut, orNull, several } = draws;
  return {
    ...starterSpec,
    form: anyForm(draws),
    dish: anyDish(draws),
    filling: {
      fruits: several(6, () => fruitPart(draws)),
      fruitMassG: orNull(() => between(20, 20000)),
      preparation: {
        kind: oneOf(preparationKinds),
        minutes: between(1, 600),
        boilToBrix: between(10, 70),
        liquidG: between(0, 5000),
        cookedShare: between(0, 1),
      },
      sugar: {
        sugar: oneOf([...builtInSugars.keys()]),
        style: between(0, 0.6),
        massG: orNull(() => between(0, 10000)),
        second: orLeftOut(() => ({
          sugar: oneOf([...builtInSugars.keys()]),
          share: between(0.01, 0.99),
        })),
      },
      heapCm: orLeftOut(() => between(0, 15)),
      additions: orLeftOut(() =>
        several(6, () => ({ addition: oneOf([...builtInAdditions.keys()]), massG: between(0, 800) })),
      ),
      set: oneOf(setNames),
      eaten: orLeftOut(() => oneOf(eatenHow)),
      thickeners: several(4, () => ({ thickener: oneOf(thickenerIds), share: between(0.01, 5) })),
      thickenerMassG: orNull(() => between(0, 2000)),
      lemonJuiceG: between(0, 1000),
      lemonZestG: between(0, 100),
      bicarbonateG: between(0, 20),
      butterG: between(0, 1000),
      seasonings: [],
      weepTest: orNull(() => ({ drainedG: between(0, 100) })),
      saucerTest: orNull(() => ({ result: oneOf(saucerResults) })),
    },
    pastry: {
      dough: oneOf([...builtInDoughs.keys()]),
      thicknessMm: between(1.5, 10),
      wash: oneOf([...builtInLarder.washes.keys()]),
      coarseSugar: next() < 0.5,
      base: oneOf(baseSources),
      doughFrom: oneOf(doughSources),
      boughtDiscCm: orLeftOut(() => between(10, 60)),
      dishCoat: oneOf(dishCoats),
      batch: Math.floor(between(1, 61)),
    },
    bake: {
      ...starterSpec.bake,
      oven: {
        ...starterSpec.bake.oven,
        kind: oneOf(ovenKinds),
        offsetC: between(-60, 60),
        warmUpMin: between(1, 120),
      },
      colour: oneOf(colourNames),
      startC: between(-30, 45),
      altitudeM: between(-400, 5000),
      beneath: oneOf(beneathKinds),
      rack: oneOf(rackLevels),
    },
  };
}

/** Two stages, the first as short as nothing. */
export const anyStages = ({ between }: Draws): Stage[] => [
  { tempC: between(120, 290), timeMin: Math.floor(between(0, 60)) },
  { tempC: between(120, 290), timeMin: Math.floor(between(5, 90)) },
];
