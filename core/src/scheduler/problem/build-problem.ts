import { bakeOnProgramme } from '../../bake/index.js';
import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import type { PiePlan } from '../../plan/index.js';
import { planPie } from '../../plan/index.js';
import type { FieldProblem, PieSpec } from '../../schema/index.js';
import type { BakeProgramme, Day, DayOven, DayPie, DoughRule } from '../model/index.js';
import type { InOven } from './bake-options.js';
import { bakeOptions, programmeFrom } from './bake-options.js';
import { bakedBefore, doughRule, makeDayPie, named } from './day-pie.js';
import type { DayRequest, OvenRequest, PiesRequest } from './day-request.js';
import type { Portion } from './freezer.js';
import { makePortions, shellsIn } from './freezer.js';
import { nobodyCan } from './skills.js';

const inOven = (spec: PieSpec, { id, kind, offsetC, warmUpMin, hotSide }: OvenRequest): PieSpec => ({
  ...spec,
  bake: { ...spec.bake, oven: { label: id, kind, offsetC, warmUpMin, hotSide } },
});

/** What a full oven costs a pie, min. */
function slowerWhenFull({ work, spec }: PiePlan, heat: BakeProgramme, places: number): number {
  // A shell that is baked empty has little to heat.
  if (places < 2 || !work.body.filling) return 0;
  const alone = bakeOnProgramme(work.body, { ...spec.bake, beside: 0 }, heat);
  const full = bakeOnProgramme(work.body, { ...spec.bake, beside: places - 1 }, heat);
  return alone && full ? Math.max(0, Math.round(full.doneMin - alone.doneMin)) : 0;
}

interface NoDay {
  readonly ok: false;
  readonly problems: readonly FieldProblem[];
}
type DayProblem = { readonly ok: true; readonly day: Day } | NoDay;

const problem = (field: string, message: string, remedy: string): NoDay => ({
  ok: false,
  problems: [{ field, message, remedy }],
});

/**
 * Plans every sort of pie in every oven and tries each on the programmes of the others, so that the day knows what can share
 * a run. About .4 s for each sort and oven; pauses between.
 * @param asked checked by `readDay`
 * @param larder as for a plan
 * @returns a generator; its value the day, or which pie cannot be planned and why
 * @example finishNow(buildDayProblem(asked))
 */
export function* buildDayProblem(
  asked: DayRequest,
  larder: Larder = builtInLarder,
): Generator<number, DayProblem> {
  const portions = makePortions(asked.pies, asked.freezer, larder);
  const sorts = yield* planSorts(asked, portions, larder);
  if (!sorts.ok) return sorts;
  yield 1;
  const ovens = asked.ovens.map((oven) => dayOven(oven, sorts.planned));
  const made = makeDayPies(asked, portions, sorts.planned, larder);
  if (!made.ok) return made;
  const { doughs, pies } = made;
  const problems = nobodyCan({ kitchen: { ...asked.kitchen, ovens }, pies });
  if (problems.length > 0) return { ok: false, problems };
  return {
    ok: true,
    day: {
      format: 'mardle-day',
      version: 1,
      zero: asked.zero,
      timeZone: asked.timeZone,
      earliest: asked.earliest,
      kitchen: { ...asked.kitchen, ovens, dishes: dishesLeft(asked) },
      doughs,
      pies,
      slack: asked.slack,
      ...(asked.nights === 'open' && { nights: asked.nights }),
      ...(Object.keys(asked.matters).length > 0 && { matters: asked.matters }),
    },
  };
}

/** Each sort of pie as planned in the ovens that get it done, by its spec as JSON. */
type PlannedSorts = ReadonlyMap<string, ReadonlyMap<string, InOven>>;

