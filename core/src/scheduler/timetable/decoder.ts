import type { Timetable } from './capacity-profile.js';
import { makeTimetable } from './capacity-profile.js';
import type { Day, PlacedRun, RunDecision, OptionTable } from '../model/index.js';
import { makeRunScheduler } from './schedule-batches.js';
import type { PlacingOrder } from './placing-order.js';
import type { PlacedBatch } from './place-dough.js';
import type { PiePlacement } from './place-pie.js';
import { makePiePlacer } from './place-pie.js';
import { makePrepPlacer } from './place-prep-operations.js';
import { makeOptionTable } from '../model/index.js';

/** A day as the search thinks of it. */
export interface Solution {
  readonly runs: readonly RunDecision[];
  readonly order: PlacingOrder;
}

/** A day made of ordered runs. It is the decoder's own: good until the next one is decoded. */
export interface DecodedSolution {
  readonly pies: readonly PiePlacement[];
  readonly runs: readonly PlacedRun[];
  readonly batches: readonly PlacedBatch[];
  /** Tasks and runs that found no place: 0 for a plan that can be worked. */
  readonly failed: number;
}

const MOST_RESTARTS = 4;

export interface Decoder {
  readonly timetable: Timetable;
  readonly ways: OptionTable;
  /** `strict`: what is late or finds no place is not looked at further; the plan that it is held against has neither. */
  decode(solution: Solution, strict: boolean): DecodedSolution;
}

/**
 * Makes a day out of ordered runs, from the last one backwards: load, build and pack first, then lining and fruit as late as
 * they may be, dough last; all at once, or hour by hour. What finds no place is put first and all is tried again.
 */
export function makeDecoder(day: Day): Decoder {
  const ways = makeOptionTable(day);
  const plain = makeAttempt(day, ways);
  // On a timetable of its own, so that what lies on the other may stay.
  const again = makeAttempt(day, ways);
  return {
    timetable: plain.timetable,
    ways,
    decode: (solution, strict) => {
      const urgent = new Set<number>();
      let attempt = plain.attempt(solution, urgent, strict);
      for (let times = 0; attempt.retry && times < MOST_RESTARTS; times++)
        attempt = again.attempt(solution, urgent, strict);
      return attempt;
    },
  };
}

interface Attempt extends DecodedSolution {
  /** Somebody else became urgent: worth another attempt. */
  readonly retry: boolean;
}

/** One timetable, and how a day is laid on it; pies that found no place for lining or fruit are added to `urgent`. */
function makeAttempt(
  day: Day,
  ways: OptionTable,
): {
  readonly timetable: Timetable;
  attempt(solution: Solution, urgent: Set<number>, strict: boolean): Attempt;
} {
  const timetables = makeTimetable(day);
  const placer = makePiePlacer(day, timetables);
  const layer = makeRunScheduler(day, timetables, ways, placer, makePrepPlacer(day, timetables, placer));
  return {
    timetable: timetables.timetable,
    attempt: ({ runs: solutions, order }, urgent, strict) => {
      timetables.timetable.inOnePiece = order.inOnePiece;
      timetables.timetable.sparing = order.sparing;
      const { all, runs, batches, failed, infeasible } = layer.lay(solutions, order, urgent, strict);
      for (const i of infeasible) urgent.add(i);
      return { pies: all, runs, batches, failed, retry: infeasible.length > 0 };
    },
  };
}
