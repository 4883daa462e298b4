import type { Day, DayPlan } from '../model/index.js';
import { isComplete, LEFT_OUT_MIN, usualWeights } from '../model/index.js';
import { maximalFeasibleSubset, planWithoutFailing } from './feasible-subset.js';
import type { AnnealResult, SearchProgress } from './anneal.js';
import { evaluationsFor, LARGE_DAY, mapYield, annealFrom, SMALL_DAY } from './anneal.js';

export type { SearchProgress };

/** A search that pauses often; its value is the best plan, null when none was found that can be worked. */
export type DaySearch = Generator<SearchProgress, DayPlan | null>;

export interface SolveOptions {
  readonly seed?: number;
  readonly evaluations?: number;
  /** Of a day that cannot be, all that finds no place is left out at one go: quick, and more than must be. */
  readonly isRough?: boolean;
  /** From so many seeds at most; as many as are worth it when left out. */
  readonly starts?: number;
}

/** From how many seeds a search begins anew while its best plan leaves something late; of a large day each takes longer. */
const MOST_STARTS = 3;
const LARGE_STARTS = 2;
/** What has brought no day home by this share of its looks seldom does: another seed sooner will. */
const GIVES_UP_SHARE = 0.6;
/** Another start counts on from far away, so that no two seeds that somebody gives come to the same. */
const NEXT_SEED = 0x9e3779b9;

/** A part of a day that cannot be is looked at for so much of that. */
const PART_SHARE = 0.5;

const badness = (plan: DayPlan | null): number =>
  plan ? plan.score.total + usualWeights.lateMin * LEFT_OUT_MIN * plan.leftOut.length : Infinity;

const better = (a: DayPlan | null, b: DayPlan | null): DayPlan | null => (badness(a) < badness(b) ? a : b);

/**
 * A day that works, or the least late one: construction backwards from the hours, then a search that takes pies out and puts
 * them back where they cost least, then one that lays the steps of the best plan in other orders. Of a day that cannot be as
 * many pies as are found to go. Stops by evaluations, never by the clock: the same day and seed give the same plan.
 * @param day worked out
 * @param options seed, and how long to look
 * @returns a generator; drive it to its end, or stop it and keep `best`
 * @example finishDay(solveDay(day))
 */
export function* solveDay(
  day: Day,
  {
    seed = 1,
    evaluations = evaluationsFor(day.pies.length),
    isRough = false,
    starts: mostStarts = MOST_STARTS,
  }: SolveOptions = {},
): DaySearch {
  let best: DayPlan | null = null;
  let nearest: AnnealResult | null = null;
  const isSmall = day.pies.length <= SMALL_DAY;
  const isLarge = day.pies.length > LARGE_DAY;
  const starts = Math.min(mostStarts, isLarge && !isRough ? LARGE_STARTS : MOST_STARTS);
  for (let start = 0; start < starts && (isSmall || !isComplete(best)); start++) {
    const isLast = start + 1 === starts;
    const from = {
      seed: seed + start * NEXT_SEED,
      evaluations,
      patience: isLast ? 1 : GIVES_UP_SHARE,
      isFirst: start === 0,
    };
    const shareOf = (share: number): number => (isSmall ? (start + share) / starts : share);
    const orElse =
      (before: DayPlan | null) =>
      (step: SearchProgress): SearchProgress => ({
        share: shareOf(step.share),
        best: better(step.best, before),
      });
    const { plan, solution } = yield* mapYield(annealFrom(day, from), orElse(best));
    const found = { plan: plan ?? planWithoutFailing(day, solution), solution };
    if (nearest === null || badness(found.plan) < badness(nearest.plan)) nearest = found;
    best = better(found.plan, best);
    // Of a large day, parts of what one search came to find more than another search does.
    if (isComplete(best) || isRough || !(isLarge || isLast)) continue;
    const parts = maximalFeasibleSubset(day, isLarge ? solution : nearest.solution, {
      ...from,
      evaluations: evaluations * PART_SHARE,
      patience: 1,
    });
    best = better(yield* mapYield(parts, orElse(best)), best);
  }
  return best;
}

/**
 * Drives a search to its end at one go.
 * @param search of `solveDay` or `solveWithSleep`
 * @returns what it came to: the best plan, or null
 * @example finishDay(solveDay(day))
 */
export function finishDay<Value>(search: Generator<unknown, Value>): Value {
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}
