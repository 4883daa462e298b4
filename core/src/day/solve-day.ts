import type { Day, DayPlan } from './day.js';
import { isWhole, LEFT_OUT_MIN, weights } from './day.js';
import type { DayIdea } from './decode.js';
import { asManyAsGo, planWithoutFailing } from './part-of-day.js';
import type { Solving } from './search-day.js';
import { evaluationsFor, searchFrom, SMALL_DAY } from './search-day.js';

export type { Solving };

/** A search that pauses often; its value is the best plan, null when none was found that can be worked. */
export type DaySearch = Generator<Solving, DayPlan | null>;

export interface SolveOptions {
  readonly seed?: number;
  readonly evaluations?: number;
  /** Of a day that cannot be, all that finds no place is left out at one go: quick, and more than must be. */
  readonly isRough?: boolean;
}

/** From how many seeds a search begins anew while its best plan leaves something late. */
const MOST_STARTS = 3;
/** What has brought no day home by this share of its looks seldom does: another seed sooner will. */
const GIVES_UP_SHARE = 0.6;
/** Another start counts on from far away, so that no two seeds that somebody gives come to the same. */
const NEXT_SEED = 0x9e3779b9;

/** A part of a day that cannot be is looked at for so much of that. */
const PART_SHARE = 0.5;

const badness = (plan: DayPlan | null): number =>
  plan ? plan.score.total + weights.lateMin * LEFT_OUT_MIN * plan.leftOut.length : Infinity;

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
  { seed = 1, evaluations = evaluationsFor(day.pies.length), isRough = false }: SolveOptions = {},
): DaySearch {
  let best: DayPlan | null = null;
  let idea: DayIdea | null = null;
  const isSmall = day.pies.length <= SMALL_DAY;
  for (let start = 0; start < MOST_STARTS && (isSmall || !isWhole(best)); start++) {
    const patience = start + 1 < MOST_STARTS ? GIVES_UP_SHARE : 1;
    const from = { seed: seed + start * NEXT_SEED, evaluations, patience, isFirst: start === 0 };
    const search = searchFrom(day, from);
    let next = search.next();
    for (; !next.done; next = search.next()) {
      const { share, best: found } = next.value;
      yield {
        share: isSmall ? (start + share) / MOST_STARTS : share,
        best: better(found, best),
      };
    }
    const found = next.value.plan ?? planWithoutFailing(day, next.value.idea);
    if (idea === null || badness(found) < badness(best)) idea = next.value.idea;
    best = better(found, best);
  }
  if (isWhole(best) || isRough || idea === null) return best;
  const soFar = best;
  const parts = asManyAsGo(day, idea, {
    seed,
    evaluations: evaluations * PART_SHARE,
    patience: 1,
    isFirst: true,
  });
  let next = parts.next();
  for (; !next.done; next = parts.next())
    yield { share: next.value.share, best: better(next.value.best, soFar) };
  return better(next.value, soFar);
}

/**
 * Drives a search to its end at one go.
 * @param search of `solveDay`
 * @returns the best plan, or null
 * @example finishDay(solveDay(day))
 */
export function finishDay(search: DaySearch): DayPlan | null {
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}
