import type { Day } from './day.js';
import { soonerMin, weights } from './day.js';
import type { Decoded } from './decode.js';
import type { RunIdea, RunTimes } from './run-times.js';
import { attended } from './score.js';

/** What a day on a board comes to. */
export interface Tally {
  readonly total: number;
  readonly lateMin: number;
}

/**
 * `scoreOf` from minutes on a board, for a search that asks thousands of times. Pies without a run count for nothing.
 * @param fromMin minute of the day at which the board begins
 */
export function tallyOf(
  day: Day,
  fromMin: number,
  timesOf: (idea: RunIdea) => RunTimes | null,
): (decoded: Pick<Decoded, 'runs' | 'batches' | 'pies'>) => Tally {
  const { pies } = day;
  const hours = [...new Set(pies.map(({ ready }) => ready.at - fromMin))];
  const hourOf = pies.map(({ ready }) => hours.indexOf(ready.at - fromMin));
  const sooner = pies.map((pie) => soonerMin(pie, day.slack));
  /** Minutes up to each one at which somebody is there. */
  const thereBy = new Int32Array(Math.max(...hours) + 1).map((_, t) => attended(day, fromMin, fromMin + t));
  const first = new Int32Array(hours.length);
  const touch = (i: number, start: number): void => {
    if (start >= 0 && start < first[hourOf[i]!]!) first[hourOf[i]!] = start;
  };
  return ({ pies: all, runs, batches }) => {
    first.set(hours);
    let sum = weights.run * runs.length + weights.mix * batches.length;
    let lateMin = 0;
    for (const { start, pies: of } of batches) for (const i of of) touch(i, start);
    for (const { idea, start } of runs) {
      const times = timesOf(idea);
      sum += weights.ovenMin * (times?.lastsMin ?? 0) + weights.heatCost * (times?.heatCost ?? 0);
      for (const i of idea.pies) {
        const { prepare, line, build, pack } = all[i]!;
        const pie = pies[i]!;
        touch(i, prepare);
        touch(i, line);
        touch(i, build);
        sum += weights.waitingMin * Math.max(0, start - build - pie.build - pie.lastChill);
        const overMin = pack + pie.pack - hours[hourOf[i]!]!;
        lateMin += Math.max(0, overMin);
        sum += weights.slackMin * Math.min(sooner[i]!, Math.max(0, overMin + sooner[i]!));
      }
    }
    for (let h = 0; h < hours.length; h++)
      sum += weights.dayMin * (thereBy[hours[h]!]! - thereBy[first[h]!]!);
    return { total: sum + weights.lateMin * lateMin, lateMin };
  };
}
