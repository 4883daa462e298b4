import type { Day, DayPlan } from '../model/index.js';
import { LEFT_OUT_MIN, withoutShells } from '../model/index.js';
import type { DaySearch } from '../search/index.js';
import { finishDay, solveDay } from '../search/index.js';

/** A change to a day that makes it work, or less late. */
export interface Remedy {
  /** What to do, in the baker's words. */
  readonly what: string;
  readonly day: Day;
  /** Minutes late over all pies that are left; a pie left out counts `LEFT_OUT_MIN`. */
  readonly lateMin: number;
  /** Pies that are wanted no more; missing where all still are. */
  readonly without?: readonly string[];
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

interface RemedyCandidate {
  readonly what: string;
  /** Some other day, perhaps one that is changed already. */
  change(day: Day): Day;
}

/** Each list from the least change to the largest: the first that helps is told. */
function remedyCandidates(day: Day, late: ReadonlySet<string>): RemedyCandidate[][] {
  const { kitchen } = day;
  const used = new Set(day.pies.flatMap(({ dish }) => (dish === null ? [] : [dish])));
  const [lead] = kitchen.hands;
  const [oven] = [...kitchen.ovens].sort((a, b) => b.places - a.places);
  return [
    EARLIER_MIN.map((min): RemedyCandidate => ({
      what: `Start ${min} minutes earlier.`,
      change: (then) => earlier(then, min),
    })),
    ...[...used].map((dish) =>
      [1, 2].map((more): RemedyCandidate => ({
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
                hands: [...then.kitchen.hands, { ...lead, id: 'one more', skills: null }],
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
    LATER_MIN.map((min): RemedyCandidate => ({
      what: `What is late is wanted ${min} minutes later.`,
      change: (then) => later(then, min, late),
    })),
  ];
}

const both = (one: RemedyCandidate, other: RemedyCandidate): RemedyCandidate => ({
  what: `${one.what} ${other.what}`,
  change: (day) => other.change(one.change(day)),
});

/** Two kinds of change, from the least of both to the largest of both. */
const bothChanges = (
  kind: readonly RemedyCandidate[],
  others: readonly RemedyCandidate[],
): RemedyCandidate[] => kind.flatMap((one) => others.map((other) => both(one, other)));

/** Fewer pies: all that a plan leaves out is not wanted; none where it leaves out nothing, or more than that is wrong with it. */
function fewer(day: Day, plan: DayPlan | null): Remedy[] {
  if (!plan || plan.leftOut.length === 0 || plan.late.length > 0) return [];
  const out = withoutShells(day).filter(({ id }) => plan.leftOut.includes(id));
  const labels = [...new Set(out.map(({ label }) => label))];
  const counts = labels.map((label) => `${out.filter((pie) => pie.label === label).length} × ${label}`);
  return [
    {
      what: `Do without ${counts.join(', ')}.`,
      day: { ...day, pies: day.pies.filter(({ id }) => !plan.leftOut.includes(id)) },
      lateMin: 0,
      without: out.map(({ id }) => id),
    },
  ];
}

const totalLateMin = (plan: DayPlan | null): number =>
  plan ? plan.score.lateMin + LEFT_OUT_MIN * plan.leftOut.length : Infinity;

/**
 * The short search by which a remedy is told: it keeps what that promised, should a longer one find less.
 * @param day as a remedy changed it
 * @param seed as `findRemedies` had it
 * @returns a search
 * @example finishDay(shortSearch(remedy.day))
 */
export const shortSearch = (day: Day, seed = 1): DaySearch =>
  solveDay(day, { seed, evaluations: EVALUATIONS, isRough: true });

/** How a change to a day is held against the day as it is, by a short look at both. */
interface Asking {
  readonly now: number;
  worked(idea: RemedyCandidate): Remedy;
}

/** A kind of change, and what the best of it comes to; null where none of it helps. */
interface Tried {
  readonly kind: readonly RemedyCandidate[];
  readonly best: Remedy | null;
}

/** Of each kind the least change that leaves nothing late, or else the one that leaves least. */
function* oneOfEach(
  kinds: readonly RemedyCandidate[][],
  { now, worked }: Asking,
): Generator<number, Tried[]> {
  const tried: Tried[] = [];
  for (const [i, kind] of kinds.entries()) {
    let best: Remedy | null = null;
    for (const idea of kind) {
      yield i / kinds.length;
      const remedy = worked(idea);
      if (remedy.lateMin < (best?.lateMin ?? now)) best = remedy;
      if (remedy.lateMin === 0) break;
    }
    tried.push({ kind, best });
  }
  return tried;
}

/** So many pairs of kinds are tried, those first that help most on their own. */
const MOST_PAIRS = 15;

/** The two changes that help most together, and as little of both as does as much; none where one alone does as much. */
function* bestPair(tried: readonly Tried[], { now, worked }: Asking): Generator<number, Remedy[]> {
  const leaves = ({ best }: Tried): number => best?.lateMin ?? now;
  const pairs = tried
    .flatMap((one, i) =>
      tried.slice(i + 1).map((other) => ({ one, other, both: leaves(one) + leaves(other) })),
    )
    .sort((a, b) => a.both - b.both)
    .slice(0, MOST_PAIRS);
  const least = Math.min(...tried.map(leaves));
  let best: Remedy | null = null;
  let kept: readonly RemedyCandidate[] = [];
  for (const { one, other } of pairs) {
    const pair = bothChanges(one.kind, other.kind);
    const largest = pair.at(-1);
    if (!largest) continue;
    yield 1;
    const remedy = worked(largest);
    if (remedy.lateMin < (best?.lateMin ?? least)) [best, kept] = [remedy, pair];
    if (remedy.lateMin === 0) break;
  }
  if (!best) return [];
  for (const pair of kept) {
    yield 1;
    const less = worked(pair);
    if (less.lateMin <= best.lateMin) return [less];
  }
  return [best];
}

/**
 * What would make a day work that does not: each change is worked out, and of each kind the least that leaves nothing late is
 * told. Where no kind has one, the two that together help most, and what helps on its own. And to do without what the plan leaves
 * out.
 * @param day worked out
 * @param plan the best one, with what is late; null when there is none
 * @param seed for the search
 * @returns a generator; its value the remedies, what leaves least first, and cheapest kinds of those that leave as much
 * @example finishNow(findRemedies(day, plan)).map(({ what }) => what)
 */
export function* findRemedies(day: Day, plan: DayPlan | null, seed = 1): Generator<number, Remedy[]> {
  const late = new Set(
    plan ? [...plan.late.map(({ pie }) => pie), ...plan.leftOut] : day.pies.map(({ id }) => id),
  );
  const roughly = (then: Day): number => totalLateMin(finishDay(shortSearch(then, seed)));
  const asking: Asking = {
    now: roughly(day),
    worked: ({ what, change }) => {
      const then = change(day);
      return { what, day: then, lateMin: roughly(then) };
    },
  };
  const kinds = remedyCandidates(day, late);
  const tried = yield* oneOfEach(kinds, asking);
  const single = tried.flatMap(({ best }) => best ?? []);
  const whole = single.filter(({ lateMin }) => lateMin === 0);
  const found = whole.length > 0 ? whole : [...(yield* bestPair(tried, asking)), ...single];
  return [...found, ...fewer(day, plan)].sort((a, b) => a.lateMin - b.lateMin);
}
