import type { TimetableBuilder } from './capacity-profile.js';
import { latestSlot } from './capacity-profile.js';
import type { Day, PlacedRun, RunDecision, OptionTable } from '../model/index.js';
import { makeRunTimes, shellsByIndex, turnoverMin } from '../model/index.js';
import type { PlacingOrder } from './placing-order.js';
import type { PlacedBatch } from './place-dough.js';
import type { PiePlacement, PiePlacer } from './place-pie.js';
import { LATE_STEP, emptyPlacement } from './place-pie.js';
import type { PrepOperation, PrepPlacer } from './place-prep-operations.js';

/** How far starts are moved when a moment does not do: near ones first. */
const FINE_TRIES = 10;
const NEAR_TRIES = 40;
/** By the last try it has gone back half a day: over a night at which nobody is there. */
const MOST_TRIES = 75;
const stepAt = (tries: number): number => (tries < FINE_TRIES ? 1 : tries < NEAR_TRIES ? 5 : 20);
const LATE_TRIES = 60;

/** Runs on a timetable, the last one first, with all that is done for their pies. */
export interface ScheduledRuns {
  readonly all: PiePlacement[];
  readonly runs: PlacedRun[];
  readonly batches: readonly PlacedBatch[];
  /** Pies of runs, and tasks, that found no place. */
  readonly failed: number;
  /** Pies whose lining or fruit found none, though all runs did. */
  readonly infeasible: readonly number[];
}

export interface RunScheduler {
  /**
   * Lays runs anew. What stands behind the first run that is another one than the last time stays where it lies: a search
   * tries a pie here and there, and most of the day is the same.
   * @param order in which their pies are seen to
   * @param urgent pies whose lining and fruit are placed with them
   */
  lay(
    solutions: readonly RunDecision[],
    order: PlacingOrder,
    urgent: ReadonlySet<number>,
    strict: boolean,
  ): ScheduledRuns;
}

/** What is found anew each time; building and packing stay as long as their run does. */
function resetPlacement(placed: PiePlacement): void {
  placed.run = -1;
  placed.prepare = -1;
  placed.line = -1;
}

/** Pies that are seen to together when all their runs lie. */
interface Group {
  readonly of: readonly number[];
  readonly rest: PrepOperation;
}

/** How the timetable stood when a run had been laid, or had found no place, with the pies that were seen to after it. */
interface ScheduledGroup {
  readonly solution: RunDecision;
  readonly placed: PlacedRun | null;
  readonly groups: readonly Group[];
  readonly mark: number;
}

