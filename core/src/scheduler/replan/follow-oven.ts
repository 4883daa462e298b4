import { taskId } from '../model/index.js';
import type { Day, DayPlan } from '../model/index.js';
import type { Actuals } from '../timetable/index.js';
import { rightShift } from '../timetable/index.js';

/** A pie of the day that is in its oven, or was: minutes of the day. */
export interface BakeOnDay {
  readonly pie: string;
  readonly loadedAt: number;
  /** When it was taken out, or is to be. */
  readonly outAt: number;
  readonly isOut: boolean;
}

/** So near its plan nothing is moved, min. */
const NEAR_MIN = 1;
/** A run that began so far from its plan is another day's, or a try. */
const FAR_MIN = 180;

const near = (really: number, planned: number): number =>
  Math.abs(really - planned) <= NEAR_MIN ? planned : Math.round(really);

/**
 * What the ovens say of a plan: runs began when they did, pies come out when they did or are to. A minute is no difference.
 * @param plan as it was
 * @param baking pies whose bakes are known
 * @returns for `rightShift`
 * @example rightShift(day, plan, ovenActuals(plan, baking)).late
 */
export function ovenActuals(plan: DayPlan, baking: readonly BakeOnDay[]): Actuals {
  const of = new Map(baking.map((one) => [one.pie, one]));
  const begun = new Map<string, number>();
  const outs = new Map<string, number>();
  for (const run of plan.runs) {
    const loaded = run.pies.flatMap(({ pie }) => of.get(pie) ?? []);
    if (loaded.length === 0) continue;
    const start = near(Math.max(...loaded.map(({ loadedAt }) => loadedAt)), run.start);
    if (Math.abs(start - run.start) > FAR_MIN) continue;
    begun.set(taskId('load', run.id), start);
    for (const { pie, out } of run.pies) {
      const known = of.get(pie);
      if (!known) continue;
      const outAt = near(known.outAt, run.start + out);
      outs.set(pie, outAt - start);
      if (known.isOut) begun.set(taskId('out', pie), outAt);
    }
  }
  return { begun, outs };
}

/**
 * The plan as the ovens have it: what follows goes to the right.
 * @param day worked out
 * @param plan as it was
 * @param baking pies whose bakes are known
 * @returns the same plan when the ovens keep to it
 * @example followOven(day, plan, [])
 */
export function followOven(day: Day, plan: DayPlan, baking: readonly BakeOnDay[]): DayPlan {
  if (baking.length === 0) return plan;
  const next = rightShift(day, plan, ovenActuals(plan, baking));
  return next.tasks.some(({ start }, i) => start !== plan.tasks[i]?.start) ? next : plan;
}
