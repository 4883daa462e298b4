import type { BakeSpec, Stage } from '../spec/index.js';
import type { Schedule } from './bands.js';
import { isSingle } from './bands.js';
import type { PieBody } from './body.js';

/** Heats that practice sets for a pie in an oven: the middle and half the width of what is usual, C. */
export interface UsualHeats {
  readonly first: readonly [middleC: number, halfC: number];
  readonly second: readonly [middleC: number, halfC: number];
  readonly single: readonly [middleC: number, halfC: number];
  /** How much lower this oven is set than a still one, and this top than pastry at first. */
  readonly lowerC: number;
  readonly topLowerC: number;
  /** Most pies of its kind are baked at one heat. */
  readonly oneHeat: boolean;
}

/** A fan oven is set this much lower, C. Common practice, no source. */
const FAN_LOWER_C = 12;

/** What practice does with such a pie. Common practice, no source. */
export function usualHeats(body: PieBody, { oven }: Pick<BakeSpec, 'oven'>): UsualHeats {
  const lowerC = oven.kind === 'fan' ? FAN_LOWER_C : 0;
  const topLowerC = body.top?.startsLowerC ?? 0;
  return {
    first: [205 - lowerC - topLowerC, 15],
    second: [180 - lowerC, 15],
    single: [body.usual.singleC - lowerC, 15],
    lowerC,
    topLowerC,
    oneHeat: body.usual.oneHeat,
  };
}

/** Times in fives are easier kept in mind than others; from here on nobody minds up to 2 minutes. */
const IN_FIVES_FROM_MIN = 10;
/** A little longer is better than a little short of the colour. */
const RATHER_LONGER_MIN = 1.5;

/** A minute more or less is nothing to a filling. */
export const NOTHING_MIN = 1;

/** The nearest five, but not before the filling is done. */
const inFives = (timeMin: number, leastMin: number): number => {
  if (timeMin < IN_FIVES_FROM_MIN) return Math.ceil(timeMin);
  const five = 5 * Math.round((timeMin + RATHER_LONGER_MIN) / 5);
  return five >= leastMin - NOTHING_MIN ? five : 5 * Math.ceil(leastMin / 5);
};

/**
 * Both stages as they are set, home at `doneMin`, the filling at `leastMin`: a single one is cut where a two-stage bake
 * would be looked at.
 */
export function stagesOf(best: Schedule, leastMin = best.doneMin): [Stage, Stage] {
  const single = isSingle(best);
  const outMin = inFives(best.doneMin, leastMin);
  const firstMin = single ? Math.round(outMin / 2) : Math.round(best.firstMin);
  const lastMin = single
    ? outMin - firstMin
    : Math.max(5, inFives(best.doneMin - firstMin, leastMin - firstMin));
  return [
    { tempC: best.firstC, timeMin: firstMin },
    { tempC: best.secondC, timeMin: lastMin },
  ];
}