// eslint-disable-next-line max-lines-per-function -- closures over one timetable and what lies on it
export function makeRunScheduler(
  day: Day,
  { timetable, able }: TimetableBuilder,
  ways: OptionTable,
  placer: PiePlacer,
  placeRest: PrepPlacer,
): RunScheduler {
  const { kitchen, pies, slack } = day;
  const { at, soonerOf, works, prepareAt, lineAt, pieAt } = placer;
  const shellOf = shellsByIndex(day);
  const all: PiePlacement[] = pies.map(emptyPlacement);
  let laid: ScheduledGroup[] = [];
  let laidStrict = false;
  let laidOrder: PlacingOrder | null = null;
  const timesOf = makeRunTimes(day, ways, timetable.fromMin);
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
    solution: RunDecision,
    bys: readonly number[],
    outs: readonly number[],
    start: number,
    late: boolean,
    urgent: ReadonlySet<number>,
  ): PlacedRun | null {
    const before = placer.mark();
    const load = latestSlot(timetable, able.oven, kitchen.loadMin, start, start);
    let fits = load !== null;
    if (load) works(load.hand, start, start + kitchen.loadMin);
    for (let k = 0; fits && k < solution.pies.length; k++) {
      const i = solution.pies[k]!;
      const placed = all[i]!;
      const beside = outs.indexOf(outs[k]!);
      const takenBy = beside < k ? all[solution.pies[beside]!]!.outBy : -1;
      fits = pieAt(i, start, outs[k]!, late, placed, takenBy, bys[k]!);
      if (fits && urgent.has(i)) fits = prepareAt(i, placed) && lineAt(i, placed);
    }
    if (fits && load) return { solution, start, loadBy: load.hand, outs };
    placer.rollBack(before);
    tooLateBy = load ? placer.tooLateBy() : 1;
    return null;
  }

  /** The latest moment at which a run can begin; past its hour when there is no other. */
  // eslint-disable-next-line complexity -- closures over one timetable and what lies on it
  function placeRun(
    solution: RunDecision,
    next: PlacedRun | null,
    urgent: ReadonlySet<number>,
    strict: boolean,
  ): PlacedRun | null {
    const times = timesOf(solution);
    if (!times) return null;
    const { oven, heat, outs, lastsMin, moments } = times;
    const nextHeat = next && timesOf(next.solution)?.heat;
    const free =
      next && nextHeat
        ? next.start - turnoverMin(oven, heat, nextHeat) - lastsMin
        : timetable.minutes - lastsMin - 1;
    const bys: number[] = [];
    for (const i of solution.pies) {
      const by = byOf(i);
      if (by === null) return null;
      bys.push(by);
    }
    const byHour = Math.min(
      ...solution.pies.map((i, k) => bys[k]! - pies[i]!.pack - pies[i]!.cool - outs[k]!),
    );
    const stillWarm = at(times.soonest);
    const isSeenTo = (start: number): boolean =>
      moments.every((minute) => timetable.attended[start + minute] === 1);
    const inTimeAt = (start: number): PlacedRun | null =>
      isSeenTo(start) ? runAt(solution, bys, outs, start, false, urgent) : null;
    const before = placer.mark();
    let start = Math.min(byHour, free) - solution.sooner;
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
      const placed = isSeenTo(start) ? runAt(solution, bys, outs, start, true, urgent) : null;
      if (placed) return placed;
      start += LATE_STEP;
    }
    return null;
  }

  /** Which pies are seen to after each run, counted from the last one of the day: those whose last run that is. */
  function endsOf(solutions: readonly RunDecision[], order: PlacingOrder): (readonly number[])[][] {
    const ends: (readonly number[])[][] = solutions.map(() => []);
    for (const of of order.byHour ? byHour : everybody) {
      const first = solutions.findIndex((solution) => solution.pies.some((i) => of.includes(i)));
      if (first >= 0) ends[solutions.length - 1 - first]!.push(of);
    }
    return ends;
  }

  const areSame = (groups: readonly Group[], ends: readonly (readonly number[])[]): boolean =>
    groups.length === ends.length && groups.every(({ of }, k) => of === ends[k]);

  /** How many of the runs that lie can stay, counted from the last one of the day. */
  function staying(
    solutions: readonly RunDecision[],
    ends: readonly (readonly (readonly number[])[])[],
  ): number {
    const most = Math.min(laid.length, solutions.length);
    let same = 0;
    while (same < most) {
      const { solution, groups } = laid[same]!;
      if (solution !== solutions[solutions.length - 1 - same] || !areSame(groups, ends[same]!)) break;
      same += 1;
    }
    return same;
  }

  return {
    lay: (solutions, order, urgent, strict) => {
      const ends = endsOf(solutions, order);
      const isOther = urgent.size > 0 || strict !== laidStrict || order !== laidOrder;
      laid = isOther ? [] : laid.slice(0, staying(solutions, ends));
      laidStrict = strict;
      laidOrder = order;
      placer.rollBack(laid.at(-1)?.mark ?? 0);
      const runs: PlacedRun[] = [];
      const next: (PlacedRun | null)[] = kitchen.ovens.map(() => null);
      let failed = 0;
      const put = (solution: RunDecision, placed: PlacedRun | null): void => {
        if (!placed) {
          failed += solution.pies.length;
          return;
        }
        next[solution.oven] = placed;
        for (const i of solution.pies) all[i]!.run = runs.length;
        runs.push(placed);
      };
      const stays = new Set(laid.flatMap(({ groups }) => groups.flatMap(({ of }) => of)));
      all.forEach((placed, i) => {
        if (stays.has(i)) placed.run = -1;
        else resetPlacement(placed);
      });
      for (const { solution, placed } of laid) put(solution, placed);
      for (let k = laid.length; k < solutions.length && !(strict && failed > 0); k++) {
        const solution = solutions[solutions.length - 1 - k]!;
        const placed = placeRun(solution, next[solution.oven] ?? null, urgent, strict);
        put(solution, placed);
        const groups =
          strict && failed > 0
            ? []
            : ends[k]!.map((of): Group => ({ of, rest: placeRest(of, all, order, urgent) }));
        laid.push({ solution, placed, groups, mark: placer.mark() });
      }
      const rests = laid.flatMap(({ groups }) => groups.map(({ rest }) => rest));
      // What was placed with some pies first is no ground for a day without.
      if (urgent.size > 0) laid = [];
      if (strict && failed > 0) return { all, runs, batches: [], failed, infeasible: [] };
      return {
        all,
        runs,
        batches: rests.flatMap(({ batches }) => batches),
        failed: rests.reduce((sum, rest) => sum + rest.failed, failed),
        infeasible: rests.flatMap(({ infeasible }) => infeasible),
      };
    },
  };
}
