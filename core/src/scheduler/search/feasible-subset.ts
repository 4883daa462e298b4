import { chanceFrom } from '../../units/index.js';
import type { Day, DayPlan } from '../model/index.js';
import { isComplete, shellIds } from '../model/index.js';
import type { Solution } from '../timetable/index.js';
import type { Evaluator } from './evaluate-solution.js';
import { isInTime, isPlaced, makeEvaluator } from './evaluate-solution.js';
import type { EvaluatedSolution, NeighbourhoodState } from './neighbourhood.js';
import { makeNeighbour, putBack } from './neighbourhood.js';
import type { AnnealStart, SearchProgress } from './anneal.js';
import { mapYield, annealFrom } from './anneal.js';
import { makeBatchReassignment } from './reassign-batches.js';

/** Some of a day's pies, and an solution of how they are done. */
interface DaySubset {
  readonly day: Day;
  readonly solution: Solution;
}

/** So many neighbours at most are looked at for a pie that finds no place beside the others at once, and so many of a search's. */
const LOOKS_FOR_ONE = { most: 200, share: 1 / 10 } as const;

/** The same day with some of its pies. */
const subDay = (day: Day, ids: ReadonlySet<string>): Day => ({
  ...day,
  pies: day.pies.filter(({ id }) => ids.has(id)),
});

/** An solution of one day for another one that has some of its pies, or more. */
function restrictSolution(day: Day, { runs, ...rest }: Solution, from: Day): Solution {
  const indexOf = new Map(day.pies.map(({ id }, i) => [id, i]));
  const moved = runs.map((run) => ({
    ...run,
    pies: run.pies.flatMap((i) => indexOf.get(from.pies[i]!.id) ?? []),
  }));
  return { runs: moved.filter(({ pies }) => pies.length > 0), ...rest };
}

/** With those to which they belong: no shell without its pie, and no pie without its shell. */
function withOthers(day: Day, ids: ReadonlySet<string>): Set<string> {
  const shells = shellIds(day);
  return new Set(
    day.pies.flatMap(({ id, shellOf = id }) => {
      const all = [id, shellOf, shells.get(id) ?? id];
      return all.some((one) => ids.has(one)) ? [id] : [];
    }),
  );
}

/** Pies that lie nowhere, or that nobody mixes dough for; where all lie somewhere, those that are late. */
function failing(day: Day, { decoder, evaluate: look }: Evaluator, solution: Solution): Set<string> {
  const { infeasible: infeasible } = look(solution, false);
  const { batches, pies } = decoder.decode(solution, false);
  const idsOf = (of: readonly number[]): Set<string> => new Set(of.map((i) => day.pies[i]!.id));
  const unplaced = infeasible.filter((i) => !isPlaced(day, { pies }, i));
  if (unplaced.length > 0) return idsOf(unplaced);
  // No dough is mixed as long as something else finds no place.
  const mixed = new Set(batches.flatMap(({ pies: of }) => of));
  const unmixed = day.pies.flatMap(({ dough }, i) => (dough !== null && !mixed.has(i) ? [i] : []));
  return idsOf(unmixed.length > 0 ? unmixed : infeasible);
}

/**
 * What is left of a day when all that finds no place is left out.
 * @param isLeft whether it is as wanted
 * @returns null when nothing is left
 */
function withoutFailing(
  day: Day,
  solution: Solution,
  isLeft: (found: EvaluatedSolution) => boolean,
): DaySubset | null {
  const looker = makeEvaluator(day);
  if (isLeft(looker.evaluate(solution, false))) return { day, solution };
  const out = withOthers(day, failing(day, looker, solution));
  const kept = subDay(day, new Set(day.pies.flatMap(({ id }) => (out.has(id) ? [] : [id]))));
  if (out.size === 0 || kept.pies.length === 0) return null;
  return withoutFailing(kept, restrictSolution(kept, solution, day), isLeft);
}

/** A part of a day and one pie more, with its shell where it has one; null when that is not found to go. */
function withOneMore(
  day: Day,
  part: DaySubset,
  id: string,
  looks: number,
  chance: () => number,
): DaySubset | null {
  const more = withOthers(day, new Set([id]));
  const larger = subDay(day, new Set([...part.day.pies.map((pie) => pie.id), ...more]));
  const { decoder, evaluate: look } = makeEvaluator(larger);
  const looking: NeighbourhoodState = {
    day: larger,
    decoder,
    evaluate: (solution) => look(solution, false),
    rankOf: ({ total }) => total,
    shareOut: makeBatchReassignment(larger, decoder.ways, chance),
    chance,
  };
  let now: EvaluatedSolution | null = null;
  let solution = restrictSolution(larger, part.solution, part.day);
  larger.pies.forEach((pie, i) => {
    if (!more.has(pie.id)) return;
    now = putBack(looking, solution, i);
    solution = now.solution;
  });
  return isFeasible(looking, now, looks);
}

