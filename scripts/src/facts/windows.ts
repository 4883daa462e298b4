import type { FormKind, PieBody, PieSpec, Stage } from '@mardle/core';
import {
  bakeSteps,
  changeForm,
  draftPlan,
  filledMin,
  finishNow,
  meshSizes,
  simulateBake,
  starterSpec,
  windowSpreads,
} from '@mardle/core';
import type { Fact } from './fact.js';
import { random } from '../system/random.js';
import { fact } from './fact.js';

/** A normal deviate by the sum of twelve. */
const normal = (next: () => number): number =>
  Array.from({ length: 12 }, next).reduce((sum, value) => sum + value, 0) - 6;

const kinds: readonly FormKind[] = ['double_crust', 'lattice', 'cut_out', 'crumb_top', 'crisp', 'pandowdy'];
const fruits = [
  'apple_firm_tart',
  'apple_soft',
  'damson',
  'blueberry',
  'rhubarb',
  'sour_cherry',
  'pear_firm',
];
const dishes = ['enamelled_steel', 'glass', 'stoneware', 'aluminium'];

const stages: readonly [Stage, Stage] = [
  { tempC: 205, timeMin: 20 },
  { tempC: 180, timeMin: 100 },
];

function anyPie(next: () => number): PieSpec {
  const oneOf = <T>(values: readonly T[]): T => values[Math.floor(next() * values.length)] as T;
  const { spec } = changeForm(starterSpec, oneOf(kinds));
  return {
    ...spec,
    dish: { ...spec.dish, material: oneOf(dishes) },
    filling: {
      ...spec.filling,
      fruits: spec.filling.fruits.slice(0, 1).map((part) => ({
        ...part,
        fruit: oneOf(fruits),
        cut: oneOf(['thin', 'usual', 'chunks']),
      })),
    },
    bake: { ...spec.bake, startC: 4 + 16 * next() },
  };
}

/**
 * What nobody knows of a pie and its oven, as deviations: the oven's true heat 5 C, what the dish takes up 10 %, softening 15 %,
 * mass 5 %, free juice 15 %, piece and air 20 %, browning 12 %. Estimates of ours, about nine tenths within the spreads of
 * practice (oven 10 C, fruit a quarter).
 */
function asItIs(body: PieBody, next: () => number): { readonly body: PieBody; readonly offsetC: number } {
  const times = (deviation: number): number => Math.exp(deviation * normal(next));
  const { filling } = body;
  return {
    offsetC: 5 * normal(next),
    body: {
      ...body,
      dish: { ...body.dish, emissivity: Math.min(0.95, body.dish.emissivity * times(0.1)) },
      softening: body.softening * times(0.15),
      browning: body.browning * times(0.12),
      edgeM: body.edgeM * times(0.03),
      filling: filling && {
        ...filling,
        massKg: filling.massKg * times(0.05),
        freeShare: Math.min(0.9, filling.freeShare * times(0.15)),
        airShare: Math.min(0.6, filling.airShare * times(0.2)),
        lagS: filling.lagS * times(0.2),
      },
    },
  };
}

interface Counts {
  inside: number;
  all: number;
}

/** Share of so many seeded pies whose moments fall in the windows that are shown for them. */
export function windowsHeld(
  pies: number,
  seed = 23,
): Readonly<Record<'golden' | 'done' | 'bubbling', number>> {
  const next = random(seed);
  const counts = {
    golden: { inside: 0, all: 0 },
    done: { inside: 0, all: 0 },
    bubbling: { inside: 0, all: 0 },
  };
  for (let i = 0; i < pies; i++) {
    const spec = anyPie(next);
    const drafted = draftPlan(spec);
    if (!drafted.ok) continue;
    const { body } = drafted.plan.work;
    const shown = simulateBake(body, spec.bake, stages, meshSizes.coarse).events;
    const truth = asItIs(body, next);
    const oven = { ...spec.bake.oven, offsetC: truth.offsetC };
    const was = simulateBake(truth.body, { ...spec.bake, oven }, stages, meshSizes.coarse).events;
    const meet = (at: Counts, predicted: number | null, true_: number | null, spread: number): void => {
      if (predicted === null || true_ === null) return;
      at.all++;
      if (Math.abs(true_ / predicted - 1) <= spread) at.inside++;
    };
    meet(counts.golden, shown.goldenMin, was.goldenMin, windowSpreads.golden);
    meet(counts.done, filledMin(shown, body.done), filledMin(was, body.done), windowSpreads.done);
    meet(counts.bubbling, shown.edgeBubblingMin, was.edgeBubblingMin, windowSpreads.bubbling);
  }
  const share = ({ inside, all }: Counts): number => inside / Math.max(1, all);
  return { golden: share(counts.golden), done: share(counts.done), bubbling: share(counts.bubbling) };
}

/** Between golden and too dark. */
const GOOD_TOP = [0.95, 4] as const;

/**
 * Share of so many seeded pies that come out good when they are baked by Mardle's own schedule, to the minute, by somebody who
 * never looks: filled as their form asks, the top between golden and too dark.
 */
export function schedulesHeld(pies: number, seed = 31): number {
  const next = random(seed);
  let good = 0;
  let all = 0;
  for (let i = 0; i < pies; i++) {
    const spec = anyPie(next);
    const drafted = draftPlan(spec);
    const truth = drafted.ok ? asItIs(drafted.plan.work.body, next) : null;
    const bake = drafted.ok ? finishNow(bakeSteps(drafted.plan.work, spec.bake, meshSizes.coarse)) : null;
    if (!bake || !truth) continue;
    all++;
    const place = { ...spec.bake, oven: { ...spec.bake.oven, offsetC: truth.offsetC } };
    const was = simulateBake(truth.body, place, bake.stages, meshSizes.coarse, bake.interventions);
    const filled = filledMin(was.events, truth.body.done);
    const top = was.readings.at(-1)?.topBrowning ?? 0;
    if (filled !== null && filled <= bake.outMin && top >= GOOD_TOP[0] && top < GOOD_TOP[1]) good++;
  }
  return good / Math.max(1, all);
}

const PIES = 120;
const SCHEDULES = 60;

/** The windows shown hold the truth about nine times in ten, no less and not for being wide. */
export function windowFacts(): Fact[] {
  const held = windowsHeld(PIES);
  const windows = (['golden', 'done', 'bubbling'] as const).map((what) =>
    fact({
      id: `Q.${what}`,
      figure: `${PIES} seeded pies, what is unknown varied: share whose ${what} falls in its window`,
      unit: 'share',
      predicted: held[what],
      low: 0.85,
      high: 0.95,
      source: 'nine times in ten is what a band promises',
    }),
  );
  return [
    ...windows,
    fact({
      id: 'Q.schedule',
      figure: `${SCHEDULES} seeded pies baked by Mardle's own schedule to the minute, what is unknown varied: share that comes out good`,
      unit: 'share',
      predicted: schedulesHeld(SCHEDULES),
      low: 0.8,
      high: 1,
      source: 'four times in five is what we promise',
    }),
  ];
}
