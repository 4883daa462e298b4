import type { Boards } from './capacity-profile.js';
import { latestSlot } from './capacity-profile.js';
import type { Day, PlacedRun, RunIdea, WayTable } from '../model/index.js';
import { runTimesOf, shellsByIndex, turnoverMin } from '../model/index.js';
import type { Order } from './placing-order.js';
import type { PlacedBatch } from './place-dough.js';
import type { Placed, Placer } from './place-pie.js';
import { LATE_STEP, notPlaced } from './place-pie.js';
import type { Rest, RestPlacer } from './place-prep-operations.js';

/** How far starts are moved when a moment does not do: near ones first. */
const FINE_TRIES = 10;
const NEAR_TRIES = 40;
/** By the last try it has gone back half a day: over a night at which nobody is there. */
const MOST_TRIES = 75;
const stepAt = (tries: number): number => (tries < FINE_TRIES ? 1 : tries < NEAR_TRIES ? 5 : 20);
const LATE_TRIES = 60;

/** Runs on a board, the last one first, with all that is done for their pies. */
export interface LaidRuns {
  readonly all: Placed[];
  readonly runs: PlacedRun[];
  readonly batches: readonly PlacedBatch[];
  /** Pies of runs, and tasks, that found no place. */
  readonly failed: number;
  /** Pies whose lining or fruit found none, though all runs did. */
  readonly troubled: readonly number[];
}

export interface RunLayer {
  /**
   * Lays runs anew. What stands behind the first run that is another one than the last time stays where it lies: a search
   * tries a pie here and there, and most of the day is the same.
   * @param order in which their pies are seen to
   * @param urgent pies whose lining and fruit are placed with them
   */
  lay(ideas: readonly RunIdea[], order: Order, urgent: ReadonlySet<number>, strict: boolean): LaidRuns;
}

/** What is found anew each time; building and packing stay as long as their run does. */
function takeUp(placed: Placed): void {
  placed.run = -1;
  placed.prepare = -1;
  placed.line = -1;
}

/** Pies that are seen to together when all their runs lie. */
interface Group {
  readonly of: readonly number[];
  readonly rest: Rest;
}

/** How the board stood when a run had been laid, or had found no place, with the pies that were seen to after it. */
interface Laid {
  readonly idea: RunIdea;
  readonly placed: PlacedRun | null;
  readonly groups: readonly Group[];
  readonly mark: number;
}

