import type { TimetableBuilder, Slot } from './capacity-profile.js';
import { lastFull, latestSlot } from './capacity-profile.js';
import type { Day, DoughRule } from '../model/index.js';
import { objectiveWeights, batchMixMin, spanCost, makeDaySpan } from '../model/index.js';
import type { PiePlacement, PiePlacer } from './place-pie.js';

export interface PlacedBatch {
  readonly dough: string;
  readonly pies: readonly number[];
  readonly start: number;
  readonly end: number;
  readonly by: number;
}

export interface PlacedDough {
  readonly batches: readonly PlacedBatch[];
  /** Pies whose dough found no place. */
  readonly failed: readonly number[];
}

/** When a pie's dough is wanted. */
const doughNeed = (day: Day, i: number, all: readonly PiePlacement[]): number =>
  day.pies[i]!.line > 0 ? all[i]!.line : all[i]!.build;

/** Puts one batch on the timetable, as late as its rest allows; null when there is no place. */
export type BatchPlacer = (
  dough: string,
  of: readonly number[],
  all: readonly PiePlacement[],
  kept?: Slot | null,
) => PlacedBatch | null;

export function makeBatchPlacer(
  day: Day,
  { timetable, able }: TimetableBuilder,
  { works, takes }: PiePlacer,
): BatchPlacer {
  return (dough, of, all, kept = null) => {
    const rule = day.doughs[dough]!;
    const needs = of.map((i) => doughNeed(day, i, all));
    const first = Math.min(...needs);
    const last = Math.max(...needs);
    const lasts = batchMixMin(rule, of.length);
    const least = last - rule.chillMost - lasts;
    let most = first - rule.chillLeast - lasts;
    for (;;) {
      const slot = latestSlot(timetable, able.dough, lasts, least, most, kept);
      if (!slot) return null;
      const end = slot.start + lasts;
      const noMixer = lastFull(timetable.mixers, slot.start, end);
      if (noMixer >= 0) {
        most = noMixer - lasts;
        continue;
      }
      if (lastFull(timetable.fridge, end, last) >= 0) return null;
      works(slot.hand, slot.start, end);
      takes(timetable.fridge, end, last);
      takes(timetable.mixers, slot.start, end);
      return { dough, pies: of, start: slot.start, end, by: slot.hand };
    }
  };
}

/** Puts the dough of some pies, of those that lie already, on the timetable: as late as its rests allow. */
// eslint-disable-next-line max-lines-per-function -- closures over one timetable
export function makeDoughPlacer(
  day: Day,
  timetables: TimetableBuilder,
  placer: PiePlacer,
): (all: readonly PiePlacement[], of: readonly number[]) => PlacedDough {
  const { pies } = day;
  const weights = objectiveWeights(day);
  const { mark, rollBack } = placer;
  const placeBatch = makeBatchPlacer(day, timetables, placer);
  const needOf = (i: number, all: readonly PiePlacement[]): number => doughNeed(day, i, all);

  /** When each hour's pies are first touched, as far as they lie already. */
  function firstTouches(all: readonly PiePlacement[]): Map<number, number> {
    const first = new Map<number, number>();
    pies.forEach(({ ready }, i) => {
      const { run, prepare, line, build } = all[i]!;
      if (run < 0) return;
      let begun = build;
      if (prepare >= 0) begun = Math.min(begun, prepare);
      if (line >= 0) begun = Math.min(begun, line);
      first.set(ready.at, Math.min(first.get(ready.at) ?? Infinity, begun));
    });
    return first;
  }

  /** What a day costs whose hours' pies are first touched then, were somebody always there. */
  const longDay = (first: ReadonlyMap<number, number>): number =>
    spanCost(
      weights,
      makeDaySpan(
        [...first].map(([hour, start]) => ({ hour: hour - timetables.timetable.fromMin, start })),
        (from, to) => to - from,
      ),
    );

  /** As many at once as there may be. */
  function large(rule: DoughRule, wanting: readonly number[], all: readonly PiePlacement[]): number[][] {
    if (wanting.length === 0) return [];
    const first = needOf(wanting[0]!, all);
    const of = wanting.filter(
      (i, k) => k < rule.most && needOf(i, all) - first + rule.chillLeast <= rule.chillMost,
    );
    return [of, ...large(rule, wanting.slice(of.length), all)];
  }

  /**
   * Which pies share a batch, in the order in which they want it: another mixing costs what it costs, and dough that is mixed
   * before anything else of an hour's pies makes their day longer.
   */
  function shared(rule: DoughRule, wanting: readonly number[], all: readonly PiePlacement[]): number[][] {
    const touched = firstTouches(all);
    const asItLies = longDay(touched);
    const needs = wanting.map((i) => needOf(i, all));
    const costOf = (from: number, to: number, hours: readonly number[]): number => {
      const start = needs[from]! - rule.chillLeast - batchMixMin(rule, to - from);
      const sooner = new Map(hours.map((hour) => [hour, Math.min(touched.get(hour) ?? start, start)]));
      return weights.mix + longDay(new Map([...touched, ...sooner])) - asItLies;
    };
    // The cheapest way to share out the first `to` of them, and where its last batch begins.
    const best: { readonly cost: number; readonly from: number }[] = [{ cost: 0, from: 0 }];
    for (let to = 1; to <= wanting.length; to++) {
      let least = { cost: Infinity, from: to - 1 };
      const hours: number[] = [];
      for (let from = to - 1; from >= Math.max(0, to - rule.most); from--) {
        if (needs[to - 1]! - needs[from]! + rule.chillLeast > rule.chillMost) break;
        const { at } = pies[wanting[from]!]!.ready;
        if (!hours.includes(at)) hours.push(at);
        const cost = best[from]!.cost + costOf(from, to, hours);
        if (cost < least.cost) least = { cost, from };
      }
      best.push(least);
    }
    const batches: number[][] = [];
    for (let to = wanting.length; to > 0; to = best[to]!.from)
      batches.unshift(wanting.slice(best[to]!.from, to));
    return batches;
  }

  return (all, of) => {
    const batches: PlacedBatch[] = [];
    const failed: number[] = [];
    for (const [id, rule] of Object.entries(day.doughs)) {
      const wanting = of.filter((i) => pies[i]!.dough === id);
      wanting.sort((a, b) => needOf(a, all) - needOf(b, all));
      const before = mark();
      const wanted = shared(rule, wanting, all).map((some) => ({ some, batch: placeBatch(id, some, all) }));
      if (wanted.some(({ batch }) => batch === null)) rollBack(before);
      const tried = wanted.every(({ batch }) => batch !== null)
        ? wanted
        : // No place for so many mixings: fewer and larger ones.
          large(rule, wanting, all).map((some) => ({ some, batch: placeBatch(id, some, all) }));
      for (const { some, batch } of tried) {
        if (batch) batches.push(batch);
        else failed.push(...some);
      }
    }
    return { batches, failed };
  };
}
