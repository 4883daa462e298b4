import type { Day, DayPie } from './day.js';
import { mixMinOf, weights } from './day.js';
import { placesCheckOf } from './place-checks.js';
import type { Wave } from './wave-checks.js';
import { batchesFor, handsCheckOf, headMin, leastOf, tailMin } from './wave-checks.js';
import { attended } from './score.js';

/** Steps in which the first touch of an earlier wave is looked for, min. */
const STEP_MIN = 5;

function wavesOf(day: Day): Wave[] {
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

const mixesFor = (day: Day, pies: readonly DayPie[]): number =>
  Object.keys(day.doughs).reduce((sum, id) => sum + batchesFor(day, pies, id), 0);

/** The last moment at which a dough can be mixed that a wave shares with a later one; -Infinity when they share none. */
function sharedBy(day: Day, sooner: Wave, later: Wave): number {
  const last = Object.entries(day.doughs).map(([id, rule]) => {
    const of = sooner.pies.filter(({ dough }) => dough === id);
    if (of.length === 0 || !later.pies.some(({ dough }) => dough === id)) return -Infinity;
    const needs = of.map(
      (pie) => sooner.hour - tailMin(pie) - pie.build - (pie.line > 0 ? pie.baseChill + pie.line : 0),
    );
    return Math.max(...needs) - rule.chillLeast - mixMinOf(rule, 2);
  });
  return Math.max(...last);
}

const longestMin = (day: Day, { pies }: Wave): number =>
  Math.max(...pies.map((pie) => headMin(day, pie) + pie.build + tailMin(pie)));

/** Pies that the dough of a wave may be mixed with. */
type MixedWith = (wave: Wave) => readonly DayPie[];

/** Whether hands, ovens and dishes may be enough when each wave is first touched at its moment. */
function checkOf(
  day: Day,
  waves: readonly Wave[],
  mixedWith: MixedWith,
): (firsts: readonly number[]) => boolean {
  const checks = [handsCheckOf(day, waves, mixedWith), placesCheckOf(day, waves)];
  return (firsts) => checks.every((check) => check(firsts));
}

/** The last moment at which a wave can be first touched when there is no other. */
const latestAlone = (day: Day, wave: Wave, mixedWith: MixedWith): number => {
  const check = checkOf(day, [wave], mixedWith);
  return latest(day.earliest, wave.hour - longestMin(day, wave), (first) => check([first]));
};

const touchedMin = (day: Day, { hour }: Wave, first: number): number =>
  weights.dayMin * attended(day, first, hour);

/**
 * Least minutes of two waves that share their hands: for each first touch of the sooner one, the later one's last, which is no
 * later than `by`.
 */
function leastOfTwo(
  day: Day,
  [one, two]: readonly [Wave, Wave],
  mixedWith: MixedWith,
  by = Infinity,
): number {
  const from = day.earliest;
  const check = checkOf(day, [one, two], mixedWith);
  const most = Math.min(latestAlone(day, two, mixedWith), by);
  if (most < from) return Infinity;
  let least = Infinity;
  let second = from;
  for (let first = latestAlone(day, one, mixedWith); first > from - STEP_MIN; first -= STEP_MIN) {
    const soonest = touchedMin(day, one, first);
    if (soonest + touchedMin(day, two, most) >= least) break;
    // For all first touches of the sooner one after the next step back: the sooner that is, the later the other may be.
    second = latest(second, most, (minute) => check([Math.max(from, first - STEP_MIN), minute]));
    least = Math.min(least, soonest + touchedMin(day, two, second));
  }
  return least;
}

const own: MixedWith = ({ pies }) => pies;

/** Least minutes and mixings of a day: of its waves after one another, two by two. */
function leastOfWaves(day: Day, waves: readonly Wave[]): number {
  const mixes = (pies: readonly DayPie[]): number => weights.mix * mixesFor(day, pies);
  const every: MixedWith = () => day.pies;
  const alone = (wave: Wave): number => touchedMin(day, wave, latestAlone(day, wave, every));
  const [one, two] = waves;
  if (one && two && waves.length === 2) {
    // With dough of their own, or with some that they share.
    return Math.min(
      leastOfTwo(day, [one, two], own) + mixes(one.pies) + mixes(two.pies),
      leastOfTwo(day, [one, two], every, sharedBy(day, one, two)) + mixes(day.pies),
    );
  }
  // A batch may be for pies of any of them: mixings are counted once for all.
  let minutes = 0;
  for (let w = 0; w < waves.length; w += 2) {
    const [sooner, later] = waves.slice(w, w + 2);
    if (sooner && later) minutes += leastOfTwo(day, [sooner, later], every);
    else if (sooner) minutes += alone(sooner);
  }
  return minutes + mixes(day.pies);
}

/** What ovens and colour cost at the least: each pie its share of the cheapest run it can be in, and no fewer runs than places ask for. */
function leastOfOvens({ kitchen: { ovens }, pies }: Day): number {
  const { run, ovenMin, heatCost } = weights;
  const shares = pies.reduce((sum, pie) => {
    const each = ovens.flatMap(({ id, places }) =>
      (pie.ways[id] ?? []).map(({ out, cost }) => heatCost * cost + (run + ovenMin * out) / places),
    );
    return sum + Math.min(...each);
  }, 0);
  const runs = Math.ceil(pies.length / Math.max(...ovens.map(({ places }) => places)));
  const shortest = Math.min(...pies.map((pie) => leastOf(pie, 'out')));
  const heat = pies.reduce((sum, pie) => sum + heatCost * leastOf(pie, 'cost'), 0);
  return Math.max(shares, heat + runs * (run + ovenMin * shortest));
}

/**
 * What no plan of a day that is in time can be under: each wave lasts at least as its longest pie, its ovens and dishes allow, and two waves after
 * one another as their hands do; an oven is turned on as often as its places ask for. A bound, no plan.
 * @param day worked out
 * @returns in the units of `plan.score.total`
 * @example lowerBound(day)
 */
export function lowerBound(day: Day): number {
  return leastOfWaves(day, wavesOf(day)) + leastOfOvens(day);
}

/**
 * From the first touch to the last hour no plan that is in time can be shorter: as `lowerBound` has it, with all waves touched at once.
 * @param day worked out
 * @returns min
 * @example leastLengthMin(day)
 */
export function leastLengthMin(day: Day): number {
  const waves = wavesOf(day);
  const check = checkOf(day, waves, () => day.pies);
  const most = Math.min(...waves.map((wave) => wave.hour - longestMin(day, wave)));
  const first = latest(day.earliest, most, (minute) => check(waves.map(() => minute)));
  return Math.max(...waves.map(({ hour }) => hour)) - first;
}
