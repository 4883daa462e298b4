import { chanceFrom } from '../units/index.js';
import type { Day, DayPlan } from './day.js';
import { isWhole } from './day.js';
import type { DayIdea, Decoded } from './decode.js';
import { decoderOf, usualOrder } from './decode.js';
import { holdsOf } from './hold.js';
import type { RunIdea } from './run-times.js';
import { runTimesOf } from './run-times.js';
import type { Found, Looking } from './neighbours.js';
import { neighbourOf, putBack } from './neighbours.js';
import { resequenced } from './resequence.js';
import { shellsByIndex } from './shells.js';
import { tallyOf } from './tally.js';
import { toPlan } from './to-plan.js';

/** What a search tells while it goes on. */
export interface Solving {
  readonly share: number;
  /** The best plan so far; null until one can be worked. */
  readonly best: DayPlan | null;
}

/** A search that pauses often; its value is the best plan, null when none was found that can be worked. */
export type DaySearch = Generator<Solving, DayPlan | null>;

const FAILED = 1e6;
/** How much worse a plan may be taken at first, minutes: more where there is more to a plan. */
const warmFor = (pies: number): number => Math.max(30, 2.5 * pies);
/** It cools down geometrically to so much of that. */
const COLD_SHARE = 1 / 60;
const YIELD_EVERY = 16;

/** A day of so few pies is looked at from several seeds: that takes a moment, and its best plan is nearly always found. */
const SMALL_DAY = 4;
/** A large day gains more by looking longer than one of a dozen pies. */
const LARGE_DAY = 12;
/** Evaluations for so many pies: some 2 s with a dozen and 10 s with forty. */
const evaluationsFor = (pies: number): number =>
  pies <= SMALL_DAY ? 2000 : 4200 + 60 * pies + 240 * Math.max(0, pies - LARGE_DAY);
/** Other orders of the best plan's steps that are looked at after that. */
const REORDERS = 6000;
/** How much of a search is over when its first half is. */
const FIRST_SHARE = 0.65;
/** A look at a plan that is late, or lacks something, takes so many times as long. */
const LATE_EFFORT = 4;

export interface SolveOptions {
  readonly seed?: number;
  readonly evaluations?: number;
}

/** From how many seeds a search begins anew while its best plan leaves something late. */
const MOST_STARTS = 3;
/** What has brought no day home by this share of its looks seldom does: another seed sooner will. */
const GIVES_UP_SHARE = 0.6;
/** Another start counts on from far away, so that no two seeds that somebody gives come to the same. */
const NEXT_SEED = 0x9e3779b9;

const badness = (plan: DayPlan | null): number =>
  plan ? plan.score.total + FAILED * plan.leftOut.length : Infinity;

/**
 * A day that works, or the least late one: construction backwards from the hours, then a search that takes pies out and puts
 * them back where they cost least, then one that lays the steps of the best plan in other orders. Stops by evaluations, never by
 * the clock: the same day and seed give the same plan.
 * @param day worked out
 * @param options seed, and how long to look
 * @returns a generator; drive it to its end, or stop it and keep `best`
 * @example finishDay(solveDay(day))
 */
export function* solveDay(
  day: Day,
  { seed = 1, evaluations = evaluationsFor(day.pies.length) }: SolveOptions = {},
): DaySearch {
  let best: DayPlan | null = null;
  const isSmall = day.pies.length <= SMALL_DAY;
  for (let start = 0; start < MOST_STARTS && (isSmall || !isWhole(best)); start++) {
    const patience = start + 1 < MOST_STARTS ? GIVES_UP_SHARE : 1;
    const search = searchFrom(day, seed + start * NEXT_SEED, evaluations, patience, start === 0);
    let next = search.next();
    for (; !next.done; next = search.next()) {
      const { share, best: found } = next.value;
      yield {
        share: isSmall ? (start + share) / MOST_STARTS : share,
        best: badness(found) < badness(best) ? found : best,
      };
    }
    if (badness(next.value) < badness(best)) best = next.value;
  }
  return best;
}

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
function sturdiest(day: Day, passed: readonly DayPlan[]): DayPlan | null {
  const last = passed.at(-1) ?? null;
  if (!isWhole(last) || day.slack.readySooner === 0) return last;
  const near = passed.filter((plan) => isWhole(plan) && plan.score.total <= NEAR_SHARE * last.score.total);
  let best = { plan: last, share: -1 };
  for (const plan of near.slice(-MOST_NEAR).reverse()) {
    const { share } = holdsOf(day, plan, HELD_DAYS);
    if (share > best.share) best = { plan, share };
    if (share >= STURDY_SHARE) break;
  }
  return best.plan;
}

/** Whether all of a pie lies somewhere; its dough aside. */
const isPlaced = ({ pies }: Day, decoded: Pick<Decoded, 'pies'>, i: number): boolean => {
  const at = decoded.pies[i]!;
  const { prepare, line } = pies[i]!;
  return at.run >= 0 && (prepare === 0 || at.prepare >= 0) && (line === 0 || at.line >= 0);
};

const isHome = ({ failed, lateMin }: Found): boolean => failed === 0 && lateMin === 0;

const troubledIn = (day: Day, fromMin: number, decoded: Decoded): number[] =>
  day.pies.flatMap(({ pack, ready }, i) =>
    !isPlaced(day, decoded, i) || decoded.pies[i]!.pack + pack > ready.at - fromMin ? [i] : [],
  );

