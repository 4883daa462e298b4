import type { Timetable, Slot } from './capacity-profile.js';
import { makeTimetable, fullSince, lastFull, latestSlot } from './capacity-profile.js';
import type { Day, PlacedRun, RunDecision, RunTimes, OptionTable } from '../model/index.js';
import { makeRunTimes, shellsByIndex, turnoverMin } from '../model/index.js';
import type { DecodedSolution } from './decoder.js';
import { makeBatchPlacer } from './place-dough.js';
import type { PlacedBatch } from './place-dough.js';
import type { PiePlacement } from './place-pie.js';
import { preLoadBufferMin, emptyPlacement, makePiePlacer } from './place-pie.js';
import type { OperationSequence, Operation } from './operation-sequence.js';
import type { IncrementalScore } from './incremental-score.js';
import { makeIncrementalScore } from './incremental-score.js';

/** How much further than its last moment a run is looked for, min. */
const LONGEST_WAIT_MIN = 360;

export interface OperationScheduler {
  readonly timetable: Timetable;
  /** What a day in this order comes to; null when something finds no place. */
  lay(steps: OperationSequence): IncrementalScore | null;
  /** The day that was laid last; good until the next one is. */
  laid(): DecodedSolution;
  /** How long all pies of a run wait for their oven, over what they must, min: so much sooner it can begin. */
  waitOf(run: RunDecision): number;
}

/** A step that lies, and how the timetable stood after it. */
interface ScheduledOperations {
  readonly step: Operation;
  readonly mark: number;
  readonly run: PlacedRun | null;
  readonly batch: PlacedBatch | null;
}

/** What a step was laid as; null where there is no place. */
type Put = Pick<ScheduledOperations, 'run' | 'batch'> | null;
const there: Put = { run: null, batch: null };

/**
 * Lays the steps of a day one by one, each as late as those that lie already let it. What comes before the first step that is
 * another one than the last time stays.
 */
