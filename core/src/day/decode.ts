import type { Boards } from './board.js';
import { boardsOf, fullSince, lastFull, latestSlot, take, work } from './board.js';
import type { Day, DayDough, DayOven, Way } from './day.js';
import { mixMinOf, outsOf, turnoverMin } from './day.js';

/** A run as the search thinks of it: which oven, the programme by its key, which pies, all by index. */
export interface RunIdea {
  readonly oven: number;
  readonly heat: string;
  readonly pies: readonly number[];
}

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
export interface PlacedRun {
  readonly idea: RunIdea;
  readonly start: number;
  readonly loadBy: number;
  readonly outs: readonly number[];
}
export interface PlacedBatch {
  readonly dough: string;
  readonly pies: readonly number[];
  readonly start: number;
  readonly end: number;
  readonly by: number;
}
export interface Decoded {
  readonly pies: readonly Placed[];
  readonly runs: readonly PlacedRun[];
  readonly batches: readonly PlacedBatch[];
  /** Tasks and runs that found no place: 0 for a plan that can be worked. */
  readonly failed: number;
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
const stepAt = (tries: number): number => (tries < FINE_TRIES ? 1 : 5);
const MOST_TRIES = 70;
const LATE_STEP = 5;
const LATE_TRIES = 60;
const MOST_RESTARTS = 4;

export interface Decoder {
  readonly boards: Boards;
  readonly ways: WayTable;
  /** `strict`: what is late or finds no place is not looked at further; the plan that it is held against has neither. */
  decode(ideas: readonly RunIdea[], strict: boolean): Decoded;
}

/**
 * Makes a day out of ordered runs, from the last one backwards: load, build and pack first, then lining and fruit as late as
 * they may be, dough last. What finds no place is put first and all is tried again.
 */
export function decoderOf(day: Day): Decoder {
  const boards = boardsOf(day);
  const ways = wayTable(day);
  const { board, able } = boards;
  const { kitchen, pies, slack } = day;
  const at = (minute: number): number => minute - board.fromMin;
  const heatOf = (idea: RunIdea): Way | undefined => ways[idea.oven]![idea.pies[0]!]!.get(idea.heat);
  /** Warm pies are not to cool down in the room that was left. */
  const soonerOf = pies.map(({ warm, cool, pack }) =>
    warm === null ? slack.readySooner : Math.max(0, Math.min(slack.readySooner, warm - cool - pack - 5)),
  );
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

  function runAt(
    idea: RunIdea,
    outs: readonly number[],
    start: number,
    late: boolean,
    all: Placed[],
    urgent: ReadonlySet<number>,
  ): PlacedRun | null {
    const before = undo.length;
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
    rollBack(before);
    return null;
  }

  /** The latest moment at which a run can begin; past its hour when there is no other. */
  function placeRun(
    idea: RunIdea,
    next: PlacedRun | null,
    all: Placed[],
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
    let start = Math.min(byHour, free);
    for (let tries = 0; tries < MOST_TRIES && start >= stillWarm; tries++) {
      const placed = runAt(idea, outs, start, false, all, urgent);
      if (placed) return placed;
      start -= stepAt(tries);
    }
    start = Math.max(least, Math.min(byHour, free) + LATE_STEP);
    const latest = strict ? Math.min(free, byHour + slack.readySooner) : free;
    for (let tries = 0; tries < LATE_TRIES && start <= latest; tries++) {
      const placed = runAt(idea, outs, start, true, all, urgent);
      if (placed) return placed;
      start += LATE_STEP;
    }
    return null;
  }

  const needOf = (i: number, all: readonly Placed[]): number =>
    pies[i]!.line > 0 ? all[i]!.line : all[i]!.build;

  function placeBatch(
    dough: string,
    rule: DayDough,
    of: readonly number[],
    all: readonly Placed[],
  ): PlacedBatch | null {
    const first = needOf(of[0]!, all);
    const last = Math.max(...of.map((i) => needOf(i, all)));
    const lasts = mixMinOf(rule, of.length);
    const least = last - rule.chillMost - lasts;
    let most = first - rule.chillLeast - lasts;
    for (;;) {
      const slot = latestSlot(board, able.dough, lasts, least, most);
      if (!slot) return null;
      const end = slot.start + lasts;
      const noMixer = kitchen.mixers > 0 ? lastFull(board.mixers, slot.start, end, kitchen.mixers) : -1;
      if (noMixer >= 0) {
        most = noMixer - lasts;
        continue;
      }
      if (lastFull(board.fridge, end, last, kitchen.fridgePlaces) >= 0) return null;
      works(slot.hand, slot.start, end);
      takes(board.fridge, end, last);
      if (kitchen.mixers > 0) takes(board.mixers, slot.start, end);
      return { dough, pies: of, start: slot.start, end, by: slot.hand };
    }
  }

  function placeBatches(all: readonly Placed[]): {
    readonly batches: PlacedBatch[];
    readonly failed: readonly number[];
  } {
    const batches: PlacedBatch[] = [];
    const failed: number[] = [];
    for (const [id, rule] of Object.entries(day.doughs)) {
      const wanting = pies.flatMap(({ dough }, i) => (dough === id && all[i]!.run >= 0 ? [i] : []));
      wanting.sort((a, b) => needOf(a, all) - needOf(b, all));
      while (wanting.length > 0) {
        const first = needOf(wanting[0]!, all);
        const of = wanting.filter(
          (i, k) => k < rule.most && needOf(i, all) - first + rule.chillLeast <= rule.chillMost,
        );
        wanting.splice(0, of.length);
        const batch = placeBatch(id, rule, of, all);
        if (batch) batches.push(batch);
        else failed.push(...of);
      }
    }
    return { batches, failed };
  }

  function once(
    ideas: readonly RunIdea[],
    urgent: Set<number>,
    strict: boolean,
  ): Decoded & { readonly retry: boolean } {
    boards.clear();
    undo.length = 0;
    const all: Placed[] = pies.map(() => ({
      prepare: -1,
      prepareBy: -1,
      line: -1,
      lineBy: -1,
      build: -1,
      buildBy: -1,
      run: -1,
      out: -1,
      outBy: -1,
      pack: -1,
      packBy: -1,
    }));
    const runs: PlacedRun[] = [];
    const next: (PlacedRun | null)[] = kitchen.ovens.map(() => null);
    let failed = 0;
    for (let r = ideas.length - 1; r >= 0; r--) {
      const idea = ideas[r]!;
      const placed = placeRun(idea, next[idea.oven] ?? null, all, urgent, strict);
      if (!placed) {
        failed += idea.pies.length;
        if (strict) return { pies: all, runs, batches: [], failed, retry: false };
        continue;
      }
      next[idea.oven] = placed;
      for (const i of idea.pies) all[i]!.run = runs.length;
      runs.push(placed);
      undo.length = 0;
    }
    const pending = pies
      .flatMap((pie, i) =>
        all[i]!.run < 0 || urgent.has(i)
          ? []
          : [
              { i, latest: all[i]!.build - pie.cook, place: prepareAt },
              { i, latest: all[i]!.build - pie.baseChill, place: lineAt },
            ],
      )
      .sort((a, b) => b.latest - a.latest);
    let retry = false;
    for (const { i, place } of pending) {
      if (place(i, all[i]!)) continue;
      failed += 1;
      urgent.add(i);
      retry = true;
    }
    const dough = retry ? { batches: [], failed: [] } : placeBatches(all);
    failed += dough.failed.length;
    return { pies: all, runs, batches: dough.batches, failed, retry };
  }

  return {
    boards,
    ways,
    decode: (ideas, strict) => {
      const urgent = new Set<number>();
      let decoded = once(ideas, urgent, strict);
      for (let again = 0; decoded.retry && again < MOST_RESTARTS; again++)
        decoded = once(ideas, urgent, strict);
      return decoded;
    },
  };
}
