import type { Day, DayPlan, DayRun, DayTask } from '../model/index.js';
import type { TaskKind } from '../model/index.js';
import { taskId, scorePlan, shellIds, turnoverMin } from '../model/index.js';
import { lateIn } from './to-plan.js';

/** How things went, or are known to go: what is left out goes as planned. Minutes. */
export interface Actuals {
  /** How long a task takes, by its id. */
  readonly lasts?: ReadonlyMap<string, number>;
  /** When a task began or will begin at the earliest, by its id. */
  readonly notBefore?: ReadonlyMap<string, number>;
  /** When a task really began, by its id: nothing bears on it any more, and pies of a run that began go by their oven. */
  readonly begun?: ReadonlyMap<string, number>;
  /** Minutes from loading to out, by pie. */
  readonly outs?: ReadonlyMap<string, number>;
  /** Minutes that a pie cools, by pie. */
  readonly cools?: ReadonlyMap<string, number>;
}

/** What must be over, and for how long, before something begins. */
type EarliestStart = (starts: ReadonlyMap<string, number>, ends: ReadonlyMap<string, number>) => number;

const at = (ends: ReadonlyMap<string, number>, id: string): number => ends.get(id) ?? -Infinity;

/**
 * The same plan as it goes when something takes longer: hands and order are kept, everything waits for what it needs, and
 * nothing is begun sooner than planned. Forward from the first task.
 * @param day worked out
 * @param plan as it was
 * @param happened what went otherwise
 * @returns the plan as it will be, with what is late now
 * @example rightShift(day, plan, { lasts: new Map([['line:damson-1', 27]]) }).late
 */
export function rightShift(day: Day, plan: DayPlan, happened: Actuals = {}): DayPlan {
  const begun = happened.begun ?? new Map<string, number>();
  const pieOf = new Map(day.pies.map((pie) => [pie.id, pie]));
  const runOf = new Map(
    plan.runs.flatMap((run) => run.pies.map(({ pie, out }) => [pie, { run, out }] as const)),
  );
  const batchOf = new Map(plan.batches.flatMap((batch) => batch.pies.map((pie) => [pie, batch] as const)));
  const inOrder = [...plan.tasks].sort((a, b) => a.start - b.start || a.end - b.end);
  const before = new Map<string, string>();
  const lastOf = new Map<string, string>();
  for (const { id, hands } of inOrder) {
    const last = lastOf.get(hands);
    if (last !== undefined) before.set(id, last);
    lastOf.set(hands, id);
  }
  const shells = shellIds(day);
  const dishBefore = dishesInTurn(day, inOrder);
  const runBefore = runsInTurn(plan.runs);
  const starts = new Map<string, number>();
  const ends = new Map<string, number>();
  const lastOut = (run: DayRun): number =>
    Math.max(
      ...run.pies.map(
        ({ pie, out }) => at(starts, taskId('load', run.id)) + (happened.outs?.get(pie) ?? out),
      ),
    );

  const needs = ({ kind, of }: DayTask): EarliestStart => {
    const pie = pieOf.get(of);
    switch (kind) {
      case 'mix':
      case 'prepare':
        return () => -Infinity;
      case 'line':
      case 'build': {
        const dough = pie?.dough ? day.doughs[pie.dough] : undefined;
        const batch = batchOf.get(of);
        const takesDish = (pie?.line ?? 0) > 0 ? kind === 'line' : true;
        return () =>
          Math.max(
            dough && batch && takesDish ? at(ends, taskId('mix', batch.id)) + dough.chillLeast : -Infinity,
            takesDish && dishBefore.has(of) ? at(ends, taskId('pack', dishBefore.get(of) ?? '')) : -Infinity,
            kind === 'build' ? at(ends, taskId('line', of)) + (pie?.baseChill ?? 0) : -Infinity,
            kind === 'build' ? at(ends, taskId('prepare', of)) + (pie?.cook ?? 0) : -Infinity,
            kind === 'build' ? at(ends, taskId('pack', shells.get(of) ?? '')) : -Infinity,
          );
      }
      case 'load': {
        const run = plan.runs.find(({ id }) => id === of);
        const earlier = run && runBefore.get(run.id);
        const oven = day.kitchen.ovens.find(({ id }) => id === run?.oven);
        return () =>
          Math.max(
            ...(run?.pies.map(
              ({ pie: id }) => at(ends, taskId('build', id)) + (pieOf.get(id)?.lastChill ?? 0),
            ) ?? []),
            run && earlier && oven ? lastOut(earlier) + turnoverMin(oven, earlier.heat, run.heat) : -Infinity,
          );
      }
      case 'out': {
        const baked = runOf.get(of);
        return () =>
          baked
            ? at(starts, taskId('load', baked.run.id)) + (happened.outs?.get(of) ?? baked.out)
            : -Infinity;
      }
      case 'pack':
        return () => at(starts, taskId('out', of)) + (happened.cools?.get(of) ?? pie?.cool ?? 0);
    }
  };

  for (const task of inOrder) {
    const byOven = task.kind === 'out' && begun.has(taskId('load', runOf.get(task.of)?.run.id ?? ''));
    const start =
      begun.get(task.id) ??
      Math.ceil(
        Math.max(
          byOven ? -Infinity : task.start,
          happened.notBefore?.get(task.id) ?? -Infinity,
          needs(task)(starts, ends),
          at(ends, before.get(task.id) ?? ''),
        ),
      );
    starts.set(task.id, start);
    ends.set(task.id, start + Math.ceil(happened.lasts?.get(task.id) ?? task.end - task.start));
  }
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
