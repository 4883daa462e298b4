import type { Boards } from './board.js';
import { boardsOf, lastFull, latestSlot } from './board.js';
import type { Day, DayDough, DayOven, Way } from './day.js';
import { mixMinOf, outsOf, turnoverMin } from './day.js';
import type { Placed } from './place-pie.js';
import { LATE_STEP, placerOf } from './place-pie.js';

/** A run as the search thinks of it: which oven, the programme by its key, which pies, all by index. */
export interface RunIdea {
  readonly oven: number;
  readonly heat: string;
  readonly pies: readonly number[];
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
const NEAR_TRIES = 40;
/** By the last try it has gone back half a day: over a night at which nobody is there. */
const MOST_TRIES = 75;
const stepAt = (tries: number): number => (tries < FINE_TRIES ? 1 : tries < NEAR_TRIES ? 5 : 20);
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
  const placer = placerOf(day, boards);
  const { at, soonerOf, works, takes, prepareAt, lineAt, pieAt } = placer;
  const heatOf = (idea: RunIdea): Way | undefined => ways[idea.oven]![idea.pies[0]!]!.get(idea.heat);
  function runAt(
    idea: RunIdea,
    outs: readonly number[],
    start: number,
    late: boolean,
    all: Placed[],
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
    start = Math.max(stillWarm, Math.min(byHour, free) + LATE_STEP);
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
    placer.keep();
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
      placer.keep();
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
