import { chanceFrom } from '../../units/index.js';
import type { Day, DayPlan } from '../model/index.js';
import { isComplete } from '../model/index.js';
import type { Solution } from '../timetable/index.js';
import { estimateRobustness } from './robustness.js';
import { isInTime, makeEvaluator } from './evaluate-solution.js';
import type { EvaluatedSolution, NeighbourhoodState } from './neighbourhood.js';
import { makeNeighbour, putBack } from './neighbourhood.js';
import { usualPlacingOrder } from '../timetable/index.js';
import { reorderOperations } from './reorder-operations.js';
import { makeBatchReassignment } from './reassign-batches.js';

/** What a search tells while it goes on. */
export interface SearchProgress {
  readonly share: number;
  /** The best plan so far; null until one can be worked. */
  readonly best: DayPlan | null;
}

/** What a search from one seed came to: the solution too, where it is no plan yet. */
export interface AnnealResult {
  readonly plan: DayPlan | null;
  readonly solution: Solution;
}

export interface AnnealStart {
  readonly seed: number;
  readonly evaluations: number;
  /** By this share of its looks a plan must have come home, or the search ends. */
  readonly patience: number;
  readonly isFirst: boolean;
}

/** Goes on with a sum whose steps are told in other words; its value stays what it is. */
export function* mapYield<Step, Told, Value>(
  sum: Generator<Step, Value>,
  tell: (step: Step) => Told,
): Generator<Told, Value> {
  for (;;) {
    const { done, value } = sum.next();
    if (done) return value;
    yield tell(value);
  }
}

/** How much worse a plan may be taken at first, minutes: more where there is more to a plan. */
const warmFor = (pies: number): number => Math.max(15, 1.25 * pies);
/** It cools down geometrically to so much of that. */
const COLD_SHARE = 1 / 20;
const YIELD_EVERY = 16;

/** A day of so few pies is looked at from several seeds: that takes a moment, and its best plan is nearly always found. */
export const SMALL_DAY = 4;
/** A large day gains more by looking longer than one of a dozen pies. */
export const LARGE_DAY = 12;
/** Evaluations for so many pies: some 2 s with a dozen and 10 s with forty. */
export const evaluationsFor = (pies: number): number =>
  pies <= SMALL_DAY ? 2000 : 5200 + 60 * pies + 100 * Math.max(0, pies - LARGE_DAY);
/** Other orders of the best plan's steps that are looked at after that. */
const REORDERS = 6000;
/** How much of a search is over when its first half is. */
const FIRST_SHARE = 0.65;
/** A look at a plan that is late, or lacks something, takes so many times as long. */
const LATE_EFFORT = 4;

/** So many days, others than those by which it is told how well a plan holds, tell which of the best ones to take. */
const HELD_DAYS = { seed: 77, days: 300 } as const;
/** Held on so many of them, a plan is sturdy: what is cheaper still is no better. */
const STURDY_SHARE = 0.92;
/** Plans of nearly the same worth: no more of the best than these, none worse by more. */
const MOST_NEAR = 12;
const NEAR_SHARE = 1.04;

/**
 * Of plans that a search passed on its way, worst first, the cheapest that holds when times fall as they do. Where no room was
 * to be left nobody asks for that.
 */
function mostRobust(day: Day, passed: readonly DayPlan[]): DayPlan | null {
  const last = passed.at(-1) ?? null;
  if (!isComplete(last) || day.slack.readySooner === 0) return last;
  const near = passed.filter((plan) => isComplete(plan) && plan.score.total <= NEAR_SHARE * last.score.total);
  let best = { plan: last, share: -1 };
  for (const plan of near.slice(-MOST_NEAR).reverse()) {
    const { share } = estimateRobustness(day, plan, HELD_DAYS);
    if (share > best.share) best = { plan, share };
    if (share >= STURDY_SHARE) break;
  }
  return best.plan;
}

/** Construction backwards from the hours, moves of pies and runs, then other orders of the best plan's steps; from one seed. */
export function* annealFrom(
  day: Day,
  { seed, evaluations, patience, isFirst }: AnnealStart,
): Generator<SearchProgress, AnnealResult> {
  const { decoder, ways, evaluate: look, toPlan: planOf } = makeEvaluator(day);
  const chance = chanceFrom(seed);
  let spent = 0;
  let strict = false;
  const evaluate = (solution: Solution): EvaluatedSolution => {
    spent += strict ? 1 : LATE_EFFORT;
    return look(solution, strict);
  };
  // Where a first search brought no day home, being late alone counts until one does.
  const rankOf = ({ total, smoothedTotal: outlook }: EvaluatedSolution): number =>
    strict || isFirst ? outlook : total;
  const shareOut = makeBatchReassignment(day, ways, chance);
  const looking: NeighbourhoodState = { day, decoder, evaluate, rankOf, shareOut, chance };

  // Those wanted last are placed first, as a decoder that goes backwards has it; then each where it costs least.
  const byHour = day.pies
    .map((_, i) => i)
    .sort((a, b) => day.pies[b]!.ready.at - day.pies[a]!.ready.at || a - b);
  let now: EvaluatedSolution = {
    solution: { runs: [], order: usualPlacingOrder },
    failed: 0,
    total: 0,
    smoothedTotal: 0,
    lateMin: 0,
    infeasible: [],
  };
  for (const i of byHour) {
    now = putBack(looking, now.solution, i);
    yield { share: (FIRST_SHARE * spent) / (spent + evaluations), best: null };
  }
  let best = now;
  const passed: DayPlan[] = [];
  const pass = (plan: DayPlan | null): DayPlan | null => {
    if (plan) passed.push(plan);
    return plan;
  };
  let plan = pass(planOf(best.solution));
  const built = spent;
  const limit = built + evaluations;
  const warm = warmFor(day.pies.length);
  let rounds = 0;
  while (spent < limit) {
    strict = isInTime(now);
    const done = (spent - built) / evaluations;
    if (done > patience && !isInTime(best)) break;
    const heat = warm * COLD_SHARE ** done;
    const tried = makeNeighbour(looking, now);
    const worse = rankOf(tried) - rankOf(now);
    if (worse <= 0 || chance() < Math.exp(-worse / heat)) now = tried;
    if (now.total < best.total - 1e-9) {
      best = now;
      plan = pass(planOf(best.solution));
    }
    rounds += 1;
    if (rounds % YIELD_EVERY === 0) yield { share: (FIRST_SHARE * spent) / limit, best: plan };
  }
  if (isComplete(plan)) {
    const looks = Math.ceil((REORDERS * evaluations) / evaluationsFor(day.pies.length));
    for (const { share, better } of reorderOperations({ day, ways, chance }, plan, looks)) {
      plan = pass(better) ?? plan;
      yield { share: FIRST_SHARE + (1 - FIRST_SHARE) * share, best: plan };
    }
  }
  return { plan: mostRobust(day, passed), solution: best.solution };
}
