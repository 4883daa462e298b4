import { chanceFrom, normalFrom } from '../../units/index.js';
import type { Day, DayPlan, DayTask } from '../model/index.js';
import { taskId } from '../model/index.js';
import type { Actuals } from '../timetable/index.js';
import { rightShift } from '../timetable/index.js';

/** By how much things take another time than planned, as shares (one standard deviation). Estimates. */
const spreads = { hands: 0.15, slowDay: 0.1, out: 0.05, cool: 0.08 } as const;
/** What is interrupted takes so much longer, and how often that is. Estimates. */
const INTERRUPTED_SHARE = 0.04;
const INTERRUPTED_MIN = 8;

/**
 * What can go wrong with a day: a pie is late, or cold by its hour; it stays in the oven too long; fruit or a built pie waits too
 * long; somebody is kept past their hours.
 */
export const dayFaults = ['late', 'overbaked', 'kept', 'fruit', 'built', 'cold'] as const;
export type DayFault = (typeof dayFaults)[number];

export interface Robustness {
  /** Share of the days on which nothing went wrong. */
  readonly share: number;
  readonly days: number;
  /** Share of all days on which each went wrong, worst first; what never did is missing. */
  readonly faults: readonly { readonly fault: DayFault; readonly share: number }[];
  /** Pies that were late on most of the days that did not hold, worst first. */
  readonly weakest: readonly { readonly pie: string; readonly share: number }[];
}

const MOST_WEAK = 3;
/** So much beyond a limit harms nobody; an hour is an hour. */
const HARMLESS_MIN = 4;

/** Times of one day as they fall: each task its own, all hands quicker or slower together, each oven its own. */
function drawActuals(
  day: Day,
  plan: DayPlan,
  chance: () => number,
): Required<Pick<Actuals, 'lasts' | 'outs' | 'cools'>> {
  const spread = (min: number, share: number): number =>
    Math.max(min * 0.5, min * (1 + share * normalFrom(chance)));
  const slow = Math.exp(spreads.slowDay * normalFrom(chance));
  const lasts = new Map(
    plan.tasks.map(({ id, kind, start, end }) => {
      // Nobody is called away with a hot pie in their hands.
      const calledAway = chance() < INTERRUPTED_SHARE && kind !== 'out';
      const worked = Math.round(slow * spread(end - start, spreads.hands));
      return [id, worked + (calledAway ? INTERRUPTED_MIN : 0)] as const;
    }),
  );
  // An oven has its day: all that is in it takes longer together.
  const ovens = new Map(day.kitchen.ovens.map(({ id }) => [id, 1 + spreads.out * normalFrom(chance)]));
  const outs = new Map(
    plan.runs.flatMap(({ oven, pies }) =>
      pies.map(({ pie, out }) => [pie, out * (ovens.get(oven) ?? 1)] as const),
    ),
  );
  const cools = new Map(day.pies.map(({ id, cool }) => [id, spread(cool, spreads.cool)]));
  return { lasts, outs, cools };
}

/** Whether somebody works on after they were to go, be it home or for a break. */
function isKept(day: Day, { hands, start, end }: DayTask): boolean {
  const worker = day.kitchen.hands.find(({ id }) => id === hands);
  if (!worker) return false;
  const until = end - HARMLESS_MIN;
  return until > worker.to || worker.breaks.some(([from, to]) => start < to && until > from);
}

/** All that went wrong on a day. */
function faultsOn(day: Day, plan: DayPlan, went: DayPlan, outs: ReadonlyMap<string, number>): Set<DayFault> {
  const taskOf = new Map(went.tasks.map((task) => [task.id as string, task]));
  const faults = new Set<DayFault>();
  if (went.late.length > 0) faults.add('late');
  if (went.tasks.some((task) => isKept(day, task))) faults.add('kept');
  const plannedOut = new Map(
    plan.runs.flatMap(({ pies }) => pies.map(({ pie, out }) => [pie, out] as const)),
  );
  const loadedAt = new Map<string, number>();
  for (const { start, pies } of went.runs) {
    for (const { pie, out } of pies) {
      loadedAt.set(pie, start);
      // A quick oven is seen in time by who looks at the planned minute.
      const due = Math.max(outs.get(pie) ?? out, plannedOut.get(pie) ?? out);
      if (out - due > HARMLESS_MIN) faults.add('overbaked');
    }
  }
  for (const { id, cook, fruitMost, lastMost, warm, ready } of day.pies) {
    const [prepare, build, out] = (['prepare', 'build', 'out'] as const).map((kind) =>
      taskOf.get(taskId(kind, id)),
    );
    if (!build || !out) continue;
    if (prepare && build.start - prepare.end - cook - HARMLESS_MIN > fruitMost) faults.add('fruit');
    if ((loadedAt.get(id) ?? 0) - build.end - HARMLESS_MIN > lastMost) faults.add('built');
    if (warm !== null && ready.at - out.start - HARMLESS_MIN > warm) faults.add('cold');
  }
  return faults;
}

/**
 * How likely a plan holds: so many days with times as they fall, worked with hands and order kept. A day holds when every pie is
 * there by its hour, warm if that was promised; none is five minutes too long in its oven; no fruit and no built pie waits five
 * minutes longer than it may; nobody is kept five minutes past their hours.
 * @param day worked out
 * @param plan to hold
 * @param options seed and days
 * @returns the share of days that hold, and what went wrong on the others
 * @example estimateRobustness(day, plan).share
 */
export function estimateRobustness(day: Day, plan: DayPlan, { seed = 1, days = 200 } = {}): Robustness {
  const chance = chanceFrom(seed);
  const late = new Map<string, number>();
  const faulty = new Map<DayFault, number>();
  let held = 0;
  const countIn = <Key>(counts: Map<Key, number>, key: Key): void =>
    void counts.set(key, (counts.get(key) ?? 0) + 1);
  for (let i = 0; i < days; i++) {
    const actuals = drawActuals(day, plan, chance);
    const went = rightShift(day, plan, actuals);
    const faults = faultsOn(day, plan, went, actuals.outs);
    if (faults.size === 0) held += 1;
    for (const fault of faults) countIn(faulty, fault);
    for (const { pie } of went.late) countIn(late, pie);
  }
  const weakest = [...late]
    .map(([pie, times]) => ({ pie, share: times / days }))
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_WEAK);
  const faults = [...faulty]
    .map(([fault, times]) => ({ fault, share: times / days }))
    .sort((a, b) => b.share - a.share);
  return { share: held / days, days, faults, weakest };
}
