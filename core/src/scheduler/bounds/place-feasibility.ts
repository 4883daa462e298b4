import type { Day, DayPie } from '../model/index.js';
import { headMin, shortestOption, loadedAfterMin, restedMin, tailMin } from './work-feasibility.js';
import type { Wave } from './work-feasibility.js';

/** A place that a pie holds for a while: in an oven, or its dish. Moments in min of the day. */
interface Stay {
  readonly lastsMin: number;
  readonly wave: number;
  /** It begins so long after the first touch of its wave, or later. */
  readonly afterMin: number;
  /** It ends by then. */
  readonly by: number;
  /** It ends no sooner: what is to be warm is not out too early. */
  readonly notBefore: number;
}

interface PlaceCounts {
  readonly places: number;
  readonly stays: readonly Stay[];
}

const inOven = (day: Day, pie: DayPie, wave: number): Stay => ({
  wave,
  lastsMin: shortestOption(pie, 'out'),
  afterMin: loadedAfterMin(day, pie),
  by: pie.ready.at - pie.pack - pie.cool,
  notBefore: pie.ready.at - (pie.warm ?? Infinity),
});

const inDish = (day: Day, pie: DayPie, wave: number): Stay => ({
  wave,
  lastsMin: (pie.line > 0 ? pie.line + pie.baseChill : 0) + pie.build + tailMin(pie),
  afterMin: pie.line > 0 ? restedMin(day, pie) : headMin(day, pie),
  by: pie.ready.at,
  notBefore: pie.ready.at - (pie.warm ?? Infinity) + pie.cool + pie.pack,
});

function countPlaces(day: Day, waves: readonly Wave[]): PlaceCounts[] {
  const staysOf = (stay: typeof inDish, holds: (pie: DayPie) => boolean): Stay[] =>
    waves
      .flatMap(({ pies }, wave) => pies.filter(holds).map((pie) => stay(day, pie, wave)))
      .sort((a, b) => a.by - b.by);
  const { ovens, dishes } = day.kitchen;
  return [
    { places: ovens.reduce((sum, oven) => sum + oven.places, 0), stays: staysOf(inOven, () => true) },
    ...Object.entries(dishes).map(([label, places]) => ({
      places,
      stays: staysOf(inDish, ({ dish }) => dish === label),
    })),
  ];
}

/** Whether one place has so many stays after one another as it must, for all that lie within a stretch of time. */
function rowsFit({ places, stays }: PlaceCounts, froms: readonly number[]): boolean {
  const lengths = [...new Set(stays.map(({ lastsMin }) => lastsMin))];
  return [...new Set(froms)].every((from) =>
    lengths.every((least) => {
      const within: number[] = [];
      return stays.every(({ by, lastsMin }, k) => {
        if (froms[k]! < from || lastsMin < least) return true;
        within.push(lastsMin);
        within.sort((a, b) => a - b);
        const inARow = within.slice(0, Math.ceil(within.length / places));
        return inARow.reduce((sum, min) => sum + min, 0) <= by - from;
      });
    }),
  );
}

/** When a place is free again that one stay takes after the last one; Infinity when that is too late for it. */
const freeAfter = ({ lastsMin, by, notBefore }: Stay, from: number, free: number): number => {
  const endsAt = Math.max(Math.max(from, free) + lastsMin, notBefore);
  return endsAt <= by ? endsAt : Infinity;
};

/** Which stays may come right after each, when that one comes first in its place. */
const followers = ({ stays }: PlaceCounts, froms: readonly number[]): number[][] =>
  stays.map((one, k) => {
    const free = freeAfter(one, froms[k]!, -Infinity);
    return stays.flatMap((next, n) =>
      n !== k && free < Infinity && freeAfter(next, froms[n]!, free) < Infinity ? [n] : [],
    );
  });

/** How many stays can follow another one each, no two the same one, as if none of those followed a third (Kuhn's matching). */
function mostPairs(followers: readonly (readonly number[])[]): number {
  const followed = new Map<number, number>();
  const find = (k: number, seen: Set<number>): boolean =>
    followers[k]!.some((n) => {
      if (seen.has(n)) return false;
      seen.add(n);
      const before = followed.get(n);
      if (before !== undefined && !find(before, seen)) return false;
      followed.set(n, k);
      return true;
    });
  return followers.reduce((sum, _, k) => sum + (find(k, new Set()) ? 1 : 0), 0);
}

/** So many steps a search for rows may take; what it has not found impossible by then may be possible. */
const MOST_STEPS = 4000;

/**
 * Whether stays can be put into rows, each after those before it in its row, so that `links` of them follow another one.
 * Row by row, from one stay to any that may follow it.
 */
function rowsFound(
  { stays }: PlaceCounts,
  froms: readonly number[],
  followers: readonly (readonly number[])[],
  links: number,
): boolean {
  const used = new Set<number>();
  let steps = 0;
  /** On from the last stay of a row, which ends at `free`; or with another row, whose first stay is a later one than `head`. */
  const goesOn = (head: number, last: number, free: number, left: number): boolean => {
    if (left === 0) return true;
    if (++steps > MOST_STEPS) return true;
    const longer = followers[last]!.some((n) => {
      const ends = used.has(n) ? Infinity : freeAfter(stays[n]!, froms[n]!, free);
      if (ends === Infinity) return false;
      used.add(n);
      const found = goesOn(head, n, ends, left - 1);
      used.delete(n);
      return found;
    });
    return longer || (last !== head && begins(head + 1, left));
  };
  const begins = (from: number, left: number): boolean => {
    for (let head = from; head < stays.length; head++) {
      const ends = used.has(head) ? Infinity : freeAfter(stays[head]!, froms[head]!, -Infinity);
      if (ends === Infinity || followers[head]!.length === 0) continue;
      used.add(head);
      const found = goesOn(head, head, ends, left);
      used.delete(head);
      if (found) return true;
    }
    return false;
  };
  return begins(0, links);
}

/** Whether places are enough for all: each stay beyond them must follow another one in its place. */
function linksFit(of: PlaceCounts, froms: readonly number[]): boolean {
  const links = of.stays.length - of.places;
  if (links <= 0) return true;
  const after = followers(of, froms);
  return mostPairs(after) >= links && rowsFound(of, froms, after, links);
}

/** Whether places in ovens and dishes may be enough when each wave is first touched at its moment. Necessary, not sufficient. */
export function makePlaceCheck(day: Day, waves: readonly Wave[]): (firsts: readonly number[]) => boolean {
  const all = countPlaces(day, waves);
  return (firsts) =>
    all.every((of) => {
      const froms = of.stays.map(({ wave, afterMin }) => firsts[wave]! + afterMin);
      return rowsFit(of, froms) && linksFit(of, froms);
    });
}
