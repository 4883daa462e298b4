import { chanceFrom } from '../../units/index.js';
import type { Day, DayPlan } from '../model/index.js';
import { isWhole, shellIds } from '../model/index.js';
import type { DayIdea } from '../timetable/index.js';
import type { Looker } from './evaluate-solution.js';
import { isHome, isPlaced, lookerOf } from './evaluate-solution.js';
import type { Found, Looking } from './neighbourhood.js';
import { neighbourOf, putBack } from './neighbourhood.js';
import type { SearchFrom, Solving } from './anneal.js';
import { retold, searchFrom } from './anneal.js';
import { shareOutOf } from './reassign-batches.js';

/** Some of a day's pies, and an idea of how they are done. */
interface PartOfDay {
  readonly day: Day;
  readonly idea: DayIdea;
}

/** So many neighbours at most are looked at for a pie that finds no place beside the others at once, and so many of a search's. */
const LOOKS_FOR_ONE = { most: 200, share: 1 / 10 } as const;

/** The same day with some of its pies. */
const dayOf = (day: Day, ids: ReadonlySet<string>): Day => ({
  ...day,
  pies: day.pies.filter(({ id }) => ids.has(id)),
});

/** An idea of one day for another one that has some of its pies, or more. */
function ideaFor(day: Day, { runs, ...rest }: DayIdea, from: Day): DayIdea {
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
function failing(day: Day, { decoder, look }: Looker, idea: DayIdea): Set<string> {
  const { troubled } = look(idea, false);
  const { batches, pies } = decoder.decode(idea, false);
  const idsOf = (of: readonly number[]): Set<string> => new Set(of.map((i) => day.pies[i]!.id));
  const unplaced = troubled.filter((i) => !isPlaced(day, { pies }, i));
  if (unplaced.length > 0) return idsOf(unplaced);
  // No dough is mixed as long as something else finds no place.
  const mixed = new Set(batches.flatMap(({ pies: of }) => of));
  const unmixed = day.pies.flatMap(({ dough }, i) => (dough !== null && !mixed.has(i) ? [i] : []));
  return idsOf(unmixed.length > 0 ? unmixed : troubled);
}

/**
 * What is left of a day when all that finds no place is left out.
 * @param isLeft whether it is as wanted
 * @returns null when nothing is left
 */
function withoutFailing(day: Day, idea: DayIdea, isLeft: (found: Found) => boolean): PartOfDay | null {
  const looker = lookerOf(day);
  if (isLeft(looker.look(idea, false))) return { day, idea };
  const out = withOthers(day, failing(day, looker, idea));
  const kept = dayOf(day, new Set(day.pies.flatMap(({ id }) => (out.has(id) ? [] : [id]))));
  if (out.size === 0 || kept.pies.length === 0) return null;
  return withoutFailing(kept, ideaFor(kept, idea, day), isLeft);
}

/** A part of a day and one pie more, with its shell where it has one; null when that is not found to go. */
function withOneMore(
  day: Day,
  part: PartOfDay,
  id: string,
  looks: number,
  chance: () => number,
): PartOfDay | null {
  const more = withOthers(day, new Set([id]));
  const larger = dayOf(day, new Set([...part.day.pies.map((pie) => pie.id), ...more]));
  const { decoder, look } = lookerOf(larger);
  const looking: Looking = {
    day: larger,
    decoder,
    evaluate: (idea) => look(idea, false),
    rankOf: ({ total }) => total,
    shareOut: shareOutOf(larger, decoder.ways, chance),
    chance,
  };
  let now: Found | null = null;
  let idea = ideaFor(larger, part.idea, part.day);
  larger.pies.forEach((pie, i) => {
    if (!more.has(pie.id)) return;
    now = putBack(looking, idea, i);
    idea = now.idea;
  });
  return goesIn(looking, now, looks);
}

/** On from a plan that is not home until it is, a little at a time. */
function goesIn(looking: Looking, from: Found | null, most: number): PartOfDay | null {
  let now = from;
  for (let looks = 0; now && looks < most && !isHome(now); looks++) {
    const tried = neighbourOf(looking, now);
    if (tried.total <= now.total) now = tried;
  }
  return now && isHome(now) ? { day: looking.day, idea: now.idea } : null;
}

/** Alike but for their names: where there is no place for one there is none for the other. */
const kindOf = (pie: Day['pies'][number]): string =>
  JSON.stringify({ ...pie, id: '', shellOf: pie.shellOf && '' });

/**
 * To pies that have a place all others are added one by one, first of what there is none yet. Its value is a part that has all that
 * it was given, and more where there is room.
 */
function* withMore(
  day: Day,
  part: PartOfDay,
  { seed, evaluations }: SearchFrom,
): Generator<number, PartOfDay> {
  const chance = chanceFrom(seed);
  const looks = Math.min(LOOKS_FOR_ONE.most, evaluations * LOOKS_FOR_ONE.share);
  let best = part;
  const tried = new Set<string>();
  const nextOf = ({ pies }: Day): Day['pies'][number] | undefined => {
    const has = new Set(pies.map(({ id }) => id));
    const labels = new Set(pies.map(({ label }) => label));
    const waiting = day.pies.filter(
      (pie) => !has.has(pie.id) && pie.shellOf === undefined && !tried.has(kindOf(pie)),
    );
    return waiting.find(({ label }) => !labels.has(label)) ?? waiting[0];
  };
  for (let next = nextOf(best.day); next; next = nextOf(best.day)) {
    yield best.day.pies.length / day.pies.length;
    const larger = withOneMore(day, best, next.id, looks, chance);
    if (larger) best = larger;
    else tried.add(kindOf(next));
  }
  return best;
}

const told = (day: Day, part: Day, plan: DayPlan | null): DayPlan | null => {
  const has = new Set(part.pies.map(({ id }) => id));
  return plan && { ...plan, leftOut: day.pies.flatMap(({ id }) => (has.has(id) ? [] : [id])) };
};

/** A plan without all that finds no place, by one idea of a day; null when nothing is left. */
export function planWithoutFailing(day: Day, idea: DayIdea): DayPlan | null {
  const part = withoutFailing(day, idea, ({ failed }) => failed === 0);
  return part && told(day, part.day, lookerOf(part.day).planOf(part.idea));
}

/**
 * As many pies as are found to go of a day that cannot be done whole, all of them in time: what fails is left out, what then has a
 * place is added again, and what that comes to is searched as a day of its own.
 * @param day worked out
 * @param idea of it that fails in something
 * @param from how each part is searched
 * @returns a generator; its value the plan, null when not one pie goes
 */
export function* asManyAsGo(day: Day, idea: DayIdea, from: SearchFrom): Generator<Solving, DayPlan | null> {
  const nothing: PartOfDay = { day: dayOf(day, new Set()), idea: { ...idea, runs: [] } };
  let part = withoutFailing(day, idea, isHome) ?? nothing;
  let best: DayPlan | null = null;
  for (;;) {
    const soFar: DayPlan | null = best;
    const larger = yield* retold(withMore(day, part, from), (share) => ({ share, best: soFar }));
    if (larger.day.pies.length === 0 || (best && larger.day === part.day)) return best;
    part = larger;
    const added = told(day, part.day, lookerOf(part.day).planOf(part.idea));
    const { plan, idea: found } = yield* retold(searchFrom(part.day, from), ({ share }) => ({
      share,
      best: added,
    }));
    best = isWhole(plan) ? told(day, part.day, plan) : added;
    if (isWhole(plan)) part = { day: part.day, idea: found };
  }
}
