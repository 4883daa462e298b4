import { equalPies } from '../../test/equal-pies.js';
import { usualWeights } from './objective-weights.js';
import { scorePlan } from './score.js';
import { finishDay, solveDay } from '../search/solve-day.js';
import { spanCost, makeDaySpan } from './day-span.js';

const always = (from: number, to: number): number => to - from;

describe('how long a day is whose pies have several hours', () => {
  it('has each minute once, and tells how many are shared', () => {
    expect(makeDaySpan([{ hour: 540, start: 200 }], always)).toEqual({ dayMin: 340, overlapMin: 0 });
    // Noon is begun while the morning is under way: from 200 to 720, and 440 to 540 twice.
    const both = [
      { hour: 540, start: 200 },
      { hour: 720, start: 440 },
    ];
    expect(makeDaySpan(both, always)).toEqual({ dayMin: 520, overlapMin: 100 });
    expect(makeDaySpan([...both].reverse(), always)).toEqual({ dayMin: 520, overlapMin: 100 });
  });

  it('leaves out what lies between a morning and an evening', () => {
    const apart = [
      { hour: 540, start: 200 },
      { hour: 1110, start: 800 },
    ];
    expect(makeDaySpan(apart, always)).toEqual({ dayMin: 340 + 310, overlapMin: 0 });
    // And what nobody is there for.
    const by = (from: number, to: number): number => Math.max(0, to - from - 100);
    expect(makeDaySpan(apart, by)).toEqual({ dayMin: 240 + 210, overlapMin: 0 });
  });

  it('has one hour all within another once', () => {
    const within = [
      { hour: 900, start: 100 },
      { hour: 540, start: 300 },
      { hour: 300, start: 50 },
    ];
    expect(makeDaySpan(within, always)).toEqual({ dayMin: 850, overlapMin: 240 + 200 });
  });

  it('makes a day that begins sooner dearer than a noon that does', () => {
    const costOf = (morning: number, noon: number): number =>
      spanCost(
        usualWeights,
        makeDaySpan(
          [
            { hour: 540, start: morning },
            { hour: 720, start: noon },
          ],
          always,
        ),
      );
    const [usual, soonerNoon, soonerDay] = [costOf(200, 440), costOf(200, 430), costOf(190, 440)];
    expect(soonerNoon).toBeGreaterThan(usual);
    expect(soonerDay - usual).toBeGreaterThan(3 * (soonerNoon - usual));
  });

  it('is what a plan is told to be: its length where hours are near', () => {
    const day = equalPies([1000, 1000, 1090]);
    const plan = finishDay(solveDay(day, { evaluations: 400 }));
    const first = Math.min(...(plan?.tasks ?? []).map(({ start }) => start));
    expect(plan?.score.dayMin).toBe(1090 - first);
    expect(plan && scorePlan(day, plan).overlapMin).toBeGreaterThan(0);
  });
});