/** Plans every sort in every oven; its value the plans, or which sort none gets done. */
function* planSorts(
  asked: DayRequest,
  portions: readonly Portion<PiesRequest>[],
  larder: Larder,
): Generator<number, { readonly ok: true; readonly planned: PlannedSorts } | NoDay> {
  const sorts = new Map<string, { readonly spec: PieSpec; readonly field: string }>();
  for (const { spec, wanted } of portions) {
    const key = JSON.stringify(spec);
    if (!sorts.has(key)) sorts.set(key, { spec, field: `pies.${asked.pies.indexOf(wanted)}` });
  }
  const planned = new Map<string, Map<string, InOven>>();
  let done = 0;
  for (const [key, { spec, field }] of sorts) {
    const ovens = new Map<string, InOven>();
    for (const oven of asked.ovens) {
      yield done++ / (sorts.size * asked.ovens.length + 1);
      const result = planPie(inOven(spec, oven), larder);
      if (result.ok) {
        ovens.set(oven.id, { plan: result.plan, spec: result.plan.spec });
        continue;
      }
      // A pie that this oven does not get done may be done in another; one that is wrong is wrong in all.
      if (result.problems.some((one) => one.field === 'bake')) continue;
      const problems = result.problems.map((one) => ({ ...one, field: `${field}.${one.field}` }));
      return { ok: false, problems };
    }
    if (ovens.size === 0) {
      return problem(
        field,
        `No oven of this kitchen gets "${spec.name}" done.`,
        'Take a smaller or shallower dish.',
      );
    }
    planned.set(key, ovens);
  }
  return { ok: true, planned };
}

interface MadePies {
  readonly ok: true;
  readonly doughs: Readonly<Record<string, DoughRule>>;
  readonly pies: readonly DayPie[];
}

/** The pies of the day with their doughs; or which cannot be made here. */
function makeDayPies(
  asked: DayRequest,
  portions: readonly Portion<PiesRequest>[],
  planned: PlannedSorts,
  larder: Larder,
): MadePies | NoDay {
  const options = bakeOptions(asked, planned);
  const dishes = Object.keys(asked.kitchen.dishes);
  const doughs: Record<string, DoughRule> = {};
  const pies: DayPie[] = [];
  for (const { wanted, spec, ids, frozenShell } of portions) {
    const key = JSON.stringify(spec);
    const inOvens = planned.get(key) ?? new Map<string, InOven>();
    const [first] = [...inOvens.values()];
    if (!first) continue;
    const field = `pies.${asked.pies.indexOf(wanted)}`;
    const made = makeDayPie(wanted, first.plan, options.get(key) ?? {}, dishes, larder);
    if (!made.ok) return problem(`${field}${made.field}`, made.message, made.remedy);
    if (made.pie.dough !== null) doughs[made.pie.dough] = doughRule(made.pie.dough, first.plan, larder);
    // A frozen shell stands in its dish already: that one is nobody else's.
    const dish = frozenShell ? null : made.pie.dish;
    const baked = bakedBefore({ ...made.pie, dish }, inOvens);
    if (baked.some(({ ready }) => ready.at <= asked.earliest)) {
      return problem(
        `${field}.ready.at`,
        `"${spec.name}" is to be ready before anything may be done.`,
        'Let work begin sooner, or want it later.',
      );
    }
    for (const id of ids) pies.push(...baked.map((pie) => ({ ...pie, ...named(id, pie) })));
  }
  return { ok: true, doughs, pies };
}

/** The kitchen's dishes without those that frozen shells stand in. */
const dishesLeft = ({ kitchen, freezer }: DayRequest): Record<string, number> =>
  Object.fromEntries(
    Object.entries(kitchen.dishes).map(([label, count]) => [label, count - shellsIn(freezer, label)]),
  );

function dayOven(
  { id, places, warmUpMin, upCPerMin, downCPerMin }: OvenRequest,
  planned: ReadonlyMap<string, ReadonlyMap<string, InOven>>,
): DayOven {
  const slower = [...planned.values()].map((ovens) => {
    const plan = ovens.get(id)?.plan;
    const heat = plan?.bake && programmeFrom(plan.bake);
    return plan && heat ? slowerWhenFull(plan, heat, places) : 0;
  });
  const fullFrom = Math.max(2, Math.ceil(places * 0.75));
  return { id, places, warmUpMin, upCPerMin, downCPerMin, fullFrom, fullMin: Math.max(0, ...slower) };
}
