/** One way to bake a pie until it is done. Temperatures in C, times in minutes. */
export interface Schedule {
  readonly firstC: number;
  readonly firstMin: number;
  readonly secondC: number;
  readonly doneMin: number;
  readonly browning: number;
  /** Moisture of the outer half of the base at the end, kg per kg dry; 0 without a base. */
  readonly baseMoisture: number;
}

/** A way beside the best one, and what it costs: minutes longer, and how far the colour is off (log of the ratio). */
export interface OtherSchedule extends Schedule {
  readonly longerMin: number;
  readonly colourOff: number;
}

/** From and to, within which a pie comes out right. */
export interface Band {
  readonly low: number;
  readonly high: number;
}

/** Ranges of both stages in which the pie comes out right, each with the others free to follow. */
export interface StageBands {
  readonly firstC: Band;
  readonly firstMin: Band;
  readonly secondC: Band;
  readonly secondMin: Band;
}

/** A colour within a quarter of its target is right to the eye. Estimate. */
const RIGHT_COLOUR = Math.log(1.25);
/** Nothing is gained by aiming nearer than this. */
const NEAR_ENOUGH = 0.05;

export const colourOff = ({ browning }: Schedule, target: number): number =>
  Math.log(Math.max(1e-6, browning) / target);

/** A base drier than this is not soggy; what is wetter is paid for in minutes. Estimates. */
const DRY_BASE = 0.1;
const SOGGY_MIN = 150;

/** Colour off by more than 5 % costs most; then minutes and a soggy base; a hot second stage breaks ties. */
const costOf = (way: Schedule, target: number): number =>
  400 * Math.max(0, Math.abs(colourOff(way, target)) - NEAR_ENOUGH) +
  way.doneMin +
  SOGGY_MIN * Math.max(0, way.baseMoisture - DRY_BASE) +
  0.02 * way.secondC;

/** The best way for each pair of temperatures, cheapest first. */
export function bestOfPairs(ways: readonly Schedule[], target: number): Schedule[] {
  const best = new Map<string, Schedule>();
  for (const way of ways) {
    const key = `${way.firstC}/${way.secondC}`;
    const other = best.get(key);
    if (!other || costOf(way, target) < costOf(other, target)) best.set(key, way);
  }
  return [...best.values()].sort((a, b) => costOf(a, target) - costOf(b, target));
}

const range = (values: readonly number[]): Band => ({ low: Math.min(...values), high: Math.max(...values) });

/** Bands of both stages out of all ways that come out right; of the best alone when none else does. */
export function bandsOf(ways: readonly Schedule[], best: Schedule, target: number): StageBands {
  const right = ways.filter((way) => Math.abs(colourOff(way, target)) <= RIGHT_COLOUR);
  const all = right.includes(best) ? right : [best, ...right];
  return {
    firstC: range(all.map(({ firstC }) => firstC)),
    firstMin: range(all.map(({ firstMin }) => firstMin)),
    secondC: range(all.map(({ secondC }) => secondC)),
    secondMin: range(all.map(({ doneMin, firstMin }) => Math.max(0, doneMin - firstMin))),
  };
}
