import type { Day, DayPlan } from './day.js';
import { finishDay, solveDay } from './solve-day.js';

/** A change to a day that makes it work, or less late. */
export interface Remedy {
  /** What to do, in the baker's words. */
  readonly what: string;
  readonly day: Day;
  /** Minutes late over all pies that are left; a pie left out counts a day. */
  readonly lateMin: number;
}

const EARLIER_MIN = [20, 40, 60, 90, 120, 180] as const;
const LATER_MIN = [15, 30, 60, 90, 120] as const;
/** Enough to see whether a change helps; the day is solved anew when it is taken. */
const EVALUATIONS = 500;

const withKitchen = (day: Day, kitchen: Partial<Day['kitchen']>): Day => ({
  ...day,
  kitchen: { ...day.kitchen, ...kitchen },
});

const earlier = (day: Day, min: number): Day => ({
  ...withKitchen(day, { hands: day.kitchen.hands.map((hand) => ({ ...hand, from: hand.from - min })) }),
  earliest: day.earliest - min,
});

const later = (day: Day, min: number, late: ReadonlySet<string>): Day => ({
  ...day,
  pies: day.pies.map((pie) =>
    // Pies of one sort and hour are wanted together.
    day.pies.some((one) => late.has(one.id) && one.label === pie.label && one.ready.at === pie.ready.at)
      ? { ...pie, ready: { ...pie.ready, at: pie.ready.at + min } }
      : pie,
  ),
});

interface Idea {
  readonly what: string;
  /** Some other day, perhaps one that is changed already. */
  change(day: Day): Day;
}

/** Each list from the least change to the largest: the first that helps is told. */
function ideas(day: Day, late: ReadonlySet<string>): Idea[][] {
  const { kitchen } = day;
  const used = new Set(day.pies.flatMap(({ dish }) => (dish === null ? [] : [dish])));
  const [lead] = kitchen.hands;
  const [oven] = [...kitchen.ovens].sort((a, b) => b.places - a.places);
  return [
    EARLIER_MIN.map((min): Idea => ({
      what: `Start ${min} minutes earlier.`,
      change: (then) => earlier(then, min),
    })),
    ...[...used].map((dish) =>
      [1, 2].map((more): Idea => ({
        what: `${more === 1 ? 'One more' : 'Two more'} ${dish}.`,
        change: (then) =>
          withKitchen(then, {
            dishes: { ...then.kitchen.dishes, [dish]: (kitchen.dishes[dish] ?? 0) + more },
          }),
      })),
    ),
    [
      {
        what: 'Four more places in the fridge.',
        change: (then) => withKitchen(then, { fridgePlaces: kitchen.fridgePlaces + 4 }),
      },
    ],
    lead
      ? [
          {
            what: 'One more pair of hands for the day.',
            change: (then) =>
              withKitchen(then, {
                hands: [...then.kitchen.hands, { ...lead, id: 'one more', skills: null, breaks: [] }],
              }),
          },
        ]
      : [],
    oven
      ? [
          {
            what: `Another oven like the ${oven.id}.`,
            change: (then) => ({
              ...withKitchen(then, { ovens: [...kitchen.ovens, { ...oven, id: `another ${oven.id}` }] }),
              pies: then.pies.map((pie) => ({
                ...pie,
                ways: { ...pie.ways, [`another ${oven.id}`]: pie.ways[oven.id] ?? [] },
              })),
            }),
          },
        ]
      : [],
    LATER_MIN.map((min): Idea => ({
      what: `What is late is wanted ${min} minutes later.`,
      change: (then) => later(then, min, late),
    })),
  ];
}

const both = (one: Idea, other: Idea): Idea => ({
  what: `${one.what} ${other.what}`,
  change: (day) => other.change(one.change(day)),
});

/** Each two kinds of change, from the least of both to the largest of both. */
const pairsOf = (kinds: readonly Idea[][]): Idea[][] =>
  kinds.flatMap((kind, i) =>
    kinds.slice(i + 1).map((others) => kind.flatMap((one) => others.map((other) => both(one, other)))),
  );

/** A pie that is not baked at all is as bad as one a day late. */
const LEFT_OUT_MIN = 1440;

const lateOf = (plan: DayPlan | null): number =>
  plan ? plan.score.lateMin + LEFT_OUT_MIN * plan.leftOut.length : Infinity;

/**
 * What would make a day work that does not: each change is worked out, the least of its kind that leaves nothing late is
 * told; where none does, the one that leaves least. Where nothing helps on its own, the two that together help most.
 * @param day worked out
 * @param plan the best one, with what is late; null when there is none
 * @param seed for the search
 * @returns a generator; its value the remedies, cheapest kinds first
 * @example finishNow(remediesOf(day, plan)).map(({ what }) => what)
 */
export function* remediesOf(day: Day, plan: DayPlan | null, seed = 1): Generator<number, Remedy[]> {
  const late = new Set(
    plan ? [...plan.late.map(({ pie }) => pie), ...plan.leftOut] : day.pies.map(({ id }) => id),
  );
  const now = lateOf(plan);
  const kinds = ideas(day, late);
  const worked = ({ what, change }: Idea): Remedy => {
    const then = change(day);
    const solved = finishDay(solveDay(then, { seed, evaluations: EVALUATIONS }));
    return { what, day: then, lateMin: lateOf(solved) };
  };
  const found: Remedy[] = [];
  for (const [i, kind] of kinds.entries()) {
    let least: Remedy | null = null;
    for (const idea of kind) {
      yield i / kinds.length;
      const remedy = worked(idea);
      if (remedy.lateMin < (least?.lateMin ?? now)) least = remedy;
      if (remedy.lateMin === 0) break;
    }
    if (least) found.push(least);
  }
  if (found.length > 0) return found.sort((a, b) => a.lateMin - b.lateMin);
  let best: Remedy | null = null;
  let kept: readonly Idea[] = [];
  for (const pair of pairsOf(kinds)) {
    const largest = pair.at(-1);
    if (!largest) continue;
    yield 1;
    const remedy = worked(largest);
    if (remedy.lateMin < (best?.lateMin ?? now)) [best, kept] = [remedy, pair];
    if (remedy.lateMin === 0) break;
  }
  if (!best) return [];
  // As little of both as does as much.
  for (const pair of kept) {
    yield 1;
    const less = worked(pair);
    if (less.lateMin <= best.lateMin) return [less];
  }
  return [best];
}
