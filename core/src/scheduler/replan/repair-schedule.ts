import { checkPlan, overbaked } from '../validate/index.js';
import type { Day, DayPlan, DayTask } from '../model/index.js';
import { unloadGroupWith, skillFor } from '../model/index.js';
import type { Actuals } from '../timetable/index.js';
import { rightShift } from '../timetable/index.js';

/** What it costs to tell somebody that a task of theirs changed: minutes of lateness that a change must save at least. Estimate. */
const TOLD_MIN = 2;
/** More changes than these nobody takes in while baking. */
const MOST_CHANGES = 6;

/** A task that somebody else does now, or does before another one. */
export interface ChangedTask {
  readonly task: string;
  readonly hands: string;
  readonly was: string;
}

/** A day that slipped, with a few tasks given to other hands. */
export interface Repair {
  readonly plan: DayPlan;
  readonly changes: readonly ChangedTask[];
}

/** A minute too long in the oven is worse than one late. Estimate. */
const BURNING_COUNTS = 3;

/** How bad a day that slipped is: minutes late, and minutes that pies stay in too long. */
const harmMin = (plan: DayPlan, next: DayPlan, happened: Actuals): number =>
  next.late.reduce((sum, { byMin }) => sum + byMin, 0) +
  BURNING_COUNTS * overbaked(plan, next, happened).reduce((sum, { byMin }) => sum + byMin, 0);

/** Rules that a day breaks which only slipped: a change may not break others. */
const broken = (day: Day, plan: DayPlan): number => checkPlan(day, plan).length;

/** A task in other hands, with all of its go. */
function given(plan: DayPlan, task: DayTask, hands: string): DayPlan {
  const go = unloadGroupWith(plan, task);
  return { ...plan, tasks: plan.tasks.map((one) => (go.includes(one) ? { ...one, hands } : one)) };
}

/** Before the task that its hands do just before: both begin where the first of them did. */
function sooner(plan: DayPlan, task: DayTask, done: ReadonlySet<string>): DayPlan | null {
  const before = plan.tasks
    .filter(({ hands, start, id }) => hands === task.hands && start < task.start && !done.has(id))
    .sort((a, b) => b.start - a.start)[0];
  if (!before) return null;
  const lasts = task.end - task.start;
  return {
    ...plan,
    tasks: plan.tasks.map((one) => {
      if (one.id === task.id) return { ...one, start: before.start, end: before.start + lasts };
      if (one.id !== before.id) return one;
      return { ...one, start: before.start + lasts, end: before.start + lasts + one.end - one.start };
    }),
  };
}

/**
 * Another way for a day that is late by now, or leaves pies in the oven: what is not done yet goes to other hands, or before what they do just before, one
 * change after the other as long as each saves more lateness than it costs to tell. Order and hours of all else stay.
 * @param day worked out
 * @param plan as it was before it slipped
 * @param happened what went otherwise
 * @param done ids of tasks that are done: they stay
 * @returns the plan as it would go with the changes, or null when none helps
 * @example repairSchedule(day, plan, { lasts: new Map([['line:damson-1', 60]]) }, [])?.changes
 */
export function repairSchedule(
  day: Day,
  plan: DayPlan,
  happened: Actuals,
  done: readonly string[],
): Repair | null {
  const over = new Set([...done, ...(happened.begun?.keys() ?? []), ...(happened.lasts?.keys() ?? [])]);
  const slipped = rightShift(day, plan, happened);
  const allowed = broken(day, slipped);
  const fits = (asked: DayPlan, went: DayPlan): boolean => asked !== went && broken(day, went) <= allowed;
  let asked = plan;
  let now = slipped;
  const harm = (next: DayPlan): number => harmMin(plan, next, happened);
  for (let n = 0; n < MOST_CHANGES && harm(now) > 0; n++) {
    const tries = asked.tasks.flatMap((task): DayPlan[] => {
      if (over.has(task.id) || task.end === task.start) return [];
      const others = day.kitchen.hands.filter(
        ({ id, skills }) => id !== task.hands && (skills === null || skills.includes(skillFor[task.kind])),
      );
      const before = sooner(asked, task, over);
      return [...others.map(({ id }) => given(asked, task, id)), ...(before ? [before] : [])];
    });
    let best: { readonly asked: DayPlan; readonly went: DayPlan } | null = null;
    for (const tried of tries) {
      const went = rightShift(day, tried, happened);
      const saves = harm(best?.went ?? now) - harm(went);
      if (saves > (best ? 0 : TOLD_MIN) && fits(tried, went)) best = { asked: tried, went };
    }
    if (!best) break;
    asked = best.asked;
    now = best.went;
  }
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  // By what was asked for: what comes before another thing now may still be later than it was planned.
  const changes = asked.tasks.flatMap((task): ChangedTask[] => {
    if (task.end === task.start) return [];
    const was = planned.get(task.id) ?? task;
    const other = was.hands !== task.hands || task.start < was.start;
    return other ? [{ task: task.id, hands: task.hands, was: was.hands }] : [];
  });
  return now === slipped ? null : { plan: now, changes };
}
