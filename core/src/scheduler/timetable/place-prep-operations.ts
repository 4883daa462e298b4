import type { Boards } from './capacity-profile.js';
import type { Day } from '../model/index.js';
import type { Order } from './placing-order.js';
import type { PlacedBatch } from './place-dough.js';
import { doughPlacerOf } from './place-dough.js';
import type { Placed, Placer } from './place-pie.js';

/** Fruit that must be in its crust so soon is placed before dough in any case, min. */
const SOON_MIN = 60;
/** So much ahead of fruit lining is placed where it goes first, min: a dough's rest and mixing. */
const LINE_AHEAD_MIN = 50;

/** What comes before building, of some pies. */
export interface Rest {
  readonly batches: readonly PlacedBatch[];
  /** Tasks that found no place. */
  readonly failed: number;
  /** Pies whose lining or fruit found none: dough is not mixed then. */
  readonly troubled: readonly number[];
}

/** Puts lining, fruit and dough of some pies on the board, as late as they may be; those that are urgent have lining and fruit already. */
export type RestPlacer = (
  of: readonly number[],
  all: readonly Placed[],
  order: Order,
  urgent: ReadonlySet<number>,
) => Rest;

/** Something that is looked for from `latest` back. */
interface Pending {
  readonly i: number;
  readonly latest: number;
  readonly place: Placer['lineAt'];
}

export function restPlacerOf(day: Day, boards: Boards, placer: Placer): RestPlacer {
  const placeDough = doughPlacerOf(day, boards, placer);
  return (of, all, order, urgent) => {
    const lying = of.filter((i) => all[i]!.run >= 0);
    const waiting = lying.filter((i) => !urgent.has(i));
    const late = (i: number): boolean => order.doughFirst && day.pies[i]!.fruitMost > SOON_MIN;
    const lines = waiting.map((i): Pending => ({
      i,
      latest: all[i]!.build - day.pies[i]!.baseChill + (order.linesFirst ? LINE_AHEAD_MIN : 0),
      place: placer.lineAt,
    }));
    const fruit = (some: readonly number[]): Pending[] =>
      some.map((i) => ({ i, latest: all[i]!.build - day.pies[i]!.cook, place: placer.prepareAt }));
    const troubled: number[] = [];
    const placeAll = (pending: readonly Pending[]): void => {
      for (const { i, place } of [...pending].sort((a, b) => b.latest - a.latest))
        if (!place(i, all[i]!)) troubled.push(i);
    };
    placeAll([...lines, ...fruit(waiting.filter((i) => !late(i)))]);
    const dough = troubled.length > 0 ? { batches: [], failed: [] } : placeDough(all, lying);
    placeAll(fruit(waiting.filter(late)));
    return { batches: dough.batches, failed: troubled.length + dough.failed.length, troubled };
  };
}
