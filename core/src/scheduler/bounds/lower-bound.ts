import type { Day, DayPie } from '../model/index.js';
import { makeMixBound } from './dough-bound.js';
import { attended, objectiveWeights, spanCost, makeDaySpan } from '../model/index.js';
import { makeOvenBound } from './oven-bound.js';
import { makePlaceCheck } from './place-feasibility.js';
import type { Wave } from './work-feasibility.js';
import { makeWorkCheck, headMin, tailMin } from './work-feasibility.js';

function groupByHour(day: Day): Wave[] {
  const hours = new Map<number, DayPie[]>();
  for (const pie of day.pies) hours.set(pie.ready.at, [...(hours.get(pie.ready.at) ?? []), pie]);
  return [...hours].sort(([a], [b]) => a - b).map(([hour, pies]) => ({ hour, pies }));
}

/** The last minute up to `most` at which something holds that holds for all that is sooner; `least` when it never does. */
function latest(least: number, most: number, holds: (minute: number) => boolean): number {
  if (holds(most)) return most;
  let [yes, no] = [least, most];
  while (no - yes > 1) {
    const middle = Math.floor((yes + no) / 2);
    if (holds(middle)) yes = middle;
    else no = middle;
  }
  return yes;
}

/** The last moment at which a wave can be first touched that has all hands, ovens and dishes. */
const lastTouch = (day: Day, { hour, pies }: Wave): number =>
  hour - Math.max(...pies.map((pie) => headMin(day, pie) + pie.build + tailMin(pie)));

/** Whether hands, ovens and dishes may be enough when each wave is first touched at its moment. */
function makeCheck(day: Day, waves: readonly Wave[]): (firsts: readonly number[]) => boolean {
  const checks = [makeWorkCheck(day, waves), makePlaceCheck(day, waves)];
  return (firsts) => checks.every((check) => check(firsts));
}

/** Moments at which each wave is first touched, from the soonest to the latest of each. */
interface Box {
  readonly soonest: readonly number[];
  readonly latest: readonly number[];
  /** Of all that such days cost, what is not their length. */
  readonly other: number;
  /** What no such day can be under. */
  readonly least: number;
  /** False as long as `other` is only known of a larger box. */
  readonly isKnown: boolean;
}

/** So many boxes are looked into; what is left then is a bound as well, if a lower one. */
const MOST_BOXES = 120;

/**
 * The least of all boxes, by parting again and again the one that promises most. The later a wave is touched the shorter its day
 * is, and the more hands, mixings and runs it asks for.
 */
function leastCost(day: Day, waves: readonly Wave[]): number {
  const weights = objectiveWeights(day);
  const check = makeCheck(day, waves);
  const mixesOf = makeMixBound(day, waves);
  const ovensOf = makeOvenBound(day, waves);
  const boxOf = (
    { soonest, latest }: Pick<Box, 'soonest' | 'latest'>,
    other: number,
    isKnown = false,
  ): Box => {
    const span = makeDaySpan(
      waves.map(({ hour }, w) => ({ hour, start: latest[w]! })),
      (from, to) => attended(day, from, to),
    );
    return { soonest, latest, other, least: spanCost(weights, span) + other, isKnown };
  };
  const whole = {
    soonest: waves.map(() => day.earliest),
    latest: waves.map((wave) => Math.max(day.earliest, lastTouch(day, wave))),
  };
  const boxes = [boxOf(whole, 0)];
  let looked = 0;
  for (let box = boxes.pop(); box; box = boxes.sort((a, b) => b.least - a.least).pop()) {
    const { soonest, latest, other } = box;
    if (!box.isKnown) {
      const its = check(soonest) ? weights.mix * mixesOf(soonest) + ovensOf(soonest) : Infinity;
      if (its < Infinity) boxes.push(boxOf(box, Math.max(other, its), true));
      looked += 1;
      continue;
    }
    const widths = waves.map((_, w) => latest[w]! - soonest[w]!);
    const widest = Math.max(...widths);
    if (widest === 0 || looked >= MOST_BOXES) return box.least;
    const side = widths.indexOf(widest);
    const middle = soonest[side]! + Math.floor(widest / 2);
    boxes.push(
      boxOf({ soonest, latest: latest.with(side, middle) }, other),
      boxOf({ soonest: soonest.with(side, middle + 1), latest }, other),
    );
  }
  return Infinity;
}

/**
 * What no plan of a day that is in time can be under: each wave lasts at least as its longest pie, its ovens and dishes allow,
 * and all of them together as their hands do; dough is mixed and an oven turned on as often as there is no time to share. A bound,
 * no plan.
 * @param day worked out
 * @returns in the units of `plan.score.total`; Infinity when no plan can be in time
 * @example lowerBound(day)
 */
export function lowerBound(day: Day): number {
  return leastCost(day, groupByHour(day));
}

/**
 * From the first touch to the last hour no plan that is in time can be shorter: as `lowerBound` has it, with all waves touched at once.
 * @param day worked out
 * @returns min
 * @example leastLengthMin(day)
 */
export function leastLengthMin(day: Day): number {
  const waves = groupByHour(day);
  const check = makeCheck(day, waves);
  const mixesOf = makeMixBound(day, waves);
  const most = Math.min(...waves.map((wave) => lastTouch(day, wave)));
  const first = latest(day.earliest, most, (minute) => {
    const firsts = waves.map(() => minute);
    return check(firsts) && mixesOf(firsts) < Infinity;
  });
  return Math.max(...waves.map(({ hour }) => hour)) - first;
}
