import { lowerBound } from '../bounds/index.js';
import type { Day, DayPlan } from '../model/index.js';
import { isComplete, scorePlan, withNightsShut } from '../model/index.js';
import type { SearchProgress } from './anneal.js';
import { mapYield } from './anneal.js';
import { withReserves } from './reserves.js';
import type { SolveOptions } from './solve-day.js';
import { solveDay } from './solve-day.js';

/** A plan with the day that it is for: with the nights shut where it needs none. */
export interface SleptDay {
  readonly day: Day;
  readonly plan: DayPlan | null;
}
type SleepProgress = SleptDay & Pick<SearchProgress, 'share'>;

/** Easier days than that which was asked for count for so much of the whole. */
const EASIER_SHARE = 0.5;

/**
 * Solves a day as a careful baker would have it: with everybody asleep at night and room before what must not be late; where that
 * leaves something late, without the room; then with the nights open, in the same order.
 * @param day worked out
 * @param options seed, and how long to look
 * @returns a generator; its value the plan and its day
 * @example finishDay(solveWithSleep(day)).plan
 */
export function* solveWithSleep(day: Day, options: SolveOptions = {}): Generator<SleepProgress, SleptDay> {
  const shut = withNightsShut(day);
  const careful = [...(shut ? [shut] : []), day].flatMap((of) => {
    const reserved = withReserves(of);
    const asIs = of === day ? [] : [{ of, solved: of }];
    return [...(reserved ? [{ of, solved: reserved }] : []), ...asIs];
  });
  for (const [i, { of, solved }] of careful.entries()) {
    if (!Number.isFinite(lowerBound(solved))) continue;
    const rescored = (plan: DayPlan): DayPlan => ({ ...plan, score: scorePlan(of, plan) });
    const plan = yield* mapYield(
      solveDay(solved, { ...options, isRough: true, starts: 1 }),
      ({ share, best }): SleepProgress => ({
        share: (EASIER_SHARE * (i + share)) / careful.length,
        day: of,
        plan: best && rescored(best),
      }),
    );
    if (isComplete(plan)) return { day: of, plan: rescored(plan) };
  }
  const from = careful.length > 0 ? EASIER_SHARE : 0;
  const plan = yield* mapYield(solveDay(day, options), ({ share, best }): SleepProgress => ({
    share: from + (1 - from) * share,
    day,
    plan: best,
  }));
  return { day, plan };
}
