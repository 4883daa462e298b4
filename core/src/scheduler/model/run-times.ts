import type { Day, DayOven, Heat, Way } from './day.js';
import { momentsOf, outsOf } from './day.js';

/** A run as the search thinks of it: which oven, the programme by its key, which pies, all by index. */
export interface RunIdea {
  readonly oven: number;
  readonly heat: string;
  readonly pies: readonly number[];
  /** So much before the last moment that would do, min: it makes way for what comes before it. */
  readonly sooner: number;
}

/** A run that lies on a board, min of the board. */
export interface PlacedRun {
  readonly idea: RunIdea;
  readonly start: number;
  readonly loadBy: number;
  readonly outs: readonly number[];
}

export const keyOf = ({ heat: [firstC, firstMin, secondC] }: Pick<Way, 'heat'>): string =>
  `${firstC}/${firstMin}/${secondC}`;

/** Ways of a day by oven, pie and key. */
export type WayTable = readonly (readonly ReadonlyMap<string, Way>[])[];

export const wayTable = ({ kitchen, pies }: Day): WayTable =>
  kitchen.ovens.map(({ id }) =>
    pies.map(({ ways }) => new Map((ways[id] ?? []).map((way) => [keyOf(way), way]))),
  );

/** What a run is, wherever it lies. */
export interface RunTimes {
  readonly oven: DayOven;
  readonly heat: Heat;
  /** Minutes from its start at which each of its pies is out. */
  readonly outs: readonly number[];
  readonly lastsMin: number;
  /** It begins no sooner: the oven is not hot, or something would no longer be warm; min of the day. */
  readonly soonest: number;
  /** Minutes from its start at which somebody is there for a moment. */
  readonly moments: readonly number[];
  /** What its pies' colour costs. */
  readonly heatCost: number;
}

/** Times of runs; null for one whose pies do not bake right there. `fromMin`: at which the board begins. */
export function runTimesOf(
  { kitchen, pies }: Day,
  ways: WayTable,
  fromMin: number,
): (idea: RunIdea) => RunTimes | null {
  const known = new WeakMap<RunIdea, RunTimes | null>();
  const worked = (idea: RunIdea): RunTimes | null => {
    const oven = kitchen.ovens[idea.oven]!;
    const own = idea.pies.flatMap((i) => ways[idea.oven]![i]!.get(idea.heat) ?? []);
    const [first] = own;
    if (!first || own.length < idea.pies.length || own.length > oven.places) return null;
    const outs = outsOf(
      oven,
      kitchen.doorMin,
      own.map(({ out }) => out),
    );
    return {
      oven,
      heat: first.heat,
      outs,
      lastsMin: Math.max(...outs),
      soonest: Math.max(
        fromMin + oven.warmUpMin,
        ...idea.pies.map((i, k) => {
          const { warm, ready } = pies[i]!;
          return warm === null ? -Infinity : ready.at - warm - outs[k]!;
        }),
      ),
      moments: momentsOf(first.heat, own),
      heatCost: own.reduce((sum, { cost }) => sum + cost, 0),
    };
  };
  return (idea) => {
    const before = known.get(idea);
    if (before !== undefined) return before;
    const times = worked(idea);
    known.set(idea, times);
    return times;
  };
}
