import type { Day, DayPie } from './day.js';
import { headMin, leastOf, restedMin, tailMin } from './wave-checks.js';
import type { Wave } from './wave-checks.js';

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

interface Places {
  readonly places: number;
  readonly stays: readonly Stay[];
}

const inOven = (day: Day, pie: DayPie, wave: number): Stay => ({
  wave,
  lastsMin: leastOf(pie, 'out'),
  afterMin: headMin(day, pie) + pie.build + pie.lastChill,
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

function placesOf(day: Day, waves: readonly Wave[]): Places[] {
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
function rowsFit({ places, stays }: Places, froms: readonly number[]): boolean {
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

/**
 * Whether so many pairs can be found of which one stay follows the other in its place that places are enough for all: each pie
 * has a place of its own or one that another has left (a cover of all by as few rows as places, by Kuhn's matching).
 */
function pairsFit({ places, stays }: Places, froms: readonly number[]): boolean {
  const followers = stays.map((one, k) =>
    stays.flatMap((next, n) => {
      const endsAt = Math.max(froms[k]! + one.lastsMin, one.notBefore);
      const fits = n !== k && endsAt <= one.by && Math.max(endsAt, froms[n]!) + next.lastsMin <= next.by;
      return fits ? [n] : [];
    }),
  );
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
  const pairs = stays.reduce((sum, _, k) => sum + (find(k, new Set()) ? 1 : 0), 0);
  return stays.length - pairs <= places;
}

/** Whether places in ovens and dishes may be enough when each wave is first touched at its moment. Necessary, not sufficient. */
export function placesCheckOf(day: Day, waves: readonly Wave[]): (firsts: readonly number[]) => boolean {
  const all = placesOf(day, waves);
  return (firsts) =>
    all.every((of) => {
      const froms = of.stays.map(({ wave, afterMin }) => firsts[wave]! + afterMin);
      return rowsFit(of, froms) && (of.stays.length <= of.places || pairsFit(of, froms));
    });
}
