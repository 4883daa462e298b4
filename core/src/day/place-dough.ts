import type { Boards } from './board.js';
import { lastFull, latestSlot } from './board.js';
import type { Day, DayDough } from './day.js';
import { mixMinOf } from './day.js';
import type { Placed, Placer } from './place-pie.js';

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

/** Puts the dough of pies that lie already on the board: as late, and as many at once, as its rests allow. */
export function doughPlacerOf(
  day: Day,
  { board, able }: Boards,
  { works, takes }: Placer,
): (all: readonly Placed[]) => PlacedDough {
  const { pies } = day;
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
      const noMixer = lastFull(board.mixers, slot.start, end);
      if (noMixer >= 0) {
        most = noMixer - lasts;
        continue;
      }
      if (lastFull(board.fridge, end, last) >= 0) return null;
      works(slot.hand, slot.start, end);
      takes(board.fridge, end, last);
      takes(board.mixers, slot.start, end);
      return { dough, pies: of, start: slot.start, end, by: slot.hand };
    }
  }

  return (all) => {
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
  };
}
