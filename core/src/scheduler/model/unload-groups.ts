import type { DayPlan, DayTask } from './day.js';

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
