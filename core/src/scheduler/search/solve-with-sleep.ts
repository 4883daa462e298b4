import { lowerBound } from '../bounds/index.js';
import type { Day, DayPlan } from '../model/index.js';
import { isComplete, withNightsShut } from '../model/index.js';
import type { SearchProgress } from './anneal.js';
import { mapYield } from './anneal.js';
import type { SolveOptions } from './solve-day.js';
import { solveDay } from './solve-day.js';

/** A plan with the day that it is for: with the nights shut where it needs none. */
export interface SleptDay {
  readonly day: Day;
  readonly plan: DayPlan | null;
}
type SleepProgress = SleptDay & Pick<SearchProgress, 'share'>;

/** How much of the whole a first search with the nights shut is. */
const SHUT_SHARE = 0.5;

/**
 * Solves a day first with everybody asleep at night; only where that leaves something late, with the nights open.
 * @param day worked out
 * @param options seed, and how long to look
 * @returns a generator; its value the plan and its day
 * @example finishDay(solveWithSleep(day)).plan
 */
export function* solveWithSleep(day: Day, options: SolveOptions = {}): Generator<SleepProgress, SleptDay> {
  const shut = withNightsShut(day);
  if (shut && Number.isFinite(lowerBound(shut))) {
    const plan = yield* mapYield(
      solveDay(shut, { ...options, isRough: true }),
      ({ share, best }): SleepProgress => ({ share: SHUT_SHARE * share, day: shut, plan: best }),
    );
    if (isComplete(plan)) return { day: shut, plan };
  }
  const from = shut ? SHUT_SHARE : 0;
  const plan = yield* mapYield(solveDay(day, options), ({ share, best }): SleepProgress => ({
    share: from + (1 - from) * share,
    day,
    plan: best,
  }));
  return { day, plan };
}
