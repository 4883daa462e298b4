import type { Actuals, Interruptions, TaskTimes } from './interruptions.js';
import {
  areSameInterruptions,
  findInterruptions,
  isUrgent,
  noInterruptions,
  stillAfter,
} from './interruptions.js';
import type { Day, DayBatch, DayPie, DayPlan, DayRun, DayTask, TaskKind } from '../model/index.js';
import { taskId, scorePlan, shellIds, turnoverMin } from '../model/index.js';
import { lateIn } from './to-plan.js';

const at = (ends: ReadonlyMap<string, number>, id: string): number => ends.get(id) ?? -Infinity;

/** What belongs to a pie or a run of the plan, by its id. */
interface PlanLookups {
  readonly pieOf: ReadonlyMap<string, DayPie>;
  readonly runOf: ReadonlyMap<string, { readonly run: DayRun; readonly out: number }>;
  readonly batchOf: ReadonlyMap<string, DayBatch>;
  readonly shells: ReadonlyMap<string, string>;
  /** Who does a task, by its id. */
  readonly handsOf: ReadonlyMap<string, string>;
  /** Whose dish a pie waits for. */
  readonly dishBefore: ReadonlyMap<string, string>;
  /** Which run has the oven before. */
  readonly runBefore: ReadonlyMap<string, DayRun>;
}

const lookUpPlan = (day: Day, plan: DayPlan, inOrder: readonly DayTask[]): PlanLookups => ({
  pieOf: new Map(day.pies.map((pie) => [pie.id, pie])),
  runOf: new Map(plan.runs.flatMap((run) => run.pies.map(({ pie, out }) => [pie, { run, out }] as const))),
  batchOf: new Map(plan.batches.flatMap((batch) => batch.pies.map((pie) => [pie, batch] as const))),
  shells: shellIds(day),
  handsOf: new Map(inOrder.map(({ id, hands }) => [id, hands])),
  dishBefore: dishesInTurn(day, inOrder),
  runBefore: runsInTurn(plan.runs),
});

/** When what a pie is lined or built with is there: its dough, its dish, its base, its fruit, its shell. */
function earliestOnBench(
  { kind, of }: DayTask,
  day: Day,
  { pieOf, batchOf, shells, dishBefore }: PlanLookups,
  { ends }: TaskTimes,
): number {
  const pie = pieOf.get(of);
  const dough = pie?.dough ? day.doughs[pie.dough] : undefined;
  const batch = batchOf.get(of);
  const takesDish = (pie?.line ?? 0) > 0 ? kind === 'line' : true;
  const waits: number[] = [];
  if (takesDish && dough && batch) waits.push(at(ends, taskId('mix', batch.id)) + dough.chillLeast);
  if (takesDish && dishBefore.has(of)) waits.push(at(ends, taskId('pack', dishBefore.get(of) ?? '')));
  if (kind === 'build') {
    waits.push(
      at(ends, taskId('line', of)) + (pie?.baseChill ?? 0),
      at(ends, taskId('prepare', of)) + (pie?.cook ?? 0),
      at(ends, taskId('pack', shells.get(of) ?? '')),
    );
  }
  return Math.max(-Infinity, ...waits);
}

/** When the pies of a run are there, and its oven, at its heat. */
function earliestLoad(
  { of }: DayTask,
  day: Day,
  { pieOf, runOf, runBefore }: PlanLookups,
  happened: Actuals,
  { starts, ends }: TaskTimes,
): number {
  const run = [...runOf.values()].find(({ run: { id } }) => id === of)?.run;
  if (!run) return -Infinity;
  const built = run.pies.map(({ pie }) => at(ends, taskId('build', pie)) + (pieOf.get(pie)?.lastChill ?? 0));
  const earlier = runBefore.get(run.id);
  const oven = day.kitchen.ovens.find(({ id }) => id === run.oven);
  if (!earlier || !oven) return Math.max(...built);
  const loaded = at(starts, taskId('load', earlier.id));
  const outs = earlier.pies.map(({ pie, out }) => loaded + (happened.outs?.get(pie) ?? out));
  return Math.max(...built, Math.max(...outs) + turnoverMin(oven, earlier.heat, run.heat));
}

