import { equalPies } from '../../test/equal-pies.js';
import type { DecodedSolution } from './decoder.js';
import { makeDecoder } from './decoder.js';
import { usualPlacingOrder } from './placing-order.js';
import { makeRunTimes } from '../model/run-times.js';
import { scorePlan } from '../model/score.js';
import { makeIncrementalScore } from './incremental-score.js';
import { toPlan } from './to-plan.js';

describe('what a day on a board comes to', () => {
  const day = equalPies([1000, 1000, 1090]);
  const { timetable, ways, decode } = makeDecoder(day);
  const tally = makeIncrementalScore(day, timetable.fromMin, makeRunTimes(day, ways, timetable.fromMin));
  const run = (
    ...pies: readonly number[]
  ): { oven: number; heat: string; pies: number[]; sooner: number } => ({
    oven: 0,
    heat: '190/0/190',
    pies: [...pies],
    sooner: 0,
  });

  it('is what its plan is worth', () => {
    for (const runs of [[run(0, 1, 2)], [run(0, 1), run(2)], [run(0), run(1), run(2)]]) {
      const decoded = decode({ runs, order: usualPlacingOrder }, false);
      expect(decoded.failed).toBe(0);
      const plan = toPlan(day, timetable, ways, decoded);
      expect(tally(decoded).total).toBeCloseTo(scorePlan(day, plan).total, 6);
      expect(tally(decoded).lateMin).toBe(plan.score.lateMin);
    }
  });

  it('is that too where other things matter than usual', () => {
    const other: typeof day = {
      ...day,
      matters: { lateStart: 'much', fewRuns: 'little', noWaiting: 'much' },
    };
    const its = makeIncrementalScore(other, timetable.fromMin, makeRunTimes(other, ways, timetable.fromMin));
    const decoded = decode({ runs: [run(0, 1), run(2)], order: usualPlacingOrder }, false);
    const { total } = scorePlan(other, toPlan(other, timetable, ways, decoded));
    expect(its(decoded).total).toBeCloseTo(total, 6);
    expect(total).not.toBeCloseTo(tally(decoded).total, 0);
  });

  it('looks better where those are begun later that are not the first', () => {
    const of = ({ pies, runs, batches }: DecodedSolution, soonerMin: number): DecodedSolution => ({
      // Fruit of the second one is cut so much sooner; the first one's is cut before that all the same.
      pies: pies.map((placed, i) => ({
        ...placed,
        prepare: i === 0 ? 300 : placed.prepare - (i === 1 ? soonerMin : 0),
      })),
      runs,
      batches,
      failed: 0,
    });
    const decoded = decode({ runs: [run(0, 1), run(2)], order: usualPlacingOrder }, false);
    const [late, sooner, soonest] = [0, 200, 320].map((min) => tally(of(decoded, min)));
    expect(sooner?.total).toBe(late?.total);
    expect(soonest?.total).toBe(late?.total);
    expect(sooner?.outlook).toBeGreaterThan(late?.outlook ?? Infinity);
    expect(soonest?.outlook).toBeGreaterThan(sooner?.outlook ?? Infinity);
    expect(late?.outlook).toBeGreaterThan(late?.total ?? Infinity);
  });
});
