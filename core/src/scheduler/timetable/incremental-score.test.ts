import { equalPies } from '../../test/equal-pies.js';
import type { Decoded } from './decoder.js';
import { decoderOf } from './decoder.js';
import { usualOrder } from './placing-order.js';
import { runTimesOf } from '../model/run-times.js';
import { scoreOf } from '../model/score.js';
import { tallyOf } from './incremental-score.js';
import { toPlan } from './to-plan.js';

describe('what a day on a board comes to', () => {
  const day = equalPies([1000, 1000, 1090]);
  const { board, ways, decode } = decoderOf(day);
  const tally = tallyOf(day, board.fromMin, runTimesOf(day, ways, board.fromMin));
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
      const decoded = decode({ runs, order: usualOrder }, false);
      expect(decoded.failed).toBe(0);
      const plan = toPlan(day, board, ways, decoded);
      expect(tally(decoded).total).toBeCloseTo(scoreOf(day, plan).total, 6);
      expect(tally(decoded).lateMin).toBe(plan.score.lateMin);
    }
  });

  it('is that too where other things matter than usual', () => {
    const other: typeof day = {
      ...day,
      matters: { lateStart: 'much', fewRuns: 'little', noWaiting: 'much' },
    };
    const its = tallyOf(other, board.fromMin, runTimesOf(other, ways, board.fromMin));
    const decoded = decode({ runs: [run(0, 1), run(2)], order: usualOrder }, false);
    const { total } = scoreOf(other, toPlan(other, board, ways, decoded));
    expect(its(decoded).total).toBeCloseTo(total, 6);
    expect(total).not.toBeCloseTo(tally(decoded).total, 0);
  });

  it('looks better where those are begun later that are not the first', () => {
    const of = ({ pies, runs, batches }: Decoded, soonerMin: number): Decoded => ({
      // Fruit of the second one is cut so much sooner; the first one's is cut before that all the same.
      pies: pies.map((placed, i) => ({
        ...placed,
        prepare: i === 0 ? 300 : placed.prepare - (i === 1 ? soonerMin : 0),
      })),
      runs,
      batches,
      failed: 0,
    });
    const decoded = decode({ runs: [run(0, 1), run(2)], order: usualOrder }, false);
    const [late, sooner, soonest] = [0, 200, 320].map((min) => tally(of(decoded, min)));
    expect(sooner?.total).toBe(late?.total);
    expect(soonest?.total).toBe(late?.total);
    expect(sooner?.outlook).toBeGreaterThan(late?.outlook ?? Infinity);
    expect(soonest?.outlook).toBeGreaterThan(sooner?.outlook ?? Infinity);
    expect(late?.outlook).toBeGreaterThan(late?.total ?? Infinity);
  });
});
