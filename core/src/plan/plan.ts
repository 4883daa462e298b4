import type { Bake, OvenWork } from '../bake/index.js';
import { bakeWork } from '../bake/index.js';
import type { Build } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import { computeFilling, fillingFigures, fruitToFillG } from '../filling/index.js';
import type { Advice, BuiltContext, PlanContext, SlipGroup } from '../forms/index.js';
import { buildFigures, buildPie, formOf } from '../forms/index.js';
import type { Larder } from '../larder/index.js';
import { builtInLarder } from '../larder/index.js';
import type { FieldProblem, PieSpec } from '../spec/index.js';
import { usualShell } from '../spec/index.js';
import type { Figure } from '../units/index.js';
import { showText } from '../units/index.js';
import { allergensOf } from './advice/care.js';
import { makeAdvice } from './advice/index.js';
import { bakeFigures } from './bake-figures.js';
import { larderOf, readSpec } from './check.js';
import type { ClockStep } from './clock.js';
import { makeClock } from './clock.js';
import { blindShell, pieBody } from './pie-body.js';
import { makeSlip } from './slip.js';
import { surroundings } from './surroundings.js';

const PLAN_FORMAT = 'mardle-plan';
const CORE_VERSION = '0.1.0';

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

type Planned =
  | { readonly ok: true; readonly plan: PiePlan }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

function assemble(context: BuiltContext, work: OvenWork, bake: Bake | null): PiePlan {
  const { spec, larder, filling, build } = context;
  const baked = { ...context, bake };
  const figures = [
    ...fillingFigures(spec.filling, filling, larder),
    ...buildFigures(context, build),
    ...(bake ? bakeFigures(spec, bake) : []),
  ];
  return {
    format: PLAN_FORMAT,
    coreVersion: CORE_VERSION,
    spec,
    figures: Object.fromEntries(figures.map((figure) => [figure.id, figure])),
    slip: makeSlip(context),
    clock: makeClock(baked),
    advice: makeAdvice(baked),
    allergens: allergensOf(context),
    filling,
    build,
    work,
    bake,
  };
}

/** A heap higher than half a ball over the dish is no pie. */
function checkHeap({ form, filling, build }: BuiltContext): FieldProblem | null {
  const { measures, dish, count } = build.vessel;
  const { netMl } = measures;
  const mostMl = netMl + (count * Math.PI * (measures.topAreaCm2 / count) ** 1.5) / 5;
  if (filling.heapMl <= mostMl) return null;
  const holdsG = (filling.batch.massG * netMl) / filling.cookedMl;
  const flat = form.filled !== 'dish';
  return {
    field: 'filling.fruitMassG',
    message: `${showText(filling.batch.massG, 'g')} of fruit cannot be heaped ${flat ? 'on this pastry' : `in ${dish.label}`}.`,
    remedy: `It takes about ${showText(holdsG, 'g')}; use a larger ${flat ? 'disc' : 'dish'} for the rest, or leave the mass empty to fill this one.`,
  };
}

/** More dough than this is no longer mixed at a bench. Estimate. */
const MOST_DOUGH_G = 60_000;

function checkBatch({ spec, build }: BuiltContext): FieldProblem | null {
  const massG = build.dough.massG * (spec.pastry.batch ?? 1);
  if (massG <= MOST_DOUGH_G) return null;
  return {
    field: 'pastry.batch',
    message: `${showText(massG, 'g')} of dough is more than a bench can mix at once.`,
    remedy: 'Mix it for fewer pies at a time, or roll it thinner.',
  };
}

/**
 * What the sums of a spec stand on: its form, and the larder with its own fruits laid over it.
 * @example surroundings(planContext(spec))
 */
export const planContext = (spec: PieSpec, larder: Larder = builtInLarder): PlanContext => ({
  spec,
  larder: larderOf(spec, larder),
  form: formOf(spec.form.kind),
});

/** Filling and build of a spec that was checked; what the bake evaporates is told once it is known. */
function workOut(context: PlanContext, evaporatedG: number | null = null): BuiltContext {
  const { spec, larder, form } = context;
  const { measures, fruitG } = form.vessel(spec.form, spec.dish);
  // The fruit that fills the dish is weighed before anything has evaporated.
  const fruitMassG =
    spec.filling.fruitMassG ??
    fruitG ??
    fruitToFillG(spec.filling, measures.netMl, surroundings(context), larder);
  const filling = computeFilling(spec.filling, fruitMassG, surroundings(context, evaporatedG), larder);
  const { heapMl, cookedMl } = filling;
  return { ...context, filling, build: buildPie(context, { heapMl, cookedMl, fruitG: fruitMassG }) };
}

/**
 * Plans a pie without baking it: a few milliseconds, for every turn of a dial.
 * @param chosen a pie of any version; an older one is brought forward
 * @param larder what the sums draw on, replaceable row by row
 * @returns the plan with `bake: null`, or what is wrong with the spec
 * @example const planned = draftPlan(starterSpec); if (planned.ok) planned.plan.filling.thickenerG // g
 */
export function draftPlan(chosen: PieSpec, larder: Larder = builtInLarder): Planned {
  const read = readSpec(chosen, larder);
  if (!read.ok) return read;
  const { spec } = read;
  const context = workOut(planContext(spec, larder));
  const tooMuch = checkHeap(context) ?? checkBatch(context);
  if (tooMuch) return { ok: false, problems: [tooMuch] };
  const body = pieBody(context);
  const work = {
    body,
    blind: blindShell(spec, body),
    weightsMin: (spec.form.shell ?? usualShell).weightsMin,
    turnedOutMin: context.form.turnedOutMin,
  };
  return { ok: true, plan: assemble(context, work, null) };
}

/**
 * The draft with its bake in it. What the bake evaporates goes into the ledger, and with it into the thickener; since a few
 * grams of starch change nothing in the oven, ledger and bake then agree.
 */
export function withBake(draft: PiePlan, bake: Bake, larder: Larder = builtInLarder): PiePlan {
  const baked = draft.work.body.filling !== null;
  const evaporatedG = baked ? bake.atEnd.fillingLostG * draft.build.vessel.count : null;
  return assemble(workOut(planContext(draft.spec, larder), evaporatedG), draft.work, bake);
}

/**
 * One spec in, one whole plan out: amounts, ledger, pastry, bake, cooling, each figure with its story. Deterministic; about
 * half a second, most of it the search for the two stages. A spec that cannot be planned comes back with its problems.
 * @example const planned = planPie(starterSpec); if (planned.ok) planned.plan.bake?.stages // C and min
 */
export function planPie(spec: PieSpec, larder: Larder = builtInLarder): Planned {
  const drafted = draftPlan(spec, larder);
  if (!drafted.ok) return drafted;
  const bake = bakeWork(drafted.plan.work, drafted.plan.spec.bake);
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
