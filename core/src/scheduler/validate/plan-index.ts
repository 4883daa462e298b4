import { taskId } from '../model/index.js';
import type { Day, DayBatch, DayPie, DayPlan, DayRun, DayTask, TaskKind } from '../model/index.js';

/** A plan with its tasks, runs and batches found by what they belong to. */
export interface PlanIndex {
  readonly day: Day;
  readonly plan: DayPlan;
  /** The task of a kind of a pie, a run or a batch. */
  readonly task: (kind: TaskKind, owner: string) => DayTask | undefined;
  /** The run that a pie is baked in, and its minute out. */
  readonly baked: (pie: string) => { readonly run: DayRun; readonly out: number } | undefined;
  readonly batch: (pie: string) => DayBatch | undefined;
  /** Minutes of a task without those for which it is laid down to take something out of an oven. */
  readonly workMin: (task: DayTask) => number;
}

/** What is taken out by the same hands while a task goes on: that interrupts it. */
const interruptions = (plan: DayPlan, { hands, start, end }: DayTask): DayTask[] =>
  plan.tasks.filter(
    (out) => out.kind === 'out' && out.hands === hands && start <= out.start && out.end <= end,
  );

/** Whether a task is laid down for another: what is taken out meanwhile. */
export const isInterruption = (plan: DayPlan, out: DayTask): boolean =>
  plan.tasks.some(
    (task) => task.kind !== 'out' && task.id !== out.id && interruptions(plan, task).includes(out),
  );

export function indexPlan(day: Day, plan: DayPlan): PlanIndex {
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]));
  const runs = new Map(
    plan.runs.flatMap((run) => run.pies.map(({ pie, out }) => [pie, { run, out }] as const)),
  );
  const batches = new Map(plan.batches.flatMap((batch) => batch.pies.map((pie) => [pie, batch] as const)));
  return {
    day,
    plan,
    task: (kind, owner) => tasks.get(taskId(kind, owner)),
    baked: (pie) => runs.get(pie),
    batch: (pie) => batches.get(pie),
    workMin: (task) => {
      const laidDownMin =
        task.kind === 'out'
          ? 0
          : interruptions(plan, task).reduce((sum, out) => sum + out.end - out.start, 0);
      return task.end - task.start - laidDownMin;
    },
  };
}

/** A pie of the plan with all its tasks. */
export interface CompletePie {
  readonly pie: DayPie;
  readonly prepare: DayTask | undefined;
  readonly line: DayTask | undefined;
  readonly build: DayTask;
  readonly out: DayTask;
  readonly pack: DayTask;
  readonly run: DayRun;
  readonly outMin: number;
}

/** A pie with its tasks; undefined where one of them is missing. */
export function completePie({ task, baked }: PlanIndex, pie: DayPie): CompletePie | undefined {
  const prepare = task('prepare', pie.id);
  const line = task('line', pie.id);
  const build = task('build', pie.id);
  const out = task('out', pie.id);
  const pack = task('pack', pie.id);
  const inRun = baked(pie.id);
  if (!build || !out || !pack || !inRun) return undefined;
  if ((pie.prepare > 0 && !prepare) || (pie.line > 0 && !line)) return undefined;
  return { pie, prepare, line, build, out, pack, run: inRun.run, outMin: inRun.out };
}

/** Rules that do not hold, in words. */
export const broken = (rules: readonly (readonly [holds: boolean, said: string])[]): string[] =>
  rules.flatMap(([holds, said]) => (holds ? [] : [said]));
