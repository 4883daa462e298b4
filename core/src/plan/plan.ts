import type { Build } from '../build/index.js';
import { buildFigures, buildPie, formTraits, usualShell, vesselOf } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import { computeFilling, fillingFigures, fruitToFillG } from '../filling/index.js';
import type { Larder } from '../larder/index.js';
import { builtInLarder, withOwnFruits } from '../larder/index.js';
import type { Figure } from '../units/index.js';
import { showText } from '../units/index.js';
import type { Advice } from './advice/index.js';
import { allergensOf, makeAdvice } from './advice/index.js';
import type { Bake, OvenWork } from './bake.js';
import { bakeWork } from './bake.js';
import { bakeFigures } from './bake-figures.js';
import { blindShell, pieBody, turnedOutMin } from './body.js';
import { checkSpec } from './check.js';
import type { Problem } from './problem.js';
import { surroundings } from './surroundings.js';
import type { ClockStep } from './clock.js';
import { makeClock } from './clock.js';
import type { SlipGroup } from './slip.js';
import { makeSlip } from './slip.js';
import type { PieSpec } from './spec.js';

export const PLAN_FORMAT = 'mardle-plan';
export const CORE_VERSION = '0.1.0';

/** Everything computed about a pie. Plain data; never stored as truth, always computed again. */
export interface PiePlan {
  readonly format: typeof PLAN_FORMAT;
  readonly coreVersion: string;
  readonly spec: PieSpec;
  /** Every computed figure by its id, with band and story. */
  readonly figures: Readonly<Record<string, Figure>>;
  readonly slip: readonly SlipGroup[];
  readonly clock: readonly ClockStep[];
  readonly advice: readonly Advice[];
  readonly allergens: readonly string[];
  readonly filling: Filling;
  readonly build: Build;
  /** What the oven has to do. */
  readonly work: OvenWork;
  /** Null until the bake has been simulated. */
  readonly bake: Bake | null;
}

export type Planned =
  | { readonly ok: true; readonly plan: PiePlan }
  | { readonly ok: false; readonly problems: readonly Problem[] };

function assemble(
  spec: PieSpec,
  filling: Filling,
  build: Build,
  work: OvenWork,
  bake: Bake | null,
  larder: Larder,
): PiePlan {
  const figures = [
    ...fillingFigures(spec.filling, filling, larder),
    ...buildFigures(spec.form, spec.dish, spec.pastry, build),
    ...(bake ? bakeFigures(spec, bake) : []),
  ];
  return {
    format: PLAN_FORMAT,
    coreVersion: CORE_VERSION,
    spec,
    figures: Object.fromEntries(figures.map((figure) => [figure.id, figure])),
    slip: makeSlip(spec, filling, build, larder),
    clock: makeClock(spec, filling, build, bake, larder),
    advice: makeAdvice(spec, filling, build, bake, larder),
    allergens: allergensOf(spec, filling, build, larder),
    filling,
    build,
    work,
    bake,
  };
}

/** A heap higher than half a ball over the dish is no pie. */
function checkHeap(spec: PieSpec, filling: Filling): Problem | null {
  const { measures, dish, count } = vesselOf(spec.form, spec.dish);
  const { netMl } = measures;
  const mostMl = netMl + (count * Math.PI * (measures.topAreaCm2 / count) ** 1.5) / 5;
  if (filling.heapMl <= mostMl) return null;
  const holdsG = (filling.batch.massG * netMl) / filling.cookedMl;
  const flat = formTraits(spec.form.kind).filled !== 'dish';
  return {
    field: 'filling.fruitMassG',
    message: `${showText(filling.batch.massG, 'g')} of fruit cannot be heaped ${flat ? 'on this pastry' : `in ${dish.label}`}.`,
    remedy: `It takes about ${showText(holdsG, 'g')}; use a larger ${flat ? 'disc' : 'dish'} for the rest, or leave the mass empty to fill this one.`,
  };
}

