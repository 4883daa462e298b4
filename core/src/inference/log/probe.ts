import type { LoggedBake, LoggedReading } from './log.js';
import type { PieTable } from './pie-table.js';
import { PROBE_PASSES_C } from './pie-table.js';

/** What a probe's wire says of itself when it cannot be right. */
export type ProbeFault = 'no reading' | 'stuck' | 'out of range' | 'slipped out';

/** No oven and no pie is colder or hotter than this, C. */
const LEAST_C = -30;
const MOST_C = 350;
/** A reading that stands still to the last digit over so many is stuck. Estimate. */
const STUCK_AFTER = 8;
/** A filling doesn't warm by more than this between two readings, C: the probe hangs in the air. Estimate. */
const LEAP_C = 25;

const inRange = (tempC: number): boolean => Number.isFinite(tempC) && tempC >= LEAST_C && tempC <= MOST_C;

/**
 * What is wrong with the latest readings of a probe; null when nothing is.
 * @param temps C, the oldest first; null where none came
 * @param inFilling whether it stands in the filling, which warms slowly and never over its boil
 * @returns what is wrong, or null
 * @example probeFault([60, 900], true) // 'out of range'
 */
export function probeFault(temps: readonly (number | null)[], inFilling: boolean): ProbeFault | null {
  const last = temps.at(-1);
  if (last === undefined) return null;
  if (last === null) return 'no reading';
  if (!inRange(last)) return 'out of range';
  const lately = temps.slice(-STUCK_AFTER);
  if (lately.length === STUCK_AFTER && lately.every((temp) => temp === last)) return 'stuck';
  const before = temps.at(-2);
  const leapt = typeof before === 'number' && Math.abs(last - before) > LEAP_C;
  if (inFilling && (leapt || last > BOILS_AT_MOST_C)) return 'slipped out';
  return null;
}

/** A sugared filling boils a few degrees over water; nothing in it gets hotter. Estimate. */
const BOILS_AT_MOST_C = 115;

/** Settled air counts: so long after loading or lowering, min; and so many readings at least. Estimates. */
export const SETTLED_MIN = 12;
const ENOUGH = 4;

/** What one wire read, min and C, without what makes no sense. */
export function soundReadings(
  readings: readonly LoggedReading[],
  of: (reading: LoggedReading) => number | null,
  inFilling: boolean,
): { readonly atMin: number; readonly tempC: number }[] {
  const temps: (number | null)[] = [];
  return readings.flatMap((reading) => {
    const tempC = of(reading);
    temps.push(tempC);
    return tempC !== null && probeFault(temps, inFilling) === null ? [{ atMin: reading.atMin, tempC }] : [];
  });
}

/**
 * What the probes of a bake say: how far the air was from the knob, C, and when the filling passed `PROBE_PASSES_C`, min. Bad
 * readings are left out.
 */
export function probeReadings(
  bake: LoggedBake,
  table: PieTable,
): { readonly airOffC: number | null; readonly passesMin: number | null } {
  const stages = bake.stages ?? bake.plan.bake.stages;
  const firstMin = stages?.[0].timeMin ?? table.outMin;
  const air = soundReadings(bake.readings, ({ airC }) => airC, false).flatMap(({ atMin, tempC }) => {
    const [stage, sinceMin] = atMin < firstMin ? [stages?.[0], atMin] : [stages?.[1], atMin - firstMin];
    return stage && sinceMin >= SETTLED_MIN ? [tempC - stage.tempC] : [];
  });
  const filling = soundReadings(bake.readings, ({ fillingC }) => fillingC, true);
  const after = filling.findIndex(({ tempC }) => tempC >= PROBE_PASSES_C);
  const now = filling[after];
  const before = filling[after - 1];
  const passesMin =
    now && before
      ? before.atMin +
        ((now.atMin - before.atMin) * (PROBE_PASSES_C - before.tempC)) / (now.tempC - before.tempC)
      : null;
  return {
    airOffC: air.length >= ENOUGH ? air.reduce((a, b) => a + b, 0) / air.length : null,
    passesMin,
  };
}
