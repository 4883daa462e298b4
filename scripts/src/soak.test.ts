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
  draftPlan,
  eatenHow,
  formKinds,
  fruitStates,
  household,
  latticeAngles,
  ledgerSides,
  meshSizes,
  ovenKinds,
  preparationKinds,
  rackLevels,
  saucerResults,
  setNames,
  simulateBake,
  starterSpec,
  stripStyles,
  totalEnthalpyJ,
  VAPOUR_J_KG,
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
/** Left out as often as not. */
const orLeftOut = <T>(value: () => T): T | undefined => (next() < 0.5 ? undefined : value());
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
  cut: next() < 0.5 ? 'thin' : 'usual',
  peeled: next() < 0.5,
});

const anyForm = (): FormSpec => ({
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

function anyDish(): DishSpec {
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

function anyPie(): PieSpec {
  return {
    ...starterSpec,
    form: anyForm(),
    dish: anyDish(),
    filling: {
      fruits: several(6, fruitPart),
      fruitMassG: maybe(() => between(20, 20000)),
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
        massG: maybe(() => between(0, 10000)),
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

/** What a household measure holds, mL, read back from its words. */
function heldMl({ number, unit }: { readonly number: string; readonly unit: string }): number {
  const parts: Readonly<Record<string, number>> = {
    '⅛': 0.125,
    '¼': 0.25,
    '⅓': 1 / 3,
    '½': 0.5,
    '⅔': 2 / 3,
    '¾': 0.75,
  };
  const count = (text: string): number =>
    [...text].reduce((sum, sign) => sum + (parts[sign] ?? 0), Number(/^\d+/.exec(text)?.[0] ?? 0));
  const filled = number.startsWith('scant') ? 0.9 : number.startsWith('heaped') ? 1.12 : 1;
  return `${number.replace(/^(scant|heaped) /, '')} ${unit}`.split(' + ').reduce((sum, part) => {
    const [many = '', measure = ''] = part.split(' ');
    const oneMl = measure.startsWith('cup') ? 240 : measure === 'tbsp' ? 15 : measure === 'tsp' ? 5 : 0.3125;
    return sum + count(many) * oneMl * filled;
  }, 0);
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
  for (const { label, massG, bought, volumeMl, least } of slip.flatMap(({ lines }) => lines)) {
    if (!bought && !(massG > 0 && massG < 100_000)) return `${label}: ${massG} g`;
    const said = volumeMl === undefined ? null : household(volumeMl, least);
    if (volumeMl === undefined || !said || said.unit.startsWith('pinch')) continue;
    const off = Math.abs(heldMl(said) / volumeMl - 1);
    if (off > 0.0501)
      return `${label}: ${said.number} ${said.unit} is ${Math.round(100 * off)} % off ${volumeMl} mL`;
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

/**
 * Pies and ovens from a seed, baked: no crash, nothing that is not a number, no fruit hotter than its oven, and heat that
 * comes in is heat that is there or left as steam. Twenty thousand take half an hour; continuous integration bakes a
 * twentieth of them, `MARDLE_BAKES` any number.
 */
const BAKES = Number(process.env['MARDLE_BAKES'] ?? (process.env['CI'] ? 1000 : 300));
const DRIFT = 0.005;

/** What is wrong with a bake, or null; a pie that cannot be planned has its reason. */
function bakeFault(spec: PieSpec, stages: readonly Stage[]): string | null {
  const planned = draftPlan(spec);
  if (!planned.ok) return null;
  const { body, blind } = planned.plan.work;
  for (const each of blind ? [blind, body] : [body]) {
    let beforeJ = NaN;
    const { run, readings } = simulateBake(
      each,
      spec.bake,
      stages,
      meshSizes.coarse,
      undefined,
      ({ state }) => {
        if (state.timeS === 0) beforeJ = totalEnthalpyJ(state);
      },
    );
    const { state } = run;
    const gained = totalEnthalpyJ(state) - beforeJ;
    const drift = Math.abs(gained + state.vapourOutKg * VAPOUR_J_KG - state.heatInJ);
    const scale = Math.max(Math.abs(state.heatInJ), Math.abs(gained));
    if (!(drift <= DRIFT * scale)) return `the heat is off by ${drift / scale}`;
    for (const reading of readings) {
      for (const [name, value] of Object.entries(reading)) {
        if (typeof value === 'number' && !Number.isFinite(value))
          return `${name} is ${value} at ${reading.timeMin}`;
      }
      if (reading.hottestC > 380 || reading.coldestC < -40)
        return `${reading.coldestC} to ${reading.hottestC} C`;
      if (reading.lostG < 0 || reading.topBrowning < 0) return 'less than nothing was lost or browned';
    }
  }
  return null;
}

it(`${BAKES} pies from a seed are baked without losing heat or sense`, () => {
  for (let i = 0; i < BAKES; i++) {
    const spec = anyPie();
    const stages = [
      { tempC: between(120, 290), timeMin: Math.floor(between(0, 60)) },
      { tempC: between(120, 290), timeMin: Math.floor(between(5, 90)) },
    ];
    const found = bakeFault(spec, stages);
    if (found) throw new Error(`bake ${i}: ${found}\n${JSON.stringify({ spec, stages })}`);
  }
}, 2_400_000);