/** When all is over that a task waits for, min; tasks are gone through in their order. */
function earliestStart(
  task: DayTask,
  day: Day,
  lookups: PlanLookups,
  happened: Actuals,
  times: TaskTimes,
): number {
  const { kind, of } = task;
  switch (kind) {
    case 'mix':
    case 'prepare':
      return -Infinity;
    case 'line':
    case 'build':
      return earliestOnBench(task, day, lookups, times);
    case 'load':
      return earliestLoad(task, day, lookups, happened, times);
    case 'out': {
      const baked = lookups.runOf.get(of);
      if (!baked) return -Infinity;
      const load = taskId('load', baked.run.id);
      // Who still puts a run in cannot take it out.
      const loaded = lookups.handsOf.get(load) === task.hands ? at(times.ends, load) : -Infinity;
      return Math.max(loaded, at(times.starts, load) + (happened.outs?.get(of) ?? baked.out));
    }
    case 'pack':
      return (
        at(times.starts, taskId('out', of)) + (happened.cools?.get(of) ?? lookups.pieOf.get(of)?.cool ?? 0)
      );
  }
}

type Span = readonly [from: number, to: number];

/** From when on something that lasts so long meets nothing that is taken out already, min. */
function firstFree(taken: readonly Span[], soonest: number, lasts: number): number {
  let start = soonest;
  for (const [from, to] of [...taken].sort((a, b) => a[0] - b[0]))
    if (start < to && start + lasts > from) start = to;
  return start;
}

/** All tasks once, in their order: each when what it needs is there and its hands are free. */
function timeTasks(
  inOrder: readonly DayTask[],
  day: Day,
  lookups: PlanLookups,
  happened: Actuals,
  { added, after }: Interruptions,
): TaskTimes {
  const begun = happened.begun ?? new Map<string, number>();
  const starts = new Map<string, number>();
  const ends = new Map<string, number>();
  const workEnds = new Map<string, number>();
  const outs = new Map<string, Span[]>();
  for (const task of inOrder) {
    const { id, kind, of, hands } = task;
    const byOven = kind === 'out' && begun.has(taskId('load', lookups.runOf.get(of)?.run.id ?? ''));
    const lasts = Math.ceil(happened.lasts?.get(id) ?? task.end - task.start) + (added.get(id) ?? 0);
    const soonest = Math.ceil(
      Math.max(
        byOven ? -Infinity : task.start,
        happened.notBefore?.get(id) ?? -Infinity,
        earliestStart(task, day, lookups, happened, { starts, ends }),
        isUrgent(task) ? -Infinity : at(workEnds, hands),
        at(after, id),
      ),
    );
    const its = outs.get(hands) ?? [];
    const start = begun.get(id) ?? (isUrgent(task) ? firstFree(its, soonest, lasts) : soonest);
    starts.set(id, start);
    ends.set(id, start + lasts);
    if (isUrgent(task)) outs.set(hands, [...its, [start, start + lasts]]);
    else workEnds.set(hands, Math.max(at(workEnds, hands), start + lasts));
  }
  return { starts, ends };
}

/** The latest moment of which something is known, min: what was to begin by then has begun. Infinity when nothing happened. */
function knownUntil({ tasks }: DayPlan, { begun, lasts }: Actuals): number {
  const told = tasks.filter(({ id }) => lasts?.has(id)).map(({ start }) => start);
  const known = [...(begun?.values() ?? []), ...(told.length > 0 ? [Math.min(...told)] : [])];
  return known.length > 0 ? Math.max(...known) : Infinity;
}

/**
 * Fruit that would wait too long for its crust is begun so much later, min by task: nobody cuts it for a builder who is behind.
 * What is cut already stays so, and waits.
 */
