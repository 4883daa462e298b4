import type { Board } from './board.js';
import { boardsOf } from './board.js';
import type { Day } from './day.js';
import { runLayerOf } from './lay-runs.js';
import type { PlacedBatch } from './place-dough.js';
import { doughPlacerOf } from './place-dough.js';
import type { Placed, Placer } from './place-pie.js';
import { placerOf } from './place-pie.js';
import type { PlacedRun, RunIdea, WayTable } from './run-times.js';
import { wayTable } from './run-times.js';

/** In what order, and by whom, things are placed when runs lie: none is best for every day. */
export interface Order {
  /** Lining before fruit: dough has a long way before it. */
  readonly linesFirst: boolean;
  /** Dough before fruit that can wait. */
  readonly doughFirst: boolean;
  /** Tasks go to whoever has something to do right after them. */
  readonly inOnePiece: boolean;
  /** Those who can do more things are spared for them. */
  readonly sparing: boolean;
}

/** A day as the search thinks of it. */
export interface DayIdea {
  readonly runs: readonly RunIdea[];
  readonly order: Order;
}

export const usualOrder: Order = { linesFirst: false, doughFirst: false, inOnePiece: false, sparing: false };

/** A day made of ordered runs. It is the decoder's own: good until the next one is decoded. */
export interface Decoded {
  readonly pies: readonly Placed[];
  readonly runs: readonly PlacedRun[];
  readonly batches: readonly PlacedBatch[];
  /** Tasks and runs that found no place: 0 for a plan that can be worked. */
  readonly failed: number;
}

const MOST_RESTARTS = 4;
/** Fruit that must be in its crust so soon is placed before dough in any case, min. */
const SOON_MIN = 60;
/** So much ahead of fruit lining is placed where it goes first, min: a dough's rest and mixing. */
const LINE_AHEAD_MIN = 50;

/** Something that is looked for from `latest` back. */
interface Pending {
  readonly i: number;
  readonly latest: number;
  readonly place: Placer['lineAt'];
}

export interface Decoder {
  readonly board: Board;
  readonly ways: WayTable;
  /** `strict`: what is late or finds no place is not looked at further; the plan that it is held against has neither. */
  decode(idea: DayIdea, strict: boolean): Decoded;
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
  const layer = runLayerOf(day, boards, ways, placer);
  const placeDough = doughPlacerOf(day, boards, placer);
  const everybody = day.pies.map((_, i) => i);
  return {
    board: boards.board,
    attempt: ({ runs: ideas, order }, urgent, strict) => {
      boards.board.inOnePiece = order.inOnePiece;
      boards.board.sparing = order.sparing;
      const { all, runs, failed: without } = layer.lay(ideas, urgent, strict);
      if (strict && without > 0) return { pies: all, runs, batches: [], failed: without, retry: false };
      const waiting = everybody.filter((i) => all[i]!.run >= 0 && !urgent.has(i));
      const late = (i: number): boolean => order.doughFirst && day.pies[i]!.fruitMost > SOON_MIN;
      const lines = waiting.map((i): Pending => ({
        i,
        latest: all[i]!.build - day.pies[i]!.baseChill + (order.linesFirst ? LINE_AHEAD_MIN : 0),
        place: placer.lineAt,
      }));
      const fruit = (of: readonly number[]): Pending[] =>
        of.map((i) => ({
          i,
          latest: all[i]!.build - day.pies[i]!.cook,
          place: placer.prepareAt,
        }));
      let failed = without;
      let retry = false;
      const placeAll = (pending: readonly Pending[]): void => {
        for (const { i, place } of [...pending].sort((a, b) => b.latest - a.latest)) {
          if (place(i, all[i]!)) continue;
          failed += 1;
          urgent.add(i);
          retry = true;
        }
      };
      placeAll([...lines, ...fruit(waiting.filter((i) => !late(i)))]);
      const dough = retry ? { batches: [], failed: [] } : placeDough(all);
      placeAll(fruit(waiting.filter(late)));
      return { pies: all, runs, batches: dough.batches, failed: failed + dough.failed.length, retry };
    },
  };
}
