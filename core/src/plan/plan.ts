import type { Bake, OvenWork } from '../bake/index.js';
import { bakeWork } from '../bake/index.js';
import type { Build } from '../geometry/index.js';
import { capMl, equalDiscCm, topOutline } from '../geometry/index.js';
import type { Filling, Surroundings } from '../filling/index.js';
import { computeFilling, fillingFigures, fruitToFillG, fruitToHeapG } from '../filling/index.js';
import type { Advice, BuiltContext, PlanContext, SlipGroup } from '../forms/index.js';
import { buildFigures, buildPie, formOf } from '../forms/index.js';
import type { Larder } from '../larder/index.js';
import { builtInLarder } from '../larder/index.js';
import type { FieldProblem, PieSpec } from '../schema/index.js';
import { usualShell } from '../schema/index.js';
import type { Figure } from '../units/index.js';
import { showText } from '../units/index.js';
import { allergensOf, makeAdvice } from './advice/index.js';
import { bakeFigures } from './bake-figures.js';
import { servingFigures, servingRule, makeClock, startFigure } from './timeline/index.js';
import { larderFor, readSpec } from './check.js';
import type { ClockStep } from './timeline/index.js';
import { blindShell, pieBody } from './pie-body.js';
import { makeSlip } from './slip/index.js';
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
  /** How it is eaten, in words, and what comes when it has cooled for that. */
  readonly eaten: { readonly label: string; readonly then: string };
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
  const eaten = servingRule(context);
  const figures = [
    ...fillingFigures(spec.filling, filling, larder),
    ...buildFigures(context, build),
    ...(bake
      ? [...bakeFigures(spec, bake), startFigure(context, work.body.startC), ...servingFigures(baked)]
      : []),
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
    eaten: { label: eaten.label, then: eaten.then },
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
 * @param spec a checked pie
 * @param larder to lay its own fruits over
 * @returns what every later stage takes
 */
export const planContext = (spec: PieSpec, larder: Larder = builtInLarder): PlanContext => ({
  spec,
  larder: larderFor(spec, larder),
  form: formOf(spec.form.kind),
});

/** Fruit in g that is heaped as high as the baker wants it; null when that is left to the dish. */
function heapedOnPurposeG({ spec, larder, form }: PlanContext, around: Surroundings): number | null {
  const { heapCm } = spec.filling;
  if (heapCm === undefined || form.filled !== 'dish') return null;
  const { measures, dish } = form.vessel(spec.form, spec.dish);
  const heapMl = measures.netMl + capMl(heapCm, equalDiscCm(topOutline(dish)));
  return fruitToHeapG(spec.filling, heapMl, around, larder);
}

/** Filling and build of a spec that was checked; what the bake evaporates is told once it is known. */
function workOut(context: PlanContext, evaporatedG: number | null = null): BuiltContext {
  const { spec, larder, form } = context;
  const { measures, fruitG } = form.vessel(spec.form, spec.dish);
  // The fruit that fills the dish is weighed before anything has evaporated.
  const around = surroundings(context);
  const fillsG = (): number => fruitG ?? fruitToFillG(spec.filling, measures.netMl, around, larder);
  const heapedG = heapedOnPurposeG(context, around);
  const fruitMassG = Math.min(spec.filling.fruitMassG ?? heapedG ?? fillsG(), heapedG ?? Infinity);
  const filling = computeFilling(spec.filling, fruitMassG, surroundings(context, evaporatedG), larder);
  const { heapMl, cookedMl } = filling;
  return { ...context, filling, build: buildPie(context, { heapMl, cookedMl, fruitG: fruitMassG }) };
}

/**
 * Plans a pie without baking it: a few milliseconds, for every turn of a dial.
 * @param chosen a pie of any version; an older one is brought forward
 * @param larder what the sums draw on, replaceable row by row
 * @returns the plan with `bake: null`, or what is wrong with the spec
 * @example draftPlan(starterSpec).ok // true
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
 * @param draft of `draftPlan`
 * @param bake of `bakeWork(draft.work, draft.spec.bake)`
 * @param larder as for the draft
 * @returns the whole plan
 * @example withBake(draft, bake).bake?.outMin
 */
export function withBake(draft: PiePlan, bake: Bake, larder: Larder = builtInLarder): PiePlan {
  const baked = draft.work.body.filling !== null;
  const evaporatedG = baked ? bake.atEnd.fillingLostG * draft.build.vessel.count : null;
  return assemble(workOut(planContext(draft.spec, larder), evaporatedG), draft.work, bake);
}

/**
 * One spec in, one whole plan out: amounts, ledger, pastry, bake, cooling, each figure with its story. Deterministic; about
 * half a second, most of it the search for the two stages. A spec that cannot be planned comes back with its problems.
 * @example planPie(starterSpec).ok // true
 * @param spec a pie of any version
 * @param larder built-in, or with the kitchen's own rows
 * @returns the plan, or what is wrong by field; never throws for a wrong pie
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
