import type { Board } from './capacity-profile.js';
import { boardsOf } from './capacity-profile.js';
import type { Day, PlacedRun, RunIdea, WayTable } from '../model/index.js';
import { runLayerOf } from './schedule-batches.js';
import type { Order } from './placing-order.js';
import type { PlacedBatch } from './place-dough.js';
import type { Placed } from './place-pie.js';
import { placerOf } from './place-pie.js';
import { restPlacerOf } from './place-prep-operations.js';
import { wayTable } from '../model/index.js';

/** A day as the search thinks of it. */
export interface DayIdea {
  readonly runs: readonly RunIdea[];
  readonly order: Order;
}

/** A day made of ordered runs. It is the decoder's own: good until the next one is decoded. */
export interface Decoded {
  readonly pies: readonly Placed[];
  readonly runs: readonly PlacedRun[];
  readonly batches: readonly PlacedBatch[];
  /** Tasks and runs that found no place: 0 for a plan that can be worked. */
  readonly failed: number;
}

const MOST_RESTARTS = 4;

export interface Decoder {
  readonly board: Board;
  readonly ways: WayTable;
  /** `strict`: what is late or finds no place is not looked at further; the plan that it is held against has neither. */
  decode(idea: DayIdea, strict: boolean): Decoded;
}

/**
 * Makes a day out of ordered runs, from the last one backwards: load, build and pack first, then lining and fruit as late as
 * they may be, dough last; all at once, or hour by hour. What finds no place is put first and all is tried again.
 */
export function decoderOf(day: Day): Decoder {
  const ways = wayTable(day);
  const plain = attemptOf(day, ways);
  // On a board of its own, so that what lies on the other may stay.
  const again = attemptOf(day, ways);
  return {
    board: plain.board,
    ways,
    decode: (idea, strict) => {
      const urgent = new Set<number>();
      let attempt = plain.attempt(idea, urgent, strict);
      for (let times = 0; attempt.retry && times < MOST_RESTARTS; times++)
        attempt = again.attempt(idea, urgent, strict);
      return attempt;
    },
  };
}

interface Attempt extends Decoded {
  /** Somebody else became urgent: worth another attempt. */
  readonly retry: boolean;
}

/** One board, and how a day is laid on it; pies that found no place for lining or fruit are added to `urgent`. */
function attemptOf(
  day: Day,
  ways: WayTable,
): {
  readonly board: Board;
  attempt(idea: DayIdea, urgent: Set<number>, strict: boolean): Attempt;
} {
  const boards = boardsOf(day);
  const placer = placerOf(day, boards);
  const layer = runLayerOf(day, boards, ways, placer, restPlacerOf(day, boards, placer));
  return {
    board: boards.board,
    attempt: ({ runs: ideas, order }, urgent, strict) => {
      boards.board.inOnePiece = order.inOnePiece;
      boards.board.sparing = order.sparing;
      const { all, runs, batches, failed, troubled } = layer.lay(ideas, order, urgent, strict);
      for (const i of troubled) urgent.add(i);
      return { pies: all, runs, batches, failed, retry: troubled.length > 0 };
    },
  };
}
