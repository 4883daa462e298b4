import type { DayOven, DayPlan, DayTask } from './day.js';

/**
 * When each pie of a run is taken out, min from its start: a full oven is slower, and so is one that is opened.
 * @param oven whose run it is
 * @param doorMin lost by those that stay
 * @param outs of each pie alone
 * @returns min, in the same order
 * @example unloadTimes(oven, 1, [45, 50])
 */
export function unloadTimes(oven: DayOven, doorMin: number, outs: readonly number[]): number[] {
  const full = outs.length >= oven.fullFrom ? oven.fullMin : 0;
  return outs.map((out) => {
    const openings = new Set(outs.filter((other) => other < out)).size;
    return out + full + doorMin * openings;
  });
}

/**
 * The tasks of a plan as hands do them: pies that come out of an oven at one minute by the same hands are one go, and only the
 * first of them takes time. All else is a go of its own.
 * @param plan of a day
 * @returns in the order of the plan, of each go first the task that takes its time
 * @example unloadGroups(plan).length
 */
export function unloadGroups({ tasks, runs }: Pick<DayPlan, 'tasks' | 'runs'>): DayTask[][] {
  const runOf = new Map(runs.flatMap(({ id, pies }) => pies.map(({ pie }) => [pie, id] as const)));
  const goes = new Map<string, DayTask[]>();
  for (const task of tasks) {
    const { id, kind, of, start, hands } = task;
    const name = kind === 'out' ? `${runOf.get(of) ?? of}/${start}/${hands}` : id;
    const go = goes.get(name);
    if (!go) goes.set(name, [task]);
    else if (task.end > start) go.unshift(task);
    else go.push(task);
  }
  return [...goes.values()];
}

/** The go that a task is part of. */
export const unloadGroupWith = (plan: DayPlan, { id }: DayTask): DayTask[] =>
  unloadGroups(plan).find((go) => go.some((one) => one.id === id)) ?? [];
