import type { ColourName } from '../../schema/index.js';
import type { DoneRule } from '../materials/index.js';
import { colourTargets, constant } from '../materials/index.js';
import type { Reading } from './readings.js';

/** Minutes at which things happen; null when they do not within the bake. */
export interface BakeEvents {
  readonly goldenMin: number | null;
  readonly edgeBubblingMin: number | null;
  readonly centreBubblingMin: number | null;
  readonly tenderMin: number | null;
  readonly setMin: number | null;
  readonly baseCrispMin: number | null;
  readonly tooDarkMin: number | null;
  /** The top has the colour that was asked for. */
  readonly colouredMin: number | null;
  /** The coldest filling has got as hot as the form asks. */
  readonly heatedMin: number | null;
}

/** Share of the softening, where a pick goes, that counts as tender. */
const TENDER = 0.64;
const SET = 0.9;
const GOLDEN = 1;
/** A colour this near its target has been reached. */
const NEAR_COLOUR = 0.92;
const CRISP_MOISTURE = 0.06;

/** What was seen of a bake so far: the first crossing of each event, and the last reading. */
export interface EventTimes {
  readonly events: BakeEvents;
  readonly last: Reading | null;
}

/** Before the first reading. */
export const nothingSeen: EventTimes = {
  events: {
    goldenMin: null,
    edgeBubblingMin: null,
    centreBubblingMin: null,
    tenderMin: null,
    setMin: null,
    baseCrispMin: null,
    tooDarkMin: null,
    colouredMin: null,
    heatedMin: null,
  },
  last: null,
};

/** An event comes when its value first reaches its level. */
type Sign = readonly [event: keyof BakeEvents, value: (reading: Reading) => number, level: number];

const doneSigns = ({ coldestC }: Pick<DoneRule, 'coldestC'>, colour: ColourName): readonly Sign[] => [
  ['goldenMin', (r) => r.topBrowning, GOLDEN],
  ['edgeBubblingMin', (r) => Number(r.edgeBubbling), 1],
  ['centreBubblingMin', (r) => Number(r.centreBubbling), 1],
  ['tenderMin', (r) => r.tender, TENDER],
  ['setMin', (r) => r.set, SET],
  ['baseCrispMin', (r) => -r.baseMoisture, -CRISP_MOISTURE],
  ['tooDarkMin', (r) => r.topBrowning, constant('tooDark')],
  ['colouredMin', (r) => r.topBrowning, NEAR_COLOUR * colourTargets[colour].index],
  ['heatedMin', (r) => r.coldestC, coldestC ?? Infinity],
];

/** Straight lines between readings. */
function crossedMin(last: Reading | null, now: Reading, [, value, level]: Sign): number {
  if (last === null) return now.timeMin;
  const share = (level - value(last)) / (value(now) - value(last));
  return last.timeMin + (now.timeMin - last.timeMin) * share;
}

/** Looks at a bake reading by reading: what was seen before, and the next one, give what is seen now. */
export function watcher(
  rule: Pick<DoneRule, 'coldestC'>,
  colour: ColourName,
): (seen: EventTimes, now: Reading) => EventTimes {
  const signs = doneSigns(rule, colour);
  return ({ events, last }, now) => {
    let found = events;
    for (const sign of signs) {
      const [event, value, level] = sign;
      if (events[event] === null && value(now) >= level)
        found = { ...found, [event]: crossedMin(last, now, sign) };
    }
    return { events: found, last: now };
  };
}

/** First crossings of each event in a list of readings. */
export const eventsIn = (
  readings: readonly Reading[],
  rule: Pick<DoneRule, 'coldestC'>,
  colour: ColourName,
): BakeEvents => readings.reduce(watcher(rule, colour), nothingSeen).events;

/** When the pie is done by the rule of its form: the last of all that it asks for; null when one never comes. */
export function doneMin(events: BakeEvents, rule: DoneRule): number | null {
  const { tenderMin, setMin, centreBubblingMin, heatedMin, baseCrispMin, colouredMin } = events;
  const asked: (number | null)[] = [
    ...(rule.tender ? [tenderMin] : []),
    ...(rule.set ? [setMin] : []),
    ...(rule.bubblesMin === null
      ? []
      : [centreBubblingMin === null ? null : centreBubblingMin + rule.bubblesMin]),
    ...(rule.coldestC === null ? [] : [heatedMin]),
    ...(rule.coloured ? [colouredMin] : []),
    ...(rule.baseDry ? [baseCrispMin] : []),
  ];
  return asked.reduce<number | null>(
    (latest, at) => (latest === null || at === null ? null : Math.max(latest, at)),
    0,
  );
}

/**
 * The same for the filling alone, whatever colour the top has.
 * @param events of a bake
 * @param rule when this pie counts as done
 * @returns min, or null when not reached
 * @example filledMin(events, plan.work.body.done)
 */
export const filledMin = (events: BakeEvents, rule: DoneRule): number | null =>
  doneMin(events, { ...rule, coloured: false });

/** A done filling waits this long for its top to colour; then the pie comes out pale. Estimate. */
const WAITS_FOR_COLOUR_MIN = 30;

/**
 * A pie is left in until it would be done in an oven 10 C colder than its knob too, and until bubbles are near: so much longer, and
 * no more minutes than these. Practice takes pies out 1.1 to 1.4 times as late as they are done here (W1 to W7). Estimates.
 */
const SAFE_SHARE = 0.15;
const MOST_SAFE_MIN = 7;

/** No more than this lies between a filling that is done and a time that was found for it: what is safe, rounded up to fives. */
export const mostToSpareMin = MOST_SAFE_MIN + 4;

/** When a pie is home: safely done, and its top coloured or waited for as long as the filling bears; null while it is neither. */
export function homeMin(events: BakeEvents, rule: DoneRule, nowMin: number): number | null {
  const done = filledMin(events, rule);
  if (done === null) return null;
  // An empty shell is taken out by its colour.
  const safe = rule.baseDry ? done : done + Math.min(MOST_SAFE_MIN, SAFE_SHARE * done);
  const longest = done + WAITS_FOR_COLOUR_MIN;
  if (events.colouredMin !== null) return Math.max(safe, Math.min(events.colouredMin, longest));
  return nowMin >= longest ? Math.max(safe, longest) : null;
}
