import { checkPlan, inNames } from '../validate/index.js';
import type { Day, DayPlan, DayTask } from '../model/index.js';
import { unloadGroupWith, skillFor, taskWords, wallTime } from '../model/index.js';
import type { Actuals } from '../timetable/index.js';
import { rightShift } from '../timetable/index.js';

/** Where somebody wants a task: minutes of the day, and whose hands. */
export interface MoveRequest {
  readonly start: number;
  readonly hands: string;
}

/** A day with one task moved, or why it may not be. */
export type MoveResult =
  { readonly ok: true; readonly plan: DayPlan } | { readonly ok: false; readonly why: readonly string[] };

const refused = (...why: string[]): MoveResult => ({ ok: false, why });

/**
 * One task, with all of its go, begun at another minute or by other hands: what follows it goes to the right, and nothing else
 * is begun sooner. It is refused where a rule would be broken that was kept before, in words.
 * @param day worked out
 * @param plan as it was
 * @param id of the task
 * @param wish when, and by whom
 * @param done ids of tasks that are done: they stay where they were
 * @returns the day as it would go, or why not
 * @example moveTask(day, plan, 'line:damson-1', { start: 75, hands: 'lead' }).ok
 */
export function moveTask(
  day: Day,
  plan: DayPlan,
  id: string,
  wish: MoveRequest,
  done: readonly string[] = [],
): MoveResult {
  const task = plan.tasks.find((one) => one.id === id);
  if (!task) return refused('This day has no such task.');
  const hand = day.kitchen.hands.find((one) => one.id === wish.hands);
  if (!hand || (hand.skills !== null && !hand.skills.includes(skillFor[task.kind]))) {
    return refused(`${wish.hands} cannot do that: ${taskWords(day, plan, task)}.`);
  }
  // Begun later it keeps its turn, so that what needs it still waits for it.
  const start = Math.min(task.start, wish.start);
  const go = new Set(unloadGroupWith(plan, task).map((one) => one.id));
  const moved = (one: DayTask): DayTask => ({
    ...one,
    hands: wish.hands,
    start,
    end: start + one.end - one.start,
  });
  const asked = { ...plan, tasks: plan.tasks.map((one) => (go.has(one.id) ? moved(one) : one)) };
  const over = plan.tasks.filter((one) => done.includes(one.id));
  const happened: Actuals = {
    notBefore: new Map([...go].map((one) => [one, wish.start])),
    begun: new Map(over.map((one) => [one.id, one.start])),
  };
  const went = rightShift(day, asked, happened);
  const begins = went.tasks.find((one) => one.id === id)?.start ?? wish.start;
  if (begins > wish.start) {
    return refused(
      `It cannot begin before ${wallTime(day, begins)}: what it needs is not ready, or its hands are not free.`,
    );
  }
  const before = new Set(checkPlan(day, plan));
  const broken = checkPlan(day, went).filter((said) => !before.has(said));
  return broken.length > 0
    ? refused(...broken.map((said) => `Then ${inNames(day, said)}.`))
    : { ok: true, plan: went };
}