/** More dough than this is no longer mixed at a bench. Estimate. */
const MOST_DOUGH_G = 60_000;

function checkBatch({ pastry }: PieSpec, { dough }: Build): Problem | null {
  const massG = dough.massG * (pastry.batch ?? 1);
  if (massG <= MOST_DOUGH_G) return null;
  return {
    field: 'pastry.batch',
    message: `${showText(massG, 'g')} of dough is more than a bench can mix at once.`,
    remedy: 'Mix it for fewer pies at a time, or roll it thinner.',
  };
}

/** Filling and build of a spec that was checked; what the bake evaporates is told once it is known. */
function workOut(
  spec: PieSpec,
  larder: Larder,
  evaporatedG: number | null = null,
): { readonly filling: Filling; readonly build: Build } {
  const around = surroundings(spec, evaporatedG);
  const { measures, fruitG } = vesselOf(spec.form, spec.dish);
  // The fruit that fills the dish is weighed before anything has evaporated.
  const fruitMassG =
    spec.filling.fruitMassG ??
    fruitG ??
    fruitToFillG(spec.filling, measures.netMl, surroundings(spec), larder);
  const filling = computeFilling(spec.filling, fruitMassG, around, larder);
  const { heapMl, cookedMl } = filling;
  return {
    filling,
    build: buildPie(spec.form, spec.dish, spec.pastry, { heapMl, cookedMl, fruitG: fruitMassG }, larder),
  };
}

/** Plans a pie without baking it: a few milliseconds, for every turn of a dial. */
export function draftPlan(spec: PieSpec, builtIn: Larder = builtInLarder): Planned {
  const larder = withOwnFruits(builtIn, spec.ownFruits);
  const problems = checkSpec(spec, larder);
  if (problems.length > 0) return { ok: false, problems };
  const { filling, build } = workOut(spec, larder);
  const tooMuch = checkHeap(spec, filling) ?? checkBatch(spec, build);
  if (tooMuch) return { ok: false, problems: [tooMuch] };
  const body = pieBody(spec, filling, build, larder);
  const work = {
    body,
    blind: blindShell(spec, body),
    weightsMin: (spec.form.shell ?? usualShell).weightsMin,
    turnedOutMin: turnedOutMin(spec),
  };
  return { ok: true, plan: assemble(spec, filling, build, work, null, larder) };
}

/**
 * The draft with its bake in it. What the bake evaporates goes into the ledger, and with it into the thickener; since a few
 * grams of starch change nothing in the oven, ledger and bake then agree.
 */
export function withBake(draft: PiePlan, bake: Bake, builtIn: Larder = builtInLarder): PiePlan {
  const larder = withOwnFruits(builtIn, draft.spec.ownFruits);
  const baked = draft.work.body.filling !== null;
  const evaporatedG = baked ? bake.atEnd.fillingLostG * draft.build.vessel.count : null;
  const { filling, build } = workOut(draft.spec, larder, evaporatedG);
  return assemble(draft.spec, filling, build, draft.work, bake, larder);
}

/**
 * One spec in, one whole plan out: amounts, ledger, pastry, bake, cooling, each figure with its story. Deterministic; about
 * a second, most of it the search for the two stages. A spec that cannot be planned comes back with its problems.
 */
export function planPie(spec: PieSpec, larder: Larder = builtInLarder): Planned {
  const drafted = draftPlan(spec, larder);
  if (!drafted.ok) return drafted;
  const bake = bakeWork(drafted.plan.work, spec.bake);
  if (!bake) {
    return {
      ok: false,
      problems: [
        {
          field: 'bake',
          message: 'No setting of this oven gets the filling done within two and a half hours.',
          remedy: 'Take a smaller or shallower dish, start from warmer, or cook the filling first.',
        },
      ],
    };
  }
  return { ok: true, plan: withBake(drafted.plan, bake, larder) };
}
