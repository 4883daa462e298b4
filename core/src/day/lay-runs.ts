import type { Boards } from './board.js';
import { latestSlot } from './board.js';
import type { Day, DayOven, Way } from './day.js';
import { momentsOf, outsOf, turnoverMin } from './day.js';
import type { Placed, Placer } from './place-pie.js';
import { LATE_STEP, notPlaced } from './place-pie.js';

/** A run as the search thinks of it: which oven, the programme by its key, which pies, all by index. */
export interface RunIdea {
  readonly oven: number;
  readonly heat: string;
  readonly pies: readonly number[];
  /** So much before the last moment that would do, min: it makes way for what comes before it. */
  readonly sooner: number;
}

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

/** How far starts are moved when a moment does not do: near ones first. */
const FINE_TRIES = 10;
const NEAR_TRIES = 40;
/** By the last try it has gone back half a day: over a night at which nobody is there. */
const MOST_TRIES = 75;
const stepAt = (tries: number): number => (tries < FINE_TRIES ? 1 : tries < NEAR_TRIES ? 5 : 20);
const LATE_TRIES = 60;
/** Runs on a board, the last one first, each with its pies built and packed. */
export interface LaidRuns {
  readonly all: Placed[];
  readonly runs: PlacedRun[];
  /** Pies of runs that found no place. */
  readonly failed: number;
}

export interface RunLayer {
  /**
   * Lays runs anew. What stands behind the first run that is another one than the last time stays where it lies: a search
   * tries a pie here and there, and most of the day is the same.
   * @param urgent pies whose lining and fruit are placed with them
   */
  lay(ideas: readonly RunIdea[], urgent: ReadonlySet<number>, strict: boolean): LaidRuns;
}

/** What is found anew each time; building and packing stay as long as their run does. */
const nowhere: Pick<Placed, 'run' | 'prepare' | 'line'> = { run: -1, prepare: -1, line: -1 };

/** How the board stood when a run had been laid, or had found no place. */
interface Laid {
  readonly idea: RunIdea;
  readonly placed: PlacedRun | null;
  readonly mark: number;
}

export function runLayerOf(day: Day, { board, able }: Boards, ways: WayTable, placer: Placer): RunLayer {
  const { kitchen, pies, slack } = day;
  const { at, soonerOf, works, prepareAt, lineAt, pieAt } = placer;
  const all: Placed[] = pies.map(notPlaced);
  let laid: Laid[] = [];
  let laidStrict = false;
  let laidInOnePiece = false;
  const heatOf = (idea: RunIdea): Way | undefined => ways[idea.oven]![idea.pies[0]!]!.get(idea.heat);

  function runAt(
    idea: RunIdea,
    outs: readonly number[],
    start: number,
    late: boolean,
    urgent: ReadonlySet<number>,
  ): PlacedRun | null {
    const before = placer.mark();
    const load = latestSlot(board, able.oven, kitchen.loadMin, start, start);
    let fits = load !== null;
    if (load) works(load.hand, start, start + kitchen.loadMin);
    for (let k = 0; fits && k < idea.pies.length; k++) {
      const i = idea.pies[k]!;
      const placed = all[i]!;
      fits = pieAt(i, start, outs[k]!, late, placed);
      if (fits && urgent.has(i)) fits = prepareAt(i, placed) && lineAt(i, placed);
    }
    if (fits && load) return { idea, start, loadBy: load.hand, outs };
    placer.rollBack(before);
    return null;
  }

  /** The latest moment at which a run can begin; past its hour when there is no other. */
  function placeRun(
    idea: RunIdea,
    next: PlacedRun | null,
    urgent: ReadonlySet<number>,
    strict: boolean,
  ): PlacedRun | null {
    const oven: DayOven = kitchen.ovens[idea.oven]!;
    const heat = heatOf(idea)?.heat;
    const alone = idea.pies.map((i) => ways[idea.oven]![i]!.get(idea.heat)?.out ?? Infinity);
    if (!heat || alone.some((out) => !Number.isFinite(out)) || idea.pies.length > oven.places) return null;
    const outs = outsOf(oven, kitchen.doorMin, alone);
    const lasts = Math.max(...outs);
    const nextHeat = next && heatOf(next.idea)?.heat;
    const free =
      next && nextHeat ? next.start - turnoverMin(oven, heat, nextHeat) - lasts : board.minutes - lasts - 1;
    const least = oven.warmUpMin;
    const byHour = Math.min(
      ...idea.pies.map((i, k) => {
        const pie = pies[i]!;
        return at(pie.ready.at) - soonerOf[i]! - pie.pack - pie.cool - outs[k]!;
      }),
    );
    const stillWarm = Math.max(
      least,
      ...idea.pies.map((i, k) => {
        const { warm, ready } = pies[i]!;
        return warm === null ? least : at(ready.at) - warm - outs[k]!;
      }),
    );
    const moments = momentsOf(
      heat,
      idea.pies.map((i) => ways[idea.oven]![i]!.get(idea.heat)?.foil ?? null),
    );
    const isSeenTo = (start: number): boolean =>
      moments.every((minute) => board.attended[start + minute] === 1);
    let start = Math.min(byHour, free) - idea.sooner;
    for (let tries = 0; tries < MOST_TRIES && start >= stillWarm; tries++) {
      const placed = isSeenTo(start) ? runAt(idea, outs, start, false, urgent) : null;
      if (placed) return placed;
      start -= stepAt(tries);
    }
    start = Math.max(stillWarm, Math.min(byHour, free) + LATE_STEP);
    const latest = strict ? Math.min(free, byHour + slack.readySooner) : free;
    for (let tries = 0; tries < LATE_TRIES && start <= latest; tries++) {
      const placed = isSeenTo(start) ? runAt(idea, outs, start, true, urgent) : null;
      if (placed) return placed;
      start += LATE_STEP;
    }
    return null;
  }

  /** How many of the runs that lie can stay, counted from the last one of the day. */
  function staying(ideas: readonly RunIdea[], urgent: ReadonlySet<number>, strict: boolean): number {
    if (urgent.size > 0 || strict !== laidStrict || board.inOnePiece !== laidInOnePiece) return 0;
    let same = 0;
    while (same < laid.length && same < ideas.length && laid[same]!.idea === ideas[ideas.length - 1 - same])
      same += 1;
    return same;
  }

  return {
    lay: (ideas, urgent, strict) => {
      laid = laid.slice(0, staying(ideas, urgent, strict));
      laidStrict = strict;
      laidInOnePiece = board.inOnePiece;
      placer.rollBack(laid.at(-1)?.mark ?? 0);
      const runs: PlacedRun[] = [];
      const next: (PlacedRun | null)[] = kitchen.ovens.map(() => null);
      let failed = 0;
      const put = (idea: RunIdea, placed: PlacedRun | null): void => {
        if (!placed) {
          failed += idea.pies.length;
          return;
        }
        next[idea.oven] = placed;
        for (const i of idea.pies) all[i]!.run = runs.length;
        runs.push(placed);
      };
      for (const placed of all) Object.assign(placed, nowhere);
      for (const { idea, placed } of laid) put(idea, placed);
      for (let r = ideas.length - 1 - laid.length; r >= 0 && !(strict && failed > 0); r--) {
        const idea = ideas[r]!;
        const placed = placeRun(idea, next[idea.oven] ?? null, urgent, strict);
        laid.push({ idea, placed, mark: placer.mark() });
        put(idea, placed);
      }
      // What was placed with some pies first is no ground for a day without.
      if (urgent.size > 0) laid = [];
      return { all, runs, failed };
    },
  };
}
