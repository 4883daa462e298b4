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
}

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
