import { taskId } from './day.js';
import type { Day, DayPlan } from './day.js';
import { shellId } from './shells.js';

/**
 * A day and its plan with other names for pies; their shells are named after them.
 * @param day worked out
 * @param plan of that day
 * @param names new ones by old ones; who is not in it keeps its name
 * @returns both, changed in nothing else
 * @example renamePies(day, plan, new Map([['damson-2', 'damson']])).plan
 */
export function renamePies(
  day: Day,
  plan: DayPlan,
  names: ReadonlyMap<string, string>,
): { readonly day: Day; readonly plan: DayPlan } {
  const all = new Map(
    [...names].flatMap(([id, name]) => [[id, name] as const, [shellId(id), shellId(name)] as const]),
  );
  const nameOf = (id: string): string => all.get(id) ?? id;
  return {
    day: {
      ...day,
      pies: day.pies.map((pie) => ({
        ...pie,
        id: nameOf(pie.id),
        ...(pie.shellOf === undefined ? {} : { shellOf: nameOf(pie.shellOf) }),
      })),
    },
    plan: {
      ...plan,
      tasks: plan.tasks.map((task) => {
        const of = nameOf(task.of);
        return of === task.of ? task : { ...task, id: taskId(task.kind, of), of };
      }),
      runs: plan.runs.map((run) => ({
        ...run,
        pies: run.pies.map((one) => ({ ...one, pie: nameOf(one.pie) })),
      })),
      batches: plan.batches.map((batch) => ({ ...batch, pies: batch.pies.map(nameOf) })),
      late: plan.late.map((one) => ({ ...one, pie: nameOf(one.pie) })),
      leftOut: plan.leftOut.map(nameOf),
    },
  };
}
