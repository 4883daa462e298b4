import { chanceFrom } from '../units/index.js';
import type { Day, DayPlan } from './day.js';
import { isWhole } from './day.js';
import type { Decoder } from './decode.js';
import { decoderOf } from './decode.js';
import type { RunIdea } from './lay-runs.js';
import { toPlan } from './to-plan.js';

/** What a search tells while it goes on. */
export interface Solving {
  readonly share: number;
  /** The best plan so far; null until one can be worked. */
  readonly best: DayPlan | null;
}

/** A search that pauses often; its value is the best plan, null when none was found that can be worked. */
export type DaySearch = Generator<Solving, DayPlan | null>;

interface Found {
  readonly ideas: readonly RunIdea[];
  /** Tasks and runs that found no place. */
  readonly failed: number;
  readonly total: number;
  readonly lateMin: number;
}

const FAILED = 1e6;
const MOST_TAKEN_OUT = 4;
/** Programmes of an oven that are tried for a pie on its own, cheapest first. */
const NEW_RUN_WAYS = 3;
const RUNS_LOOKED_AT = 8;
/** How much worse a plan may be taken at first and at last, minutes: it cools down geometrically between. */
const WARM = 30;
const COLD = 0.5;
const YIELD_EVERY = 16;

/** Evaluations for so many pies: some 2 s with a dozen and 10 s with forty. */
const evaluationsFor = (pies: number): number => 2400 + 50 * pies;
/** A look at a plan that is late, or lacks something, takes so many times as long. */
const LATE_EFFORT = 4;

export interface SolveOptions {
  readonly seed?: number;
  readonly evaluations?: number;
}

/** From how many seeds a search begins anew while its best plan leaves something late. */
const MOST_STARTS = 3;
/** Another start counts on from far away, so that no two seeds that somebody gives come to the same. */
const NEXT_SEED = 0x9e3779b9;

const badness = (plan: DayPlan | null): number =>
  plan ? plan.score.total + FAILED * plan.leftOut.length : Infinity;

