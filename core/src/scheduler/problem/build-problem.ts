import { bakeOnProgramme } from '../../bake/index.js';
import { preparations } from '../../filling/index.js';
import { formOf } from '../../forms/index.js';
import type { Larder } from '../../larder/index.js';
import { builtInLarder, larderRow } from '../../larder/index.js';
import type { PiePlan } from '../../plan/index.js';
import { servingRules, planPie } from '../../plan/index.js';
import type { FieldProblem, PieSpec } from '../../schema/index.js';
import type { DayRequest, OvenRequest, PiesRequest } from './day-request.js';
import { usualDay } from './day-request.js';
import type { Day, DoughRule, DayOven, DayPie, BakeProgramme, BakeOption } from '../model/index.js';
import { makePortions, shellsIn } from './freezer.js';
import { shellId } from '../model/index.js';
import type { InOven } from './bake-options.js';
import { programmeFrom, turned, bakeOptions } from './bake-options.js';
import { nobodyCan } from './skills.js';

const inOven = (spec: PieSpec, { id, kind, offsetC, warmUpMin, hotSide }: OvenRequest): PieSpec => ({
  ...spec,
  bake: { ...spec.bake, oven: { label: id, kind, offsetC, warmUpMin, hotSide } },
});

const lastsMin = (plan: PiePlan, ...ids: readonly string[]): number =>
  plan.clock.reduce((sum, { id, startMin, endMin }) => sum + (ids.includes(id) ? endMin - startMin : 0), 0);

/** Minutes on the rack until it is what was asked for; null when it never is. */
function coolMin({ bake, work }: PiePlan, as: PiesRequest['ready']['as']): number | null {
  if (!bake) return null;
  const rule = as === 'warm' ? servingRules.sliced_warm : servingRules.sliced_cold;
  const min = rule.ready(bake.cooling, work.turnedOutMin);
  return min === null ? null : Math.ceil(min);
}

/** How long its fruit may wait: raw it browns and runs, cooked it keeps half a day in the cold. */
function fruitMostMin({ filling: { preparation } }: PieSpec): number {
  const { cooked, heldAtC, minutes } = preparations[preparation.kind];
  if (cooked || heldAtC !== null) return usualDay.cookedFruitMostMin;
  return minutes > 0 ? usualDay.weepingFruitMostMin : usualDay.rawFruitMostMin;
}

/** What a full oven costs a pie, min. */
function slowerWhenFull({ work, spec }: PiePlan, heat: BakeProgramme, places: number): number {
  // A shell that is baked empty has little to heat.
  if (places < 2 || !work.body.filling) return 0;
  const alone = bakeOnProgramme(work.body, { ...spec.bake, beside: 0 }, heat);
  const full = bakeOnProgramme(work.body, { ...spec.bake, beside: places - 1 }, heat);
  return alone && full ? Math.max(0, Math.round(full.doneMin - alone.doneMin)) : 0;
}

type DayProblem =
  | { readonly ok: true; readonly day: Day }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

