/** Heats that practice sets for a pie in an oven: the middle and half the width of what is usual, C. */
export interface ReferenceHeats {
  readonly first: readonly [middleC: number, halfC: number];
  readonly second: readonly [middleC: number, halfC: number];
  readonly single: readonly [middleC: number, halfC: number];
  /** How much lower this oven is set than a still one, and this top than pastry at first. */
  readonly lowerC: number;
  readonly topLowerC: number;
  /** Most pies of its kind are baked at one heat. */
  readonly oneHeat: boolean;
}

/** One way to bake a pie until it is done. Temperatures in C, times in minutes. */
export interface Schedule {
  readonly firstC: number;
  readonly firstMin: number;
  readonly secondC: number;
  /** When it is home, and when its filling was: in between it waits for its colour. */
  readonly doneMin: number;
  readonly filledMin: number;
  /** Whether it bubbles at the edge by then: the sign that bakers wait for. */
  readonly bubbles: boolean;
  readonly browning: number;
  /** Moisture of the outer half of the base at the end, kg per kg dry, and its colour; 0 without a base. */
  readonly baseMoisture: number;
  readonly baseBrowning: number;
  /** Loose foil from here on; null for none. */
  readonly foilMin: number | null;
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

/** One heat all through. */
export const isSingle = ({ firstC, secondC }: Pick<Schedule, 'firstC' | 'secondC'>): boolean =>
  firstC === secondC;

/** A colour within a quarter of its target is right to the eye. Estimate. */
const RIGHT_COLOUR = Math.log(1.25);

export const colourOff = ({ browning }: Schedule, target: number): number =>
  Math.log(Math.max(1e-6, browning) / target);

/** What a way costs, in minutes of a baker's patience: estimates, held against the schedules of practice. */
const costs = {
  /** A minute longer in the oven. */
  minute: 0.06,
  /** A minute that a done filling waits for the colour of its top, after the first few. */
  wait: 0.35,
  /** Taken out before it bubbles. */
  quiet: 5,
  /** A heat half a width away from what is usual. */
  unusual: 6,
  /** A first stage half a width longer or shorter than is usual. */
  unusualFirst: 3,
  /** Colour off, squared; and what is seen from further off. */
  colour: 60,
  wrongColour: 400,
  seenFrom: 0.2,
  soggy: 40,
  /** A base e times as dark as it may be. */
  burnt: 40,
  foil: 5,
  turnTheKnob: 3,
  /** One heat where two are usual, and two where one is. */
  otherCount: 8,
} as const;

/** A base wetter than this is soggy, kg per kg dry. Estimate. */
const DRY_BASE = 0.1;
/** So much wetter costs the whole of it. */
const SOGGY_OVER = 0.15;
/** A base darker than this is too dark, browning index. Estimate. */
export const DARK_BASE = 3;

/** A first stage is a quarter of an hour or a little more: middle and half-width, min. Common practice, no source (W1 to W3). */
const USUAL_FIRST_MIN = [17, 12] as const;

/** So long nobody minds that a filling waits, min. Estimate. */
const WAITS_GLADLY_MIN = 10;

const away = (value: number, [middle, half]: readonly [number, number]): number =>
  ((value - middle) / half) ** 2;

/** Colour met, usual heats, little time, a dry base, few walks to the oven: the least of it is best. */
export function scheduleCost(way: Schedule, target: number, usual: ReferenceHeats): number {
  const off = Math.abs(colourOff(way, target));
  const single = isSingle(way);
  const heats = single
    ? away(way.firstC, usual.single)
    : away(way.firstC, usual.first) + away(way.secondC, usual.second);
  return (
    costs.minute * way.doneMin +
    (way.bubbles ? 0 : costs.quiet) +
    costs.wait * Math.max(0, way.doneMin - way.filledMin - WAITS_GLADLY_MIN) +
    costs.unusual * heats +
    (single ? 0 : costs.unusualFirst * away(way.firstMin, USUAL_FIRST_MIN)) +
    costs.colour * off ** 2 +
    costs.wrongColour * Math.max(0, off - costs.seenFrom) +
    costs.soggy * Math.min(1, Math.max(0, (way.baseMoisture - DRY_BASE) / SOGGY_OVER)) +
    costs.burnt * Math.max(0, Math.log(Math.max(1, way.baseBrowning) / DARK_BASE)) +
    (way.foilMin === null ? 0 : costs.foil) +
    (single ? 0 : costs.turnTheKnob) +
    (single === usual.oneHeat ? 0 : costs.otherCount)
  );
}

/** The best way for each pair of temperatures, cheapest first. */
export function bestOfPairs(ways: readonly Schedule[], target: number, usual: ReferenceHeats): Schedule[] {
  const cost = (way: Schedule): number => scheduleCost(way, target, usual);
  const best = new Map<string, Schedule>();
  for (const way of ways) {
    const key = `${way.firstC}/${way.secondC}`;
    const other = best.get(key);
    if (!other || cost(way) < cost(other)) best.set(key, way);
  }
  return [...best.values()].sort((a, b) => cost(a) - cost(b));
}

const range = (values: readonly number[]): Band => ({ low: Math.min(...values), high: Math.max(...values) });

/** Bands of both stages out of all ways that come out right; of the best alone when none else does. */
export function goodBands(ways: readonly Schedule[], best: Schedule, target: number): StageBands {
  const right = ways.filter((way) => Math.abs(colourOff(way, target)) <= RIGHT_COLOUR);
  const all = right.includes(best) ? right : [best, ...right];
  return {
    firstC: range(all.map(({ firstC }) => firstC)),
    firstMin: range(all.map(({ firstMin }) => firstMin)),
    secondC: range(all.map(({ secondC }) => secondC)),
    secondMin: range(all.map(({ doneMin, firstMin }) => Math.max(0, doneMin - firstMin))),
  };
}