/**
 * A day that works, or the least late one: construction backwards from the hours, then a search that takes pies out and puts
 * them back where they cost least. Stops by evaluations, never by the clock: the same day and seed give the same plan.
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
  for (let start = 0; start < MOST_STARTS && !isWhole(best); start++) {
    const plan = yield* searchFrom(day, seed + start * NEXT_SEED, evaluations);
    if (badness(plan) < badness(best)) best = plan;
  }
  return best;
}

function* searchFrom(day: Day, seed: number, evaluations: number): DaySearch {
  const decoder = decoderOf(day);
  const chance = chanceFrom(seed);
  let spent = 0;
  let strict = false;
  const evaluate = (ideas: readonly RunIdea[]): Found => {
    spent += strict ? 1 : LATE_EFFORT;
    const decoded = decoder.decode(ideas, strict);
    const { failed } = decoded;
    const { total, lateMin } = toPlan(day, decoder.board, decoder.ways, decoded).score;
    return { ideas, failed, total: total + FAILED * failed, lateMin };
  };
  const told = ({ ideas, failed }: Found): DayPlan | null =>
    failed > 0 ? null : toPlan(day, decoder.board, decoder.ways, decoder.decode(ideas, strict));

  // Those wanted last are placed first, as a decoder that goes backwards has it; then each where it costs least.
  const byHour = day.pies
    .map((_, i) => i)
    .sort((a, b) => day.pies[b]!.ready.at - day.pies[a]!.ready.at || a - b);
  let now: Found = { ideas: [], failed: 0, total: 0, lateMin: 0 };
  for (const i of byHour) {
    now = putBack(day, decoder, now.ideas, i, evaluate, chance);
    yield { share: spent / (spent + evaluations), best: null };
  }
  let best = now;
  let plan = told(best);
  const built = spent;
  const limit = built + evaluations;
  let rounds = 0;
  while (spent < limit) {
    strict = now.failed === 0 && now.lateMin === 0;
    const done = (spent - built) / evaluations;
    const heat = WARM * (COLD / WARM) ** done;
    const tried = change(day, decoder, now.ideas, evaluate, chance);
    if (tried.total <= now.total || chance() < Math.exp((now.total - tried.total) / heat)) now = tried;
    if (now.total < best.total - 1e-9) {
      best = now;
      plan = told(best);
    }
    rounds += 1;
    if (rounds % YIELD_EVERY === 0) yield { share: spent / limit, best: plan };
  }
  return plan ?? withoutFailed(day, best.ideas);
}

/** What can be done of a day that cannot be done whole: pies that find no place are left out, and told. */
function withoutFailed(day: Day, ideas: readonly RunIdea[]): DayPlan | null {
  const decoded = decoderOf(day).decode(ideas, false);
  const placed = (i: number): boolean => {
    const at = decoded.pies[i];
    const pie = day.pies[i];
    const dough = pie?.dough === null || decoded.batches.some(({ pies }) => pies.includes(i));
    return (
      at !== undefined &&
      at.run >= 0 &&
      (pie?.prepare === 0 || at.prepare >= 0) &&
      (pie?.line === 0 || at.line >= 0) &&
      dough
    );
  };
  const kept = day.pies.flatMap((_, i) => (placed(i) ? [i] : []));
  if (kept.length === 0 || kept.length === day.pies.length) return null;
  const part: Day = { ...day, pies: kept.map((i) => day.pies[i]!) };
  const left = renumbered(ideas, kept);
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

type Evaluate = (ideas: readonly RunIdea[]) => Found;

const without = (ideas: readonly RunIdea[], out: ReadonlySet<number>): RunIdea[] =>
  ideas.flatMap((idea) => {
    const pies = idea.pies.filter((i) => !out.has(i));
    // A run that is as it was stays the same object: a decoder knows by that what need not be laid anew.
    if (pies.length === idea.pies.length) return [idea];
    return pies.length > 0 ? [{ ...idea, pies }] : [];
  });

/** Where a pie goes at least cost: into a run that bakes it right, or a run of its own. */
function putBack(
  day: Day,
  decoder: Decoder,
  ideas: readonly RunIdea[],
  i: number,
  evaluate: Evaluate,
  chance: () => number,
): Found {
  const { ovens } = day.kitchen;
  const joins = ideas.flatMap((idea, r) =>
    idea.pies.length < ovens[idea.oven]!.places && decoder.ways[idea.oven]![i]!.has(idea.heat) ? [r] : [],
  );
  while (joins.length > RUNS_LOOKED_AT) joins.splice(Math.floor(chance() * joins.length), 1);
  const tries = joins.map((r) =>
    ideas.map((idea, k) => (k === r ? { ...idea, pies: [...idea.pies, i] } : idea)),
  );
  ovens.forEach((_, oven) => {
    const ways = [...decoder.ways[oven]![i]!].sort((a, b) => a[1].cost - b[1].cost).slice(0, NEW_RUN_WAYS);
    if (ways.length === 0) return;
    // One way for sure, one by chance; at its hour and somewhere else.
    const picks = new Set([0, Math.floor(chance() * ways.length)]);
    for (const pick of picks) {
      const idea: RunIdea = { oven, heat: ways[pick]![0], pies: [i] };
      const hour = ideas.findIndex((other) => day.pies[other.pies[0]!]!.ready.at > day.pies[i]!.ready.at);
      const places = new Set([0, hour < 0 ? ideas.length : hour, Math.floor(chance() * (ideas.length + 1))]);
      for (const place of places) tries.push([...ideas.slice(0, place), idea, ...ideas.slice(place)]);
    }
  });
  let best: Found | null = null;
  for (const tried of tries) {
    const found = evaluate(tried);
    if (!best || found.total < best.total) best = found;
  }
  return best ?? evaluate(ideas);
}

/** A neighbour of a plan: a few pies somewhere else, runs in another order, or a run at another programme. */
function change(
  day: Day,
  decoder: Decoder,
  ideas: readonly RunIdea[],
  evaluate: Evaluate,
  chance: () => number,
): Found {
  const pick = (below: number): number => Math.floor(chance() * below);
  const kind = chance();
  if (kind < 0.15 && ideas.length > 1) {
    const a = pick(ideas.length - 1);
    const swapped = [...ideas];
    [swapped[a], swapped[a + 1]] = [ideas[a + 1]!, ideas[a]!];
    return evaluate(swapped);
  }
  if (kind < 0.3) {
    const r = pick(ideas.length);
    const idea = ideas[r]!;
    const oven = pick(day.kitchen.ovens.length);
    const shared = [...decoder.ways[oven]![idea.pies[0]!]!.keys()].filter((heat) =>
      idea.pies.every((i) => decoder.ways[oven]![i]!.has(heat)),
    );
    if (shared.length > 0 && idea.pies.length <= day.kitchen.ovens[oven]!.places) {
      const heat = shared[pick(shared.length)]!;
      return evaluate(ideas.map((other, k) => (k === r ? { ...other, oven, heat } : other)));
    }
  }
  const out = new Set<number>();
  const wanted = 1 + pick(Math.min(MOST_TAKEN_OUT, day.pies.length));
  if (chance() < 0.4) {
    // A whole run, or as much of it as may be.
    for (const i of ideas[pick(ideas.length)]!.pies) if (out.size < MOST_TAKEN_OUT) out.add(i);
  }
  while (out.size < wanted) out.add(pick(day.pies.length));
  const order = [...out].sort(() => chance() - 0.5);
  let left: readonly RunIdea[] = without(ideas, out);
  let found: Found | null = null;
  for (const i of order) {
    found = putBack(day, decoder, left, i, evaluate, chance);
    left = found.ideas;
  }
  return found ?? evaluate(ideas);
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
