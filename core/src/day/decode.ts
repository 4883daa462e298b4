import type { Board } from './board.js';
import { boardsOf } from './board.js';
import type { Day } from './day.js';
import type { PlacedRun, RunIdea, WayTable } from './lay-runs.js';
import { runLayerOf, wayTable } from './lay-runs.js';
import type { PlacedBatch } from './place-dough.js';
import { doughPlacerOf } from './place-dough.js';
import type { Placed } from './place-pie.js';
import { placerOf } from './place-pie.js';

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
  decode(ideas: readonly RunIdea[], strict: boolean): Decoded;
}

/**
 * Makes a day out of ordered runs, from the last one backwards: load, build and pack first, then lining and fruit as late as
 * they may be, dough last. What finds no place is put first and all is tried again.
 */
export function decoderOf(day: Day): Decoder {
  const ways = wayTable(day);
  const plain = attemptOf(day, ways);
  // On a board of its own, so that what lies on the other may stay.
  const again = attemptOf(day, ways);
  return {
    board: plain.board,
    ways,
    decode: (ideas, strict) => {
      const urgent = new Set<number>();
      let attempt = plain.attempt(ideas, urgent, strict);
      for (let times = 0; attempt.retry && times < MOST_RESTARTS; times++)
        attempt = again.attempt(ideas, urgent, strict);
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
  attempt(ideas: readonly RunIdea[], urgent: Set<number>, strict: boolean): Attempt;
} {
  const boards = boardsOf(day);
  const placer = placerOf(day, boards);
  const layer = runLayerOf(day, boards, ways, placer);
  const placeDough = doughPlacerOf(day, boards, placer);
  return {
    board: boards.board,
    attempt: (ideas, urgent, strict) => {
      const { all, runs, failed: without } = layer.lay(ideas, urgent, strict);
      if (strict && without > 0) return { pies: all, runs, batches: [], failed: without, retry: false };
      const pending = day.pies
        .flatMap((pie, i) =>
          all[i]!.run < 0 || urgent.has(i)
            ? []
            : [
                { i, latest: all[i]!.build - pie.cook, place: placer.prepareAt },
                { i, latest: all[i]!.build - pie.baseChill, place: placer.lineAt },
              ],
        )
        .sort((a, b) => b.latest - a.latest);
      let failed = without;
      let retry = false;
      for (const { i, place } of pending) {
        if (place(i, all[i]!)) continue;
        failed += 1;
        urgent.add(i);
        retry = true;
      }
      const dough = retry ? { batches: [], failed: [] } : placeDough(all);
      return { pies: all, runs, batches: dough.batches, failed: failed + dough.failed.length, retry };
    },
  };
}
