import type { DayPlan, DayTask } from '../model/index.js';

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

/** When tasks begin and end by now, minutes by their ids. */
export interface TaskTimes {
  readonly starts: ReadonlyMap<string, number>;
  readonly ends: ReadonlyMap<string, number>;
}

/** How taking out bears on the bench work of the same hands, minutes by task, beyond what a plan has in its minutes. */
export interface Interruptions {
  /** So much longer it takes, for what is taken out meanwhile. */
  readonly added: ReadonlyMap<string, number>;
  /** It does not begin before what is taken out then is on the rack. */
  readonly after: ReadonlyMap<string, number>;
}

export const noInterruptions: Interruptions = { added: new Map(), after: new Map() };

const isSameMap = (a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): boolean =>
  a.size === b.size && [...a].every(([id, min]) => b.get(id) === min);

export const areSameInterruptions = (a: Interruptions, b: Interruptions): boolean =>
  isSameMap(a.added, b.added) && isSameMap(a.after, b.after);

/** What began after something was taken out still does, though the two meet no more. */
export const stillAfter = (found: Interruptions, before: Interruptions): Interruptions => ({
  added: found.added,
  after: new Map(
    [...before.after, ...found.after].map(([id, min]) => [
      id,
      Math.max(min, before.after.get(id) ?? min, found.after.get(id) ?? min),
    ]),
  ),
});

/** Taking out is what nothing holds up; it interrupts all else. */
export const isUrgent = ({ kind }: DayTask): boolean => kind === 'out';
const isInterrupted = (task: DayTask): boolean => !isUrgent(task);

/** Minutes that each bench task is laid down for, where all is as it is timed. */
function interruptedMin(tasks: readonly DayTask[], { starts, ends }: TaskTimes): Interruptions {
  const added = new Map<string, number>();
  const after = new Map<string, number>();
  const span = ({ id }: DayTask): readonly [number, number] => [starts.get(id) ?? 0, ends.get(id) ?? 0];
  const outs = tasks.filter((task) => isUrgent(task) && span(task)[1] > span(task)[0]);
  for (const task of tasks.filter(isInterrupted)) {
    const [from, to] = span(task);
    for (const out of outs) {
      const [outFrom, outTo] = span(out);
      if (out.hands !== task.hands || outFrom >= to || outTo <= from) continue;
      if (from < outFrom) added.set(task.id, (added.get(task.id) ?? 0) + outTo - outFrom);
      else after.set(task.id, Math.max(outTo, after.get(task.id) ?? outTo));
    }
  }
  return { added, after };
}

/**
 * Which bench work is interrupted by taking out that was not in the plan.
 * @param plan as it was
 * @param happened tasks whose minutes are known: nothing is added to them
 * @param times of all tasks by now
 */
export function findInterruptions(
  { tasks }: Pick<DayPlan, 'tasks'>,
  happened: Actuals,
  times: TaskTimes,
): Interruptions {
  const known = interruptedMin(tasks, {
    starts: new Map(tasks.map(({ id, start }) => [id, start])),
    ends: new Map(tasks.map(({ id, end }) => [id, end])),
  }).added;
  const { added, after } = interruptedMin(tasks, times);
  const isKnown = (id: string): boolean =>
    happened.begun?.has(id) === true && happened.lasts?.has(id) === true;
  const more = [...new Set([...added.keys(), ...known.keys()])].flatMap((id) => {
    const min = (added.get(id) ?? 0) - (known.get(id) ?? 0);
    return min === 0 || isKnown(id) ? [] : [[id, min] as const];
  });
  return { added: new Map(more), after };
}