const problem = (field: string, message: string, remedy: string): DayProblem => ({
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
      if (!result.ok && result.problems.every(({ field: at }) => at !== 'bake')) {
        return {
          ok: false,
          problems: result.problems.map((one) => ({ ...one, field: `${field}.${one.field}` })),
        };
      }
      if (!result.ok) continue;
      ovens.set(oven.id, { plan: result.plan, spec: result.plan.spec });
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
  yield 1;
  const ovens = asked.ovens.map((oven) => dayOven(oven, planned));
  const ways = bakeOptions(asked, planned);
  const doughs: Record<string, DoughRule> = {};
  const pies: DayPie[] = [];
  for (const { wanted, spec, ids, frozenShell } of portions) {
    const key = JSON.stringify(spec);
    const first = [...(planned.get(key)?.values() ?? [])][0];
    if (!first) continue;
    const made = makeDayPie(
      wanted,
      first.plan,
      ways.get(key) ?? {},
      Object.keys(asked.kitchen.dishes),
      larder,
    );
    if (!made.ok)
      return problem(`pies.${asked.pies.indexOf(wanted)}${made.field}`, made.message, made.remedy);
    if (made.pie.dough !== null) doughs[made.pie.dough] = doughRule(made.pie.dough, first.plan, larder);
    // A frozen shell stands in its dish already: that one is nobody else's.
    const dish = frozenShell ? null : made.pie.dish;
    const baked = bakedBefore({ ...made.pie, dish }, planned.get(key) ?? new Map<string, InOven>());
    if (baked.some(({ ready }) => ready.at <= asked.earliest)) {
      return problem(
        `pies.${asked.pies.indexOf(wanted)}.ready.at`,
        `"${spec.name}" is to be ready before anything may be done.`,
        'Let work begin sooner, or want it later.',
      );
    }
    for (const id of ids) pies.push(...baked.map((pie) => ({ ...pie, ...named(id, pie) })));
  }
  const kitchen = { ...asked.kitchen, ovens };
  const problems = nobodyCan({ kitchen, pies });
  if (problems.length > 0) return { ok: false, problems };
  const dishes = Object.fromEntries(
    Object.entries(asked.kitchen.dishes).map(([label, count]) => [
      label,
      count - shellsIn(asked.freezer, label),
    ]),
  );
  return {
    ok: true,
    day: {
      format: 'mardle-day',
      version: 1,
      zero: asked.zero,
      timeZone: asked.timeZone,
      earliest: asked.earliest,
      kitchen: { ...kitchen, dishes },
      doughs,
      pies,
      slack: asked.slack,
      ...(Object.keys(asked.matters).length > 0 && { matters: asked.matters }),
    },
  };
}

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

function doughRule(id: string, plan: PiePlan, larder: Larder): DoughRule {
  const { chillLeastMin, chillMostMin } = larderRow(larder.doughs, id);
  return {
    mixMin: lastsMin(plan, 'mix'),
    perPieMin: usualDay.perPieDoughMin,
    most: usualDay.mostInABatch,
    chillLeast: chillLeastMin,
    chillMost: chillMostMin,
  };
}

/** By the id of its pie; a shell is told by it. */
const named = (id: string, { shellOf }: DayPie): Pick<DayPie, 'id' | 'shellOf'> =>
  shellOf === undefined ? { id } : { id: shellId(id), shellOf: id };

/** A pie, and before it the shell that it is filled into, where that is baked empty. */
function bakedBefore(pie: DayPie, ovens: ReadonlyMap<string, InOven>): DayPie[] {
  const [first] = [...ovens.values()];
  if (!first?.plan.bake?.blind) return [pie];
  const ways = [...ovens].flatMap(([oven, { plan }]) => {
    const shell = plan.bake?.blind;
    if (!shell) return [];
    const way: BakeOption = {
      heat: programmeFrom(shell),
      out: shell.outMin,
      cost: 0,
      foil: null,
      ...turned(plan, shell.turnMin),
    };
    return [[oven, [way]] as const];
  });
  return [
    { ...pie, line: 0, baseChill: 0, dough: null },
    {
      ...pie,
      prepare: 0,
      cook: 0,
      onHob: false,
      build: usualDay.weighDownMin,
      lastChill: 0,
      cool: 0,
      warm: null,
      pack: usualDay.sealShellMin,
      ready: { ...pie.ready, as: 'cold' },
      ways: Object.fromEntries(ways),
      shellOf: pie.id,
    },
  ];
}

type MadeDayPie =
  | { readonly ok: true; readonly pie: DayPie }
  | { readonly ok: false; readonly field: string; readonly message: string; readonly remedy: string };

function makeDayPie(
  { id, ready }: PiesRequest,
  plan: PiePlan,
  ways: Readonly<Record<string, readonly BakeOption[]>>,
  dishes: readonly string[],
  larder: Larder,
): MadeDayPie {
  const { spec } = plan;
  const form = formOf(spec.form.kind);
  const { label } = spec.dish;
  if (form.filled === 'dish' && !dishes.includes(label)) {
    return {
      ok: false,
      field: '.dish.label',
      message: `The kitchen of this day has no dish called "${label}".`,
      remedy: `Write how many there are under kitchen.dishes, or take one of: ${dishes.join(', ') || 'none yet'}.`,
    };
  }
  const sets = plan.work.body.filling ? null : lastsMin(plan, 'set_cold');
  if (sets !== null && ready.as === 'warm') {
    return {
      ok: false,
      field: '.ready.as',
      message: `"${spec.name}" is filled when its shell is cold: it is never warm.`,
      remedy: 'Ask for it cold.',
    };
  }
  const cool = sets === null ? coolMin(plan, ready.as) : lastsMin(plan, 'cool_shell');
  if (cool === null) {
    return {
      ok: false,
      field: '.ready.as',
      message: `"${spec.name}" has not cooled for that within half a day.`,
      remedy: 'Ask for it warm, or take a smaller dish.',
    };
  }
  const preparation = preparations[spec.filling.preparation.kind];
  const mixes = lastsMin(plan, 'mix') > 0;
  const line = lastsMin(plan, 'line');
  const pie: DayPie = {
    id,
    label: spec.name,
    dish: dishes.includes(label) ? label : null,
    dough: mixes ? larderRow(larder.doughs, spec.pastry.dough).id : null,
    prepare: lastsMin(plan, 'prepare'),
    cook: lastsMin(plan, 'preparation'),
    onHob: preparation.heldAtC !== null || preparation.boilMin > 0,
    fruitMost: sets === null ? fruitMostMin(spec) : usualDay.cookedFruitMostMin,
    line,
    baseChill: line > 0 ? lastsMin(plan, 'chill_base') : 0,
    lineMost: usualDay.linedMostMin,
    build: sets === null ? lastsMin(plan, 'topping', 'fill', 'lid') : usualDay.weighDownMin,
    lastChill: sets === null ? lastsMin(plan, 'last_chill', 'thaw_pie', 'bench') : 0,
    lastMost: usualDay.builtMostMin,
    cool,
    warm: ready.as === 'warm' ? Math.max(cool + 45, Math.floor(plan.bake?.cooling.sliceMin ?? 0)) : null,
    pack: usualDay.packMin + (sets === null ? 0 : lastsMin(plan, 'fill')),
    sets,
    ready: { ...ready, at: ready.at - (sets ?? 0) },
    ways,
  };
  return { ok: true, pie };
}