// eslint-disable-next-line max-lines-per-function -- closures over one timetable and what lies on it
export function makeOperationScheduler(day: Day, ways: OptionTable): OperationScheduler {
  const timetables = makeTimetable(day);
  const { timetable, able } = timetables;
  const { kitchen, pies, slack } = day;
  const placer = makePiePlacer(day, timetables);
  const { at, soonerOf, works, takes, mark, rollBack } = placer;
  const shellOf = shellsByIndex(day);
  const timesOf = makeRunTimes(day, ways, timetable.fromMin);
  const placeBatch = makeBatchPlacer(day, timetables, placer);
  const tally = makeIncrementalScore(day, timetable.fromMin, timesOf);
  const all: PiePlacement[] = pies.map(emptyPlacement);
  /** When the oven of each pie begins. */
  const runStart = new Int32Array(pies.length);
  let laid: ScheduledOperations[] = [];

  const runs = (): PlacedRun[] => laid.map(({ run: placed }) => placed).filter((placed) => placed !== null);
  const batches = (): PlacedBatch[] => laid.map(({ batch }) => batch).filter((batch) => batch !== null);

  function pack(i: number, kept: Slot | null): Put {
    const pie = pies[i]!;
    const dishes = pie.dish === null ? null : timetable.dishes[pie.dish]!;
    const whole = shellOf[i]!;
    let most = (whole < 0 ? at(pie.ready.at) - soonerOf[i]! : all[whole]!.build) - pie.pack;
    for (;;) {
      const slot = latestSlot(timetable, able.pack, pie.pack, 0, most, kept);
      if (!slot) return null;
      const noDish = dishes ? lastFull(dishes, slot.start, slot.start + pie.pack) : -1;
      if (dishes && noDish >= 0) {
        most = fullSince(dishes, noDish) - pie.pack;
        continue;
      }
      works(slot.hand, slot.start, slot.start + pie.pack);
      Object.assign(all[i]!, { pack: slot.start, packBy: slot.hand });
      return there;
    }
  }

  /** Hands that put a run in and take its pies out; null when somebody is missing. */
  function handsAt(
    solution: RunDecision,
    outs: readonly number[],
    start: number,
    kept: Operation['kept'],
  ): PlacedRun | null {
    const same = (minute: number, k: number): Slot | null =>
      kept ? { start: minute, hand: kept.hands[k]! } : null;
    const before = mark();
    const load = latestSlot(timetable, able.oven, kitchen.loadMin, start, start, same(start, 0));
    if (!load) return null;
    works(load.hand, start, start + kitchen.loadMin);
    for (let k = 0; k < outs.length; k++) {
      const out = start + outs[k]!;
      const beside = outs.indexOf(outs[k]!);
      if (beside < k) {
        Object.assign(all[solution.pies[k]!]!, { out, outBy: all[solution.pies[beside]!]!.outBy });
        continue;
      }
      const slot = latestSlot(timetable, able.oven, kitchen.loadMin, out, out, same(out, k + 1));
      if (!slot) {
        rollBack(before);
        return null;
      }
      works(slot.hand, out, out + kitchen.loadMin);
      Object.assign(all[solution.pies[k]!]!, { out, outBy: slot.hand });
    }
    return { solution, start, loadBy: load.hand, outs };
  }

  function run(solution: RunDecision, kept: Operation['kept']): Put {
    const times = timesOf(solution);
    if (!times) return null;
    const { oven, heat, outs, lastsMin, moments } = times;
    const others: (RunTimes & { readonly start: number })[] = [];
    for (const other of runs()) {
      const its = other.solution.oven === solution.oven ? timesOf(other.solution) : null;
      if (its) others.push({ start: other.start, ...its });
    }
    /** The last start that is not in the way of another run of this oven. */
    const clear = (wanted: number): number => {
      let start = wanted;
      for (let moved = true; moved;) {
        moved = false;
        for (const other of others) {
          const before = other.start - turnoverMin(oven, heat, other.heat) - lastsMin;
          const after = other.start + other.lastsMin + turnoverMin(oven, other.heat, heat);
          if (start <= before || start >= after) continue;
          start = before;
          moved = true;
        }
      }
      return start;
    };
    const most = Math.min(
      ...solution.pies.map((i, k) => all[i]!.pack - Math.max(pies[i]!.cool, kitchen.loadMin) - outs[k]!),
    );
    // Where it lay it may stay, however long its pies wait to be packed.
    const soonest = Math.min(kept?.start ?? Infinity, Math.max(at(times.soonest), most - LONGEST_WAIT_MIN));
    const last = Math.min(most - solution.sooner, kept?.start ?? most);
    for (let start = clear(last); start >= soonest; start = clear(start - 1)) {
      if (!moments.every((minute) => timetable.attended[start + minute] === 1)) continue;
      const placed = handsAt(solution, outs, start, kept);
      if (!placed) continue;
      for (const i of solution.pies) {
        // A longer stay on the rack finds no place either.
        if (lastFull(timetable.rack, all[i]!.out, all[i]!.pack) >= 0) return null;
        takes(timetable.rack, all[i]!.out, all[i]!.pack);
        runStart[i] = start;
      }
      return { run: placed, batch: null };
    }
    return null;
  }

  function build(i: number, kept: Slot | null): Put {
    const pie = pies[i]!;
    const placed = all[i]!;
    const start = runStart[i]!;
    const most = start - pie.lastChill - preLoadBufferMin(pie, slack) - pie.build;
    const slot = latestSlot(timetable, able.build, pie.build, start - pie.lastMost - pie.build, most, kept);
    if (!slot) return null;
    const builtAt = slot.start + pie.build;
    if (lastFull(timetable.fridge, builtAt, start) >= 0) return null;
    const dishFrom = slot.start - (pie.line > 0 ? pie.line + pie.baseChill : 0);
    const dishes = pie.dish === null ? null : timetable.dishes[pie.dish]!;
    // A shell stays in its dish until it is filled.
    const whole = shellOf[i]!;
    const packed = whole < 0 ? placed.pack + pie.pack : all[whole]!.build;
    if (dishes && lastFull(dishes, dishFrom, packed) >= 0) return null;
    works(slot.hand, slot.start, builtAt);
    takes(timetable.fridge, builtAt, start);
    if (dishes) takes(dishes, dishFrom, packed);
    Object.assign(placed, { build: slot.start, buildBy: slot.hand });
    return there;
  }

  function put(step: Operation): Put {
    const kept = step.kept ? { start: step.kept.start, hand: step.kept.hands[0]! } : null;
    switch (step.kind) {
      case 'pack':
        return pack(step.pie, kept);
      case 'run':
        return run(step.run, step.kept);
      case 'build':
        return build(step.pie, kept);
      case 'prepare':
        return placer.prepareAt(step.pie, all[step.pie]!, kept) ? there : null;
      case 'line':
        return placer.lineAt(step.pie, all[step.pie]!, kept) ? there : null;
      case 'mix': {
        const batch = placeBatch(step.dough, step.pies, all, kept);
        return batch && { run: null, batch };
      }
    }
  }

  return {
    timetable,
    lay: (steps) => {
      let k = 0;
      while (k < laid.length && laid[k]!.step === steps[k]) k += 1;
      laid = laid.slice(0, k);
      rollBack(laid.at(-1)?.mark ?? 0);
      for (; k < steps.length; k++) {
        const step = steps[k]!;
        const before = mark();
        const placed = put(step);
        if (!placed) {
          rollBack(before);
          return null;
        }
        laid.push({ step, mark: mark(), ...placed });
      }
      return tally({ pies: all, runs: runs(), batches: batches() });
    },
    waitOf: (solution) =>
      Math.min(
        ...solution.pies.map((i) => {
          const { build, lastChill } = pies[i]!;
          return runStart[i]! - all[i]!.build - build - lastChill - preLoadBufferMin(pies[i]!, slack);
        }),
      ),
    laid: () => {
      const lying = runs();
      lying.forEach(({ solution }, r) => {
        for (const i of solution.pies) all[i]!.run = r;
      });
      return { pies: all, runs: lying, batches: batches(), failed: 0 };
    },
  };
}