/** On from a plan that is not home until it is, a little at a time. */
function isFeasible(
  looking: NeighbourhoodState,
  from: EvaluatedSolution | null,
  most: number,
): DaySubset | null {
  let now = from;
  for (let looks = 0; now && looks < most && !isInTime(now); looks++) {
    const tried = makeNeighbour(looking, now);
    if (tried.total <= now.total) now = tried;
  }
  return now && isInTime(now) ? { day: looking.day, solution: now.solution } : null;
}

/** Alike but for their names: where there is no place for one there is none for the other. */
const pieKind = (pie: Day['pies'][number]): string =>
  JSON.stringify({ ...pie, id: '', shellOf: pie.shellOf && '' });

/**
 * To pies that have a place all others are added one by one, first of what there is none yet. Its value is a part that has all that
 * it was given, and more where there is room.
 */
function* withMore(
  day: Day,
  part: DaySubset,
  { seed, evaluations }: AnnealStart,
): Generator<number, DaySubset> {
  const chance = chanceFrom(seed);
  const looks = Math.min(LOOKS_FOR_ONE.most, evaluations * LOOKS_FOR_ONE.share);
  let best = part;
  const tried = new Set<string>();
  const nextOf = ({ pies }: Day): Day['pies'][number] | undefined => {
    const has = new Set(pies.map(({ id }) => id));
    const labels = new Set(pies.map(({ label }) => label));
    const waiting = day.pies.filter(
      (pie) => !has.has(pie.id) && pie.shellOf === undefined && !tried.has(pieKind(pie)),
    );
    return waiting.find(({ label }) => !labels.has(label)) ?? waiting[0];
  };
  for (let next = nextOf(best.day); next; next = nextOf(best.day)) {
    yield best.day.pies.length / day.pies.length;
    const larger = withOneMore(day, best, next.id, looks, chance);
    if (larger) best = larger;
    else tried.add(pieKind(next));
  }
  return best;
}

const mapProgress = (day: Day, part: Day, plan: DayPlan | null): DayPlan | null => {
  const has = new Set(part.pies.map(({ id }) => id));
  return plan && { ...plan, leftOut: day.pies.flatMap(({ id }) => (has.has(id) ? [] : [id])) };
};

/** A plan without all that finds no place, by one solution of a day; null when nothing is left. */
export function planWithoutFailing(day: Day, solution: Solution): DayPlan | null {
  const part = withoutFailing(day, solution, ({ failed }) => failed === 0);
  return part && mapProgress(day, part.day, makeEvaluator(part.day).toPlan(part.solution));
}

/**
 * As many pies as are found to go of a day that cannot be done whole, all of them in time: what fails is left out, what then has a
 * place is added again, and what that comes to is searched as a day of its own.
 * @param day worked out
 * @param solution of it that fails in something
 * @param from how each part is searched
 * @returns a generator; its value the plan, null when not one pie goes
 */
export function* maximalFeasibleSubset(
  day: Day,
  solution: Solution,
  from: AnnealStart,
): Generator<SearchProgress, DayPlan | null> {
  const nothing: DaySubset = { day: subDay(day, new Set()), solution: { ...solution, runs: [] } };
  let part = withoutFailing(day, solution, isInTime) ?? nothing;
  let best: DayPlan | null = null;
  for (;;) {
    const soFar: DayPlan | null = best;
    const larger = yield* mapYield(withMore(day, part, from), (share) => ({ share, best: soFar }));
    if (larger.day.pies.length === 0 || (best && larger.day === part.day)) return best;
    part = larger;
    const added = mapProgress(day, part.day, makeEvaluator(part.day).toPlan(part.solution));
    const { plan, solution: found } = yield* mapYield(annealFrom(part.day, from), ({ share }) => ({
      share,
      best: added,
    }));
    best = isComplete(plan) ? mapProgress(day, part.day, plan) : added;
    if (isComplete(plan)) part = { day: part.day, solution: found };
  }
}
