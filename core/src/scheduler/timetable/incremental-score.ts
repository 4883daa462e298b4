import type { Day, RunDecision, RunTimes } from '../model/index.js';
import { attended, objectiveWeights, readyBufferMin, spanCost, makeDaySpan } from '../model/index.js';
import type { DecodedSolution } from './decoder.js';

/** What a day on a timetable comes to. */
export interface IncrementalScore {
  readonly total: number;
  readonly lateMin: number;
  /**
   * The total, and a little of how long before its hour each pie is first touched. The one that is touched first decides alone how
   * long a wave's day is: from the total a search can't tell whether the others are on a good way.
   */
  readonly outlook: number;
}

/** How much of the mean day of a wave's pies counts in an outlook. Estimate, found by trial. */
const OWN_DAY_SHARE = 0.15;

/**
 * `scorePlan` from minutes on a timetable, for a search that asks thousands of times. Pies without a run count for nothing.
 * @param fromMin minute of the day at which the timetable begins
 */
export function makeIncrementalScore(
  day: Day,
  fromMin: number,
  timesOf: (solution: RunDecision) => RunTimes | null,
): (decoded: Pick<DecodedSolution, 'runs' | 'batches' | 'pies'>) => IncrementalScore {
  const { pies } = day;
  const weights = objectiveWeights(day);
  const readyAt = Int32Array.from(pies, ({ ready }) => ready.at - fromMin);
  const hours = [...new Set(readyAt)];
  const waveOf = pies.map((_, i) => hours.indexOf(readyAt[i]!));
  const sooner = pies.map((pie) => readyBufferMin(pie, day.slack));
  /** Minutes up to each one at which somebody is there. */
  const thereBy = new Int32Array(Math.max(...hours) + 1).map((_, t) => attended(day, fromMin, fromMin + t));
  const minutesOf = (from: number, to: number): number => thereBy[to]! - thereBy[from]!;
  /** When each pie is first touched, and each hour's pies. */
  const own = new Int32Array(pies.length);
  const first = new Int32Array(hours.length);
  const shareOf = waveOf.map((wave) => OWN_DAY_SHARE / waveOf.filter((other) => other === wave).length);
  const touch = (i: number, start: number): void => {
    if (start >= 0 && start < own[i]!) own[i] = start;
  };
  return ({ pies: placed, runs, batches }) => {
    own.set(readyAt);
    let sum = weights.run * runs.length + weights.mix * batches.length;
    let lateMin = 0;
    for (const { start, pies: of } of batches) for (const i of of) touch(i, start);
    for (const { solution, start } of runs) {
      const times = timesOf(solution);
      sum += weights.ovenMin * (times?.lastsMin ?? 0) + weights.heatCost * (times?.heatCost ?? 0);
      for (const i of solution.pies) {
        const { prepare, line, build, pack } = placed[i]!;
        const pie = pies[i]!;
        touch(i, prepare);
        touch(i, line);
        touch(i, build);
        sum += weights.waitingMin * Math.max(0, start - build - pie.build - pie.lastChill);
        const overMin = pack + pie.pack - readyAt[i]!;
        lateMin += Math.max(0, overMin);
        sum += weights.slackMin * Math.min(sooner[i]!, Math.max(0, overMin + sooner[i]!));
      }
    }
    first.set(hours);
    let ownDays = 0;
    for (let i = 0; i < pies.length; i++) {
      const wave = waveOf[i]!;
      first[wave] = Math.min(first[wave]!, own[i]!);
      ownDays += shareOf[i]! * minutesOf(own[i]!, readyAt[i]!);
    }
    const span = makeDaySpan(
      hours.map((hour, w) => ({ hour, start: first[w]! })),
      minutesOf,
    );
    const total = sum + weights.lateMin * lateMin + spanCost(weights, span);
    return { total, lateMin, outlook: total + weights.dayMin * ownDays };
  };
}
