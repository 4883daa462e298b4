import type { BakeSpec, Stage } from '../../schema/index.js';
import type { Schedule, ReferenceHeats } from './bands.js';
import { isSingle } from './bands.js';
import type { PieBody } from '../materials/index.js';

/** A fan oven is set this much lower, C. Common practice, no source. */
const FAN_LOWER_C = 12;

/** What practice does with such a pie. Common practice, no source. */
export function referenceHeats(body: PieBody, { oven }: Pick<BakeSpec, 'oven'>): ReferenceHeats {
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
const NOTHING_MIN = 1;

/** When the filling is done, or its form asks for a colour too: that minute a top shows. */
interface Least {
  readonly timeMin: number;
  readonly coloured: boolean;
}

/** The nearest five, but not before all is done; where a five misses the colour by a minute, that minute more. */
const inFives = (timeMin: number, least: Least): number => {
  if (timeMin < IN_FIVES_FROM_MIN) return Math.ceil(timeMin);
  const five = 5 * Math.round((timeMin + RATHER_LONGER_MIN) / 5);
  if (five < least.timeMin - NOTHING_MIN) return 5 * Math.ceil(least.timeMin / 5);
  return least.coloured ? Math.max(five, Math.ceil(least.timeMin)) : five;
};

/**
 * Both stages as they are set, home at `doneMin`, all that is asked for at `least`: a single one is cut where a two-stage bake
 * would be looked at.
 */
export function asStages(
  best: Schedule,
  least: Least = { timeMin: best.doneMin, coloured: false },
): [Stage, Stage] {
  const single = isSingle(best);
  const outMin = inFives(best.doneMin, least);
  const firstMin = single ? Math.round(outMin / 2) : Math.round(best.firstMin);
  const lastMin = single
    ? outMin - firstMin
    : Math.max(5, inFives(best.doneMin - firstMin, { ...least, timeMin: least.timeMin - firstMin }));
  return [
    { tempC: best.firstC, timeMin: firstMin },
    { tempC: best.secondC, timeMin: lastMin },
  ];
}
