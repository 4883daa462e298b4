import type { TimetableBuilder } from './capacity-profile.js';
import type { Day } from '../model/index.js';
import type { PlacingOrder } from './placing-order.js';
import type { PlacedBatch } from './place-dough.js';
import { makeDoughPlacer } from './place-dough.js';
import type { PiePlacement, PiePlacer } from './place-pie.js';

/** Fruit that must be in its crust so soon is placed before dough in any case, min. */
const SOON_MIN = 60;
/** So much ahead of fruit lining is placed where it goes first, min: a dough's rest and mixing. */
const LINE_AHEAD_MIN = 50;

/** What comes before building, of some pies. */
export interface PrepOperation {
  readonly batches: readonly PlacedBatch[];
  /** Tasks that found no place. */
  readonly failed: number;
  /** Pies whose lining or fruit found none: dough is not mixed then. */
  readonly infeasible: readonly number[];
}

/** Puts lining, fruit and dough of some pies on the timetable, as late as they may be; those that are urgent have lining and fruit already. */
export type PrepPlacer = (
  of: readonly number[],
  all: readonly PiePlacement[],
  order: PlacingOrder,
  urgent: ReadonlySet<number>,
) => PrepOperation;

/** Something that is looked for from `latest` back. */
interface Pending {
  readonly i: number;
  readonly latest: number;
  readonly place: PiePlacer['lineAt'];
}

export function makePrepPlacer(day: Day, timetables: TimetableBuilder, placer: PiePlacer): PrepPlacer {
  const placeDough = makeDoughPlacer(day, timetables, placer);
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
    const infeasible: number[] = [];
    const placeAll = (pending: readonly Pending[]): void => {
      for (const { i, place } of [...pending].sort((a, b) => b.latest - a.latest))
        if (!place(i, all[i]!)) infeasible.push(i);
    };
    placeAll([...lines, ...fruit(waiting.filter((i) => !late(i)))]);
    const dough = infeasible.length > 0 ? { batches: [], failed: [] } : placeDough(all, lying);
    placeAll(fruit(waiting.filter(late)));
    return { batches: dough.batches, failed: infeasible.length + dough.failed.length, infeasible };
  };
}
