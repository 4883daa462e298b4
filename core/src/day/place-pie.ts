import type { Boards } from './board.js';
import { fullSince, lastFull, latestSlot, take, work } from './board.js';
import type { Day } from './day.js';
import { soonerMin } from './day.js';

/** Where everything of one pie lies; minutes of the board, hands by index. -1 for what it has not. */
export interface Placed {
  prepare: number;
  prepareBy: number;
  line: number;
  lineBy: number;
  build: number;
  buildBy: number;
  run: number;
  out: number;
  outBy: number;
  pack: number;
  packBy: number;
}
/** Something whose hour is past already is looked for in steps of this, min. */
export const LATE_STEP = 5;

/** Puts parts of a pie on the board, and takes them off again when the rest finds no place. */
export interface Placer {
  /** Minutes of the board from minutes of the day. */
  at(minute: number): number;
  /** How much sooner than its hour each pie is to be ready, min. */
  readonly soonerOf: readonly number[];
  works(hand: number, start: number, end: number): void;
  takes(row: Uint8Array, from: number, to: number): void;
  /** How much has been put down; `rollBack` takes off what came after. */
  mark(): number;
  rollBack(to: number): void;
  keep(): void;
  prepareAt(i: number, placed: Placed): boolean;
  lineAt(i: number, placed: Placed): boolean;
  pieAt(i: number, start: number, outMin: number, late: boolean, placed: Placed): boolean;
}

/** All that is put down for single pies; each answers whether there was a place. */
export function placerOf(day: Day, { board, able }: Pick<Boards, 'board' | 'able'>): Placer {
  const { kitchen, pies, slack } = day;
  const at = (minute: number): number => minute - board.fromMin;
  const soonerOf = pies.map((pie) => soonerMin(pie, slack));
  const undo: (() => void)[] = [];
  const rollBack = (to: number): void => {
    while (undo.length > to) undo.pop()?.();
  };
  const takes = (row: Uint8Array, from: number, to: number): void => {
    take(row, from, to);
    undo.push(() => {
      for (let i = Math.max(0, from); i < to; i++) row[i]! -= 1;
    });
  };
  const works = (hand: number, start: number, end: number): void => {
    work(board, hand, start, end);
    undo.push(() => {
      board.hands[hand]!.fill(0, start, end);
      board.worked[hand]! -= end - start;
    });
  };

  function prepareAt(i: number, placed: Placed): boolean {
    const { prepare, cook, fruitMost, onHob } = pies[i]!;
    if (prepare <= 0) return true;
    const least = placed.build - cook - fruitMost - prepare;
    let most = placed.build - cook - prepare;
    for (;;) {
      const slot = latestSlot(board, able.fruit, prepare, least, most);
      if (!slot) return false;
      const end = slot.start + prepare;
      const full = onHob ? lastFull(board.hob, end, end + cook, kitchen.hobRings) : -1;
      if (full >= 0) {
        most = full - cook - prepare;
        continue;
      }
      works(slot.hand, slot.start, end);
      if (onHob) takes(board.hob, end, end + cook);
      placed.prepare = slot.start;
      placed.prepareBy = slot.hand;
      return true;
    }
  }

  function lineAt(i: number, placed: Placed): boolean {
    const { line, baseChill, lineMost, dish } = pies[i]!;
    if (line <= 0) return true;
    const reserved = placed.build - baseChill - line;
    const slot = latestSlot(board, able.line, line, placed.build - lineMost - line, reserved);
    if (!slot) return false;
    const row = dish === null ? null : board.dishes[dish]!;
    if (row && dish !== null && lastFull(row, slot.start, reserved, kitchen.dishes[dish]!) >= 0) return false;
    if (lastFull(board.fridge, slot.start + line, placed.build, kitchen.fridgePlaces) >= 0) return false;
    works(slot.hand, slot.start, slot.start + line);
    takes(board.fridge, slot.start + line, placed.build);
    if (row) takes(row, slot.start, reserved);
    placed.line = slot.start;
    placed.lineBy = slot.hand;
    return true;
  }

  /** Build, out and pack of one pie of a run that starts at `start`. */
  function pieAt(i: number, start: number, outMin: number, late: boolean, placed: Placed): boolean {
    const pie = pies[i]!;
    const calm = Math.min(slack.beforeLoad, Math.max(0, pie.lastMost - pie.lastChill));
    const built = start - pie.lastChill - (late ? 0 : calm);
    const build = latestSlot(
      board,
      able.build,
      pie.build,
      start - pie.lastMost - pie.build,
      built - pie.build,
    );
    if (!build) return false;
    const builtAt = build.start + pie.build;
    if (lastFull(board.fridge, builtAt, start, kitchen.fridgePlaces) >= 0) return false;
    works(build.hand, build.start, builtAt);
    takes(board.fridge, builtAt, start);
    const out = start + outMin;
    const taken = latestSlot(board, able.oven, kitchen.loadMin, out, out);
    if (!taken) return false;
    works(taken.hand, out, out + kitchen.loadMin);
    const least = Math.max(out + pie.cool, out + kitchen.loadMin);
    const wanted = at(pie.ready.at) - soonerOf[i]! - pie.pack;
    let most = wanted;
    const dish = pie.dish === null ? null : board.dishes[pie.dish]!;
    const dishFrom = build.start - (pie.line > 0 ? pie.line + pie.baseChill : 0);
    // What is full before it could be packed stays full wherever packing goes.
    if (lastFull(board.rack, out, least, kitchen.rackPlaces) >= 0) return false;
    if (dish && pie.dish !== null) {
      if (lastFull(dish, dishFrom, least + pie.pack, kitchen.dishes[pie.dish]!) >= 0) return false;
    }
    if (most < least) {
      if (!late) return false;
      // Too late already: as soon as somebody is free.
      most = least;
      while (most < least + 120 && !latestSlot(board, able.pack, pie.pack, least, most)) most += LATE_STEP;
    }
    for (;;) {
      const slot = latestSlot(board, able.pack, pie.pack, least, most);
      if (!slot) return false;
      const packed = slot.start + pie.pack;
      const noRack = lastFull(board.rack, out, slot.start, kitchen.rackPlaces);
      const noDish =
        dish && pie.dish !== null ? lastFull(dish, dishFrom, packed, kitchen.dishes[pie.dish]!) : -1;
      if (noRack >= 0 || noDish >= 0) {
        if (noRack >= 0) most = Math.min(most, fullSince(board.rack, noRack, kitchen.rackPlaces));
        if (dish && pie.dish !== null && noDish >= 0) {
          most = Math.min(most, fullSince(dish, noDish, kitchen.dishes[pie.dish]!) - pie.pack);
        }
        continue;
      }
      works(slot.hand, slot.start, packed);
      takes(board.rack, out, slot.start);
      if (dish) takes(dish, dishFrom, packed);
      Object.assign(placed, { build: build.start, buildBy: build.hand, out, outBy: taken.hand });
      Object.assign(placed, { pack: slot.start, packBy: slot.hand });
      return true;
    }
  }

  return {
    at,
    soonerOf,
    works,
    takes,
    mark: () => undo.length,
    rollBack,
    keep: () => void (undo.length = 0),
    prepareAt,
    lineAt,
    pieAt,
  };
}
