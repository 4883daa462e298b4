import type { FruitPart, PieSpec } from '@mardle/core';
import {
  builtInDoughs,
  builtInFruits,
  builtInSugars,
  builtInThickeners,
  crumbs,
  formKinds,
  latticeAngles,
  dishMaterials,
  draftPlan,
  fruitStates,
  ledgerSides,
  preparationKinds,
  saucerResults,
  setNames,
  starterSpec,
  washes,
} from '@mardle/core';

/**
 * Pies from a seed: none may crash, hang, or give a senseless figure; what is impossible must say why. A hundred thousand
 * take three minutes; outside continuous integration the first tenth is run.
 */
const PIES = process.env['CI'] ? 100_000 : 10_000;
const SEED = 20261125;

/** Park & Miller's generator: repeatable on every machine. */
function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

const next = random(SEED);
const between = (low: number, high: number): number => low + (high - low) * next();
const oneOf = <T>(values: readonly T[]): T => values[Math.floor(next() * values.length)] as T;
const maybe = <T>(make: () => T): T | null => (next() < 0.5 ? null : make());
const several = <T>(most: number, make: () => T): T[] =>
  Array.from({ length: 1 + Math.floor(next() * most) }, make);

const fruitIds = [...builtInFruits.keys()];
const thickenerIds = [...builtInThickeners.keys()];

const fruitPart = (): FruitPart => ({
  fruit: oneOf(fruitIds),
  share: between(0.01, 20),
  state: oneOf(fruitStates),
  ripeness: between(-2, 2),
  cutSmall: next() < 0.5,
  peeled: next() < 0.5,
});

function anyPie(): PieSpec {
  const topCm = between(6, 60);
  return {
    ...starterSpec,
    form: {
      kind: oneOf(formKinds),
      vents: Math.floor(between(0, 41)),
      ventLengthCm: between(0, 12),
      lattice: {
        strips: Math.floor(between(2, 16)),
        widthCm: between(0.5, 6),
        angleDeg: oneOf(latticeAngles),
      },
      crumb: { school: oneOf([...crumbs.keys()]), cover: between(0.3, 3) },
    },
    dish: {
      label: 'any',
      topCm,
      baseCm: Math.max(4, topCm * between(0.4, 1.02)),
      depthCm: between(1, 15),
      material: oneOf([...dishMaterials.keys()]),
    },
    filling: {
      fruits: several(6, fruitPart),
      fruitMassG: maybe(() => between(20, 20000)),
      preparation: {
        kind: oneOf(preparationKinds),
        minutes: between(1, 600),
        boilToBrix: between(10, 70),
        liquidG: between(0, 5000),
        cookedShare: between(0, 0.9),
      },
      sugar: {
        sugar: oneOf([...builtInSugars.keys()]),
        style: between(0, 0.6),
        massG: maybe(() => between(0, 10000)),
      },
      set: oneOf(setNames),
      thickeners: several(4, () => ({ thickener: oneOf(thickenerIds), share: between(0.01, 5) })),
      thickenerMassG: maybe(() => between(0, 2000)),
      lemonJuiceG: between(0, 1000),
      lemonZestG: between(0, 100),
      bicarbonateG: between(0, 20),
      butterG: between(0, 1000),
      seasonings: [],
      weepTest: maybe(() => ({ drainedG: between(0, 100) })),
      saucerTest: maybe(() => ({ result: oneOf(saucerResults) })),
    },
    pastry: {
      dough: oneOf([...builtInDoughs.keys()]),
      thicknessMm: between(1.5, 10),
      wash: oneOf([...washes.keys()]),
      coarseSugar: next() < 0.5,
    },
  };
}

/** What is wrong with a planned pie, or null. */
function fault(spec: PieSpec): string | null {
  const planned = draftPlan(spec);
  if (!planned.ok)
    return planned.problems.every(({ message, remedy }) => message && remedy)
      ? null
      : 'a problem without a reason';
  const { figures, filling, slip } = planned.plan;
  for (const { id, value, low, high } of Object.values(figures)) {
    if (!Number.isFinite(value) || !Number.isFinite(low) || !Number.isFinite(high))
      return `${id} is ${value} (${low} to ${high})`;
    if (value < 0) return `${id} is ${value}`;
  }
  const { inG, outG } = ledgerSides(filling.ledger);
  if (Math.abs(inG - outG) > 0.1) return `the ledger is off by ${inG - outG} g`;
  for (const { label, massG } of slip.flatMap(({ lines }) => lines)) {
    if (!(massG > 0 && massG < 100_000)) return `${label}: ${massG} g`;
  }
  return null;
}

it(`${PIES} pies from a seed are planned or refused with a reason`, () => {
  for (let i = 0; i < PIES; i++) {
    const spec = anyPie();
    const found = fault(spec);
    if (found) throw new Error(`pie ${i}: ${found}\n${JSON.stringify(spec)}`);
  }
}, 900_000);