/** `patience`: by this share of its looks a plan must have come home, or the search ends. */
function* searchFrom(
  day: Day,
  seed: number,
  evaluations: number,
  patience: number,
  isFirst: boolean,
): DaySearch {
  const decoder = decoderOf(day);
  const { board, ways } = decoder;
  const tally = tallyOf(day, board.fromMin, runTimesOf(day, ways, board.fromMin));
  const chance = chanceFrom(seed);
  let spent = 0;
  let strict = false;
  const evaluate = (idea: DayIdea): Found => {
    spent += strict ? 1 : LATE_EFFORT;
    const decoded = decoder.decode(idea, strict);
    const { failed } = decoded;
    const { total, lateMin, outlook } = tally(decoded);
    const troubled = !strict && (failed > 0 || lateMin > 0) ? troubledIn(day, board.fromMin, decoded) : [];
    const without = FAILED * failed;
    return { idea, failed, total: total + without, outlook: outlook + without, lateMin, troubled };
  };
  const told = ({ idea, failed }: Found): DayPlan | null =>
    failed > 0 ? null : toPlan(day, board, ways, decoder.decode(idea, strict));
  // Where a first search brought no day home, being late alone counts until one does.
  const rankOf = ({ total, outlook }: Found): number => (strict || isFirst ? outlook : total);
  const looking: Looking = { day, decoder, evaluate, rankOf, chance };

  // Those wanted last are placed first, as a decoder that goes backwards has it; then each where it costs least.
  const byHour = day.pies
    .map((_, i) => i)
    .sort((a, b) => day.pies[b]!.ready.at - day.pies[a]!.ready.at || a - b);
  let now: Found = {
    idea: { runs: [], order: usualOrder },
    failed: 0,
    total: 0,
    outlook: 0,
    lateMin: 0,
    troubled: [],
  };
  for (const i of byHour) {
    now = putBack(looking, now.idea, i);
    yield { share: (FIRST_SHARE * spent) / (spent + evaluations), best: null };
  }
  let best = now;
  const passed: DayPlan[] = [];
  const pass = (plan: DayPlan | null): DayPlan | null => {
    if (plan) passed.push(plan);
    return plan;
  };
  let plan = pass(told(best));
  const built = spent;
  const limit = built + evaluations;
  const warm = warmFor(day.pies.length);
  let rounds = 0;
  while (spent < limit) {
    strict = isHome(now);
    const done = (spent - built) / evaluations;
    if (done > patience && !isHome(best)) break;
    const heat = warm * COLD_SHARE ** done;
    const tried = neighbourOf(looking, now);
    const worse = rankOf(tried) - rankOf(now);
    if (worse <= 0 || chance() < Math.exp(-worse / heat)) now = tried;
    if (now.total < best.total - 1e-9) {
      best = now;
      plan = pass(told(best));
    }
    rounds += 1;
    if (rounds % YIELD_EVERY === 0) yield { share: (FIRST_SHARE * spent) / limit, best: plan };
  }
  if (isWhole(plan)) {
    const looks = Math.ceil((REORDERS * evaluations) / evaluationsFor(day.pies.length));
    for (const { share, better } of resequenced({ day, ways, chance }, plan, looks)) {
      plan = pass(better) ?? plan;
      yield { share: FIRST_SHARE + (1 - FIRST_SHARE) * share, best: plan };
    }
  }
  return sturdiest(day, passed) ?? withoutFailed(day, best.idea);
}

/** What can be done of a day that cannot be done whole: pies that find no place are left out, and told. */
function withoutFailed(day: Day, idea: DayIdea): DayPlan | null {
  const decoded = decoderOf(day).decode(idea, false);
  // No dough is mixed as long as something else finds no place: that is left out first.
  const isMixed = day.pies.every((_, i) => isPlaced(day, decoded, i));
  const placed = (i: number): boolean =>
    isPlaced(day, decoded, i) &&
    (day.pies[i]?.dough === null || !isMixed || decoded.batches.some(({ pies }) => pies.includes(i)));
  const shellOf = shellsByIndex(day);
  // Neither a shell without its pie, nor a pie without its shell.
  const wanting = (i: number): boolean =>
    (shellOf[i]! >= 0 && !placed(shellOf[i]!)) || shellOf.some((whole, k) => whole === i && !placed(k));
  const kept = day.pies.flatMap((_, i) => (placed(i) && !wanting(i) ? [i] : []));
  if (kept.length === 0 || kept.length === day.pies.length) return null;
  const part: Day = { ...day, pies: kept.map((i) => day.pies[i]!) };
  const left: DayIdea = { ...idea, runs: renumbered(idea.runs, kept) };
  const decoder = decoderOf(part);
  const again = decoder.decode(left, false);
  const plan =
    again.failed > 0 ? withoutFailed(part, left) : toPlan(part, decoder.board, decoder.ways, again);
  return plan && { ...plan, leftOut: leftOutOf(day, plan) };
}

const renumbered = (ideas: readonly RunIdea[], kept: readonly number[]): RunIdea[] =>
  ideas.flatMap((idea) => {
    const pies = idea.pies.flatMap((i) => (kept.includes(i) ? [kept.indexOf(i)] : []));
    return pies.length > 0 ? [{ ...idea, pies }] : [];
  });

const leftOutOf = (day: Day, plan: DayPlan): string[] => {
  const built = new Set(plan.tasks.flatMap(({ kind, of }) => (kind === 'build' ? [of] : [])));
  return day.pies.flatMap(({ id }) => (built.has(id) ? [] : [id]));
};

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
