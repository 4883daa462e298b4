import { chanceFrom, normalFrom } from '../../units/index.js';
import type { Day, DayPlan } from '../model/index.js';
import { rightShift } from '../timetable/index.js';

/** By how much things take another time than planned, as shares (one standard deviation). Estimates. */
const spreads = { hands: 0.15, out: 0.05, cool: 0.08 } as const;
/** What is interrupted takes so much longer, and how often that is. Estimates. */
const INTERRUPTED_SHARE = 0.04;
const INTERRUPTED_MIN = 8;

export interface Robustness {
  /** Share of the days on which all is ready by its hour. */
  readonly share: number;
  readonly days: number;
  /** Pies that were late on most of the days that did not hold, worst first. */
  readonly weakest: readonly { readonly pie: string; readonly share: number }[];
}

const MOST_WEAK = 3;

/**
 * How likely a plan holds: so many days with times as they fall, worked with hands and order kept.
 * @param day worked out
 * @param plan to hold
 * @param options seed and days
 * @returns the share of days on which nothing was late
 * @example estimateRobustness(day, plan).share
 */
export function estimateRobustness(day: Day, plan: DayPlan, { seed = 1, days = 200 } = {}): Robustness {
  const chance = chanceFrom(seed);
  const spread = (min: number, share: number): number =>
    Math.max(min * 0.5, min * (1 + share * normalFrom(chance)));
  const late = new Map<string, number>();
  let held = 0;
  for (let i = 0; i < days; i++) {
    const lasts = new Map(
      plan.tasks.map(({ id, start, end }) => [
        id,
        Math.round(spread(end - start, spreads.hands)) + (chance() < INTERRUPTED_SHARE ? INTERRUPTED_MIN : 0),
      ]),
    );
    // An oven has its day: all that is in it takes longer together.
    const ovens = new Map(day.kitchen.ovens.map(({ id }) => [id, 1 + spreads.out * normalFrom(chance)]));
    const outs = new Map(
      plan.runs.flatMap(({ oven, pies }) =>
        pies.map(({ pie, out }) => [pie, out * (ovens.get(oven) ?? 1)] as const),
      ),
    );
    const cools = new Map(day.pies.map(({ id, cool }) => [id, spread(cool, spreads.cool)]));
    const went = rightShift(day, plan, { lasts, outs, cools });
    if (went.late.length === 0) held += 1;
    for (const { pie } of went.late) late.set(pie, (late.get(pie) ?? 0) + 1);
  }
  const weakest = [...late]
    .map(([pie, times]) => ({ pie, share: times / days }))
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_WEAK);
  return { share: held / days, days, weakest };
}
