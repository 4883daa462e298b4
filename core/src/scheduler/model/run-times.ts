import type { Day, DayOven, BakeProgramme, BakeOption } from './day.js';
import { batchTimes } from './day.js';
import { unloadTimes } from './unload-groups.js';

/** A run as the search thinks of it: which oven, the programme by its key, which pies, all by index. */
export interface RunDecision {
  readonly oven: number;
  readonly heat: string;
  readonly pies: readonly number[];
  /** So much before the last moment that would do, min: it makes way for what comes before it. */
  readonly sooner: number;
}

/** A run that lies on a timetable, min of the timetable. */
export interface PlacedRun {
  readonly solution: RunDecision;
  readonly start: number;
  readonly loadBy: number;
  readonly outs: readonly number[];
}

export const programmeKey = ({ heat: [firstC, firstMin, secondC] }: Pick<BakeOption, 'heat'>): string =>
  `${firstC}/${firstMin}/${secondC}`;

/** Ways of a day by oven, pie and key. */
export type OptionTable = readonly (readonly ReadonlyMap<string, BakeOption>[])[];

export const makeOptionTable = ({ kitchen, pies }: Day): OptionTable =>
  kitchen.ovens.map(({ id }) =>
    pies.map(({ ways }) => new Map((ways[id] ?? []).map((way) => [programmeKey(way), way]))),
  );

/** What a run is, wherever it lies. */
export interface RunTimes {
  readonly oven: DayOven;
  readonly heat: BakeProgramme;
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

/** Times of runs; null for one whose pies do not bake right there. `fromMin`: at which the timetable begins. */
export function makeRunTimes(
  { kitchen, pies }: Day,
  ways: OptionTable,
  fromMin: number,
): (solution: RunDecision) => RunTimes | null {
  const known = new WeakMap<RunDecision, RunTimes | null>();
  const worked = (solution: RunDecision): RunTimes | null => {
    const oven = kitchen.ovens[solution.oven]!;
    const own = solution.pies.flatMap((i) => ways[solution.oven]![i]!.get(solution.heat) ?? []);
    const [first] = own;
    if (!first || own.length < solution.pies.length || own.length > oven.places) return null;
    const outs = unloadTimes(
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
        ...solution.pies.map((i, k) => {
          const { warm, ready } = pies[i]!;
          return warm === null ? -Infinity : ready.at - warm - outs[k]!;
        }),
      ),
      moments: batchTimes(first.heat, own),
      heatCost: own.reduce((sum, { cost }) => sum + cost, 0),
    };
  };
  return (solution) => {
    const before = known.get(solution);
    if (before !== undefined) return before;
    const times = worked(solution);
    known.set(solution, times);
    return times;
  };
}