function heldBack(
  day: Day,
  plan: DayPlan,
  happened: Actuals,
  { starts, ends }: TaskTimes,
): Map<string, number> {
  const held = new Map<string, number>();
  const until = knownUntil(plan, happened);
  const isBegun = new Set(plan.tasks.filter(({ start }) => start <= until).map(({ id }) => id as string));
  for (const { id, cook, fruitMost } of day.pies) {
    const prepare = taskId('prepare', id);
    const built = starts.get(taskId('build', id));
    const from = starts.get(prepare);
    if (built === undefined || from === undefined || isBegun.has(prepare)) continue;
    const tooLongMin = built - at(ends, prepare) - cook - fruitMost;
    if (tooLongMin > 0) held.set(prepare, from + tooLongMin);
  }
  return held;
}

/** What is interrupted moves what it interrupts; so often that is followed. */
const MOST_PASSES = 8;

/**
 * The same plan as it goes when something takes longer: hands and order are kept, everything waits for what it needs, and
 * nothing is begun sooner than planned. What is to come out of an oven waits for no bench work: that is laid down for as long,
 * and takes so much longer. Forward from the first task.
 * @param day worked out
 * @param plan as it was
 * @param happened what went otherwise
 * @returns the plan as it will be, with what is late now
 * @example rightShift(day, plan, { lasts: new Map([['line:damson-1', 27]]) }).late
 */
export function rightShift(day: Day, plan: DayPlan, happened: Actuals = {}): DayPlan {
  const inOrder = [...plan.tasks].sort((a, b) => a.start - b.start || a.end - b.end);
  const lookups = lookUpPlan(day, plan, inOrder);
  let interruptions = noInterruptions;
  let times = timeTasks(inOrder, day, lookups, happened, interruptions);
  for (let pass = 1; pass < MOST_PASSES; pass++) {
    const held = heldBack(day, plan, happened, times);
    const found = stillAfter(findInterruptions(plan, happened, times), {
      ...interruptions,
      after: new Map([...interruptions.after, ...held]),
    });
    if (areSameInterruptions(found, interruptions)) break;
    interruptions = found;
    times = timeTasks(inOrder, day, lookups, happened, interruptions);
  }
  const { starts, ends } = times;
  const tasks = plan.tasks.map((task) => ({
    ...task,
    start: starts.get(task.id) ?? task.start,
    end: ends.get(task.id) ?? task.end,
  }));
  const runs = plan.runs.map((run) => {
    const start = starts.get(taskId('load', run.id)) ?? run.start;
    return {
      ...run,
      start,
      pies: run.pies.map((one) => ({
        ...one,
        out: (starts.get(taskId('out', one.pie)) ?? start + one.out) - start,
      })),
    };
  });
  const went = { ...plan, tasks, runs };
  return { ...went, late: lateIn(day, tasks), score: scorePlan(day, went) };
}

/** Whose dish each pie waits for: the one that comes free first among those taken before. */
function dishesInTurn(day: Day, inOrder: readonly DayTask[]): Map<string, string> {
  const found = new Map<string, string>();
  const shells = shellIds(day);
  for (const [dish, count] of Object.entries(day.kitchen.dishes)) {
    // A pie has the dish of its shell, from when that is lined.
    const of = day.pies.filter((pie) => pie.dish === dish && !shells.has(pie.id));
    const time = (kind: TaskKind, id: string, edge: 'start' | 'end'): number =>
      inOrder.find((task) => task.id === taskId(kind, id))?.[edge] ?? 0;
    const uses = of
      .map((pie) => ({
        id: pie.id,
        frees: pie.shellOf ?? pie.id,
        from: time(pie.line > 0 ? 'line' : 'build', pie.id, 'start'),
        to: time('pack', pie.shellOf ?? pie.id, 'end'),
      }))
      .sort((a, b) => a.from - b.from);
    const free = uses.slice(0, count);
    for (const use of uses.slice(count)) {
      free.sort((a, b) => a.to - b.to);
      const first = free.shift();
      if (first) found.set(use.id, first.frees);
      free.push(use);
    }
  }
  return found;
}

function runsInTurn(runs: readonly DayRun[]): Map<string, DayRun> {
  const before = new Map<string, DayRun>();
  const last = new Map<string, DayRun>();
  for (const run of [...runs].sort((a, b) => a.start - b.start)) {
    const earlier = last.get(run.oven);
    if (earlier) before.set(run.id, earlier);
    last.set(run.oven, run);
  }
  return before;
}