export function runLayerOf(
  day: Day,
  { board, able }: Boards,
  ways: WayTable,
  placer: Placer,
  placeRest: RestPlacer,
): RunLayer {
  const { kitchen, pies, slack } = day;
  const { at, soonerOf, works, prepareAt, lineAt, pieAt } = placer;
  const shellOf = shellsByIndex(day);
  const all: Placed[] = pies.map(notPlaced);
  let laid: Laid[] = [];
  let laidStrict = false;
  let laidOrder: Order | null = null;
  const timesOf = runTimesOf(day, ways, board.fromMin);
  const everybody = [pies.map((_, i) => i)];
  const hours = [...new Set(pies.map(({ ready }) => ready.at))];
  const byHour = hours.map((hour) => pies.flatMap(({ ready }, i) => (ready.at === hour ? [i] : [])));

  /** When a pie is to be packed: at its hour, a shell when its pie is filled; null when that one lies nowhere yet. */
  function byOf(i: number): number | null {
    const whole = shellOf[i]!;
    if (whole < 0) return at(pies[i]!.ready.at) - soonerOf[i]!;
    return all[whole]!.run < 0 ? null : all[whole]!.build;
  }

  /** How much sooner the run that has just found no place must begin, min; 1 where that is not known. */
  let tooLateBy = 1;

  function runAt(
    idea: RunIdea,
    bys: readonly number[],
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
      const beside = outs.indexOf(outs[k]!);
      const takenBy = beside < k ? all[idea.pies[beside]!]!.outBy : -1;
      fits = pieAt(i, start, outs[k]!, late, placed, takenBy, bys[k]!);
      if (fits && urgent.has(i)) fits = prepareAt(i, placed) && lineAt(i, placed);
    }
    if (fits && load) return { idea, start, loadBy: load.hand, outs };
    placer.rollBack(before);
    tooLateBy = load ? placer.tooLateBy() : 1;
    return null;
  }

  /** The latest moment at which a run can begin; past its hour when there is no other. */
  function placeRun(
    idea: RunIdea,
    next: PlacedRun | null,
    urgent: ReadonlySet<number>,
    strict: boolean,
  ): PlacedRun | null {
    const times = timesOf(idea);
    if (!times) return null;
    const { oven, heat, outs, lastsMin, moments } = times;
    const nextHeat = next && timesOf(next.idea)?.heat;
    const free =
      next && nextHeat
        ? next.start - turnoverMin(oven, heat, nextHeat) - lastsMin
        : board.minutes - lastsMin - 1;
    const bys: number[] = [];
    for (const i of idea.pies) {
      const by = byOf(i);
      if (by === null) return null;
      bys.push(by);
    }
    const byHour = Math.min(...idea.pies.map((i, k) => bys[k]! - pies[i]!.pack - pies[i]!.cool - outs[k]!));
    const stillWarm = at(times.soonest);
    const isSeenTo = (start: number): boolean =>
      moments.every((minute) => board.attended[start + minute] === 1);
    const inTimeAt = (start: number): PlacedRun | null =>
      isSeenTo(start) ? runAt(idea, bys, outs, start, false, urgent) : null;
    const before = placer.mark();
    let start = Math.min(byHour, free) - idea.sooner;
    let step = 0;
    for (let tries = 0; tries < MOST_TRIES && start >= stillWarm; tries++) {
      let placed = inTimeAt(start);
      if (placed && step > 1) {
        // It fits here; the latest of the minutes that were stepped over may be the one that fits best.
        placer.rollBack(before);
        placed = null;
        for (let later = start + step - 1; !placed; later--) placed = inTimeAt(later);
      }
      if (placed) return placed;
      step = stepAt(tries);
      const full = isSeenTo(start) ? tooLateBy : 1;
      // Nothing that was stepped over would have fitted then.
      if (full >= step) step = 1;
      start -= Math.max(step, full);
    }
    start = Math.max(stillWarm, Math.min(byHour, free) + LATE_STEP);
    const latest = strict ? Math.min(free, byHour + slack.readySooner) : free;
    for (let tries = 0; tries < LATE_TRIES && start <= latest; tries++) {
      const placed = isSeenTo(start) ? runAt(idea, bys, outs, start, true, urgent) : null;
      if (placed) return placed;
      start += LATE_STEP;
    }
    return null;
  }

  /** Which pies are seen to after each run, counted from the last one of the day: those whose last run that is. */
  function endsOf(ideas: readonly RunIdea[], order: Order): (readonly number[])[][] {
    const ends: (readonly number[])[][] = ideas.map(() => []);
    for (const of of order.byHour ? byHour : everybody) {
      const first = ideas.findIndex((idea) => idea.pies.some((i) => of.includes(i)));
      if (first >= 0) ends[ideas.length - 1 - first]!.push(of);
    }
    return ends;
  }

  const areSame = (groups: readonly Group[], ends: readonly (readonly number[])[]): boolean =>
    groups.length === ends.length && groups.every(({ of }, k) => of === ends[k]);

  /** How many of the runs that lie can stay, counted from the last one of the day. */
  function staying(ideas: readonly RunIdea[], ends: readonly (readonly (readonly number[])[])[]): number {
    const most = Math.min(laid.length, ideas.length);
    let same = 0;
    while (same < most) {
      const { idea, groups } = laid[same]!;
      if (idea !== ideas[ideas.length - 1 - same] || !areSame(groups, ends[same]!)) break;
      same += 1;
    }
    return same;
  }

  return {
    lay: (ideas, order, urgent, strict) => {
      const ends = endsOf(ideas, order);
      const isOther = urgent.size > 0 || strict !== laidStrict || order !== laidOrder;
      laid = isOther ? [] : laid.slice(0, staying(ideas, ends));
      laidStrict = strict;
      laidOrder = order;
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
      const stays = new Set(laid.flatMap(({ groups }) => groups.flatMap(({ of }) => of)));
      all.forEach((placed, i) => {
        if (stays.has(i)) placed.run = -1;
        else takeUp(placed);
      });
      for (const { idea, placed } of laid) put(idea, placed);
      for (let k = laid.length; k < ideas.length && !(strict && failed > 0); k++) {
        const idea = ideas[ideas.length - 1 - k]!;
        const placed = placeRun(idea, next[idea.oven] ?? null, urgent, strict);
        put(idea, placed);
        const groups =
          strict && failed > 0
            ? []
            : ends[k]!.map((of): Group => ({ of, rest: placeRest(of, all, order, urgent) }));
        laid.push({ idea, placed, groups, mark: placer.mark() });
      }
      const rests = laid.flatMap(({ groups }) => groups.map(({ rest }) => rest));
      // What was placed with some pies first is no ground for a day without.
      if (urgent.size > 0) laid = [];
      if (strict && failed > 0) return { all, runs, batches: [], failed, troubled: [] };
      return {
        all,
        runs,
        batches: rests.flatMap(({ batches }) => batches),
        failed: rests.reduce((sum, rest) => sum + rest.failed, failed),
        troubled: rests.flatMap(({ troubled }) => troubled),
      };
    },
  };
}
