import { aHand, aloneMin, anOven, equalPies } from '../../test/equal-pies.js';
import { leastLengthMin, lowerBound } from './lower-bound.js';
import type { Day, DayPie } from '../model/day.js';
import { usualWeights as weights } from '../model/objective-weights.js';
import { finishDay, solveDay } from '../search/solve-day.js';

const oven = weights.run + weights.ovenMin * 50;

describe('what no plan of a day can be under', () => {
  it('is the whole way of a pie that is alone, and that is reached', () => {
    const day = equalPies([1000]);
    expect(lowerBound(day)).toBeCloseTo(aloneMin + oven + weights.mix, 6);
    expect(leastLengthMin(day)).toBe(aloneMin);
    expect(finishDay(solveDay(day, { evaluations: 200 }))?.score.total).toBeCloseTo(lowerBound(day), 6);
  });

  it('has the work of one pair of hands one thing after another', () => {
    const six = equalPies(Array.from({ length: 6 }, () => 1000));
    // All building is over 180 minutes before the hour; before it lie six of each, and the mixing of one dough.
    const work = 6 * (10 + 10 + 15) + 15 + 5 * 3;
    expect(lowerBound(six)).toBeGreaterThanOrEqual(work + 180 + weights.run + weights.mix);
    const two = equalPies(
      six.pies.map(({ ready }) => ready.at),
      { hands: ['a', 'b'].map((id) => ({ ...aHand, id, from: 0, to: 3000, breaks: [] })) },
    );
    expect(lowerBound(two)).toBeLessThan(lowerBound(six) - 60);
  });

  it('has pies of one dish one after another, from lining to packing', () => {
    const held = aloneMin - 15 - 30;
    for (const dishes of [1, 2, 4]) {
      const day = equalPies([1000, 1000, 1000, 1000], { dishes: { large: dishes } });
      expect(lowerBound(day)).toBeGreaterThanOrEqual((4 / dishes) * held + 45 + oven + weights.mix);
    }
  });

  it('has rounds of an oven that is too small', () => {
    const small = { ovens: [{ ...anOven, places: 1 }] };
    const two = (kitchen: Partial<Day['kitchen']>): number => lowerBound(equalPies([1000, 1000], kitchen));
    expect(two(small) - two({})).toBeGreaterThanOrEqual(oven);
    expect(two(small)).toBeGreaterThanOrEqual(aloneMin + 50 - 30 - 15 + 2 * oven + weights.mix);
  });

  it('has dough of hours that are far apart mixed twice, and an oven for each', () => {
    const apart = equalPies([1000, 1400]);
    expect(lowerBound(apart)).toBeCloseTo(2 * (aloneMin + weights.mix + oven), 6);
    expect(leastLengthMin(apart)).toBe(400 + aloneMin);
    expect(finishDay(solveDay(apart, { evaluations: 400 }))?.score.total).toBeCloseTo(lowerBound(apart), 6);
  });

  it('has one run for hours so near that waiting costs less than another one, and two from there on', () => {
    const hands = ['a', 'b', 'c'].map((id) => ({ ...aHand, id }));
    const dayOf = (apartMin: number): Day => equalPies([1000, 1000 + apartMin], { hands });
    const { overlapMin } = weights;
    // Mixed together: 3 minutes more for both, and the later one is touched as soon as the other, whose way lies all within it.
    const together = (apartMin: number): number =>
      (1 + overlapMin) * (aloneMin + 3) + apartMin + oven + weights.mix;
    const apart = (apartMin: number): number =>
      aloneMin + apartMin + overlapMin * (aloneMin - apartMin) + 2 * (weights.mix + oven);
    expect(together(60)).toBeLessThan(apart(60));
    expect(together(180)).toBeGreaterThan(apart(180));
    for (const min of [5, 25, 60, 120, 180]) {
      const plan = finishDay(solveDay(dayOf(min), { evaluations: 400 }));
      const [least, best] = [lowerBound(dayOf(min)), Math.min(together(min), apart(min))];
      expect(plan?.score.total).toBeCloseTo(best, 6);
      expect(least).toBeLessThanOrEqual(best + 1e-6);
      expect(least).toBeGreaterThan(best - 8);
    }
  });

  it('has a run for each programme, and the dearer one where that saves a run', () => {
    const ways = (...of: readonly (readonly [firstC: number, cost: number])[]): DayPie['ways'] => ({
      long: of.map(([firstC, cost]) => ({ heat: [firstC, 0, firstC], out: 50, cost, foil: null })),
    });
    const least = (...of: readonly DayPie['ways'][]): number => {
      const day = equalPies(of.map(() => 1000));
      const pies = day.pies.map((pie, k) => ({ ...pie, ways: of[k]! }));
      const bound = lowerBound({ ...day, pies });
      const plan = finishDay(solveDay({ ...day, pies }, { evaluations: 400 }));
      expect(plan?.score.total).toBeGreaterThanOrEqual(bound - 1e-6);
      return bound;
    };
    const [hot, mild] = [ways([210, 0]), ways([190, 0])];
    const one = least(hot, hot);
    for (const [of, more] of [
      [mild, oven],
      [ways([190, 0], [210, 10]), 10],
      [ways([190, 0], [210, 40]), oven],
    ] as const) {
      expect(least(hot, of)).toBeLessThanOrEqual(one + more + 1e-6);
      expect(least(hot, of)).toBeGreaterThan(one + more - 1);
    }
  });

  it('has no time at all where a pie cannot be baked by its hour', () => {
    const late = equalPies([aloneMin - 5]);
    expect(lowerBound(late)).toBe(Infinity);
    expect(lowerBound(equalPies([aloneMin + 25]))).toBeLessThan(Infinity);
  });

  it('is kept when one dough is for pies of three hours', () => {
    const hands = ['a', 'b', 'c'].map((id) => ({ ...aHand, id }));
    const day = equalPies([1000, 1002, 1004], { hands });
    const plan = finishDay(solveDay(day, { evaluations: 2000 }));
    expect(plan?.late).toEqual([]);
    expect(plan?.batches).toHaveLength(1);
    expect(lowerBound(day)).toBeLessThanOrEqual(plan?.score.total ?? 0);
    // One run and one mixing for all: a pie's whole way, two more to be mixed, and the wait for the soonest of them; the ways of
    // the two that are wanted sooner lie within it.
    const wayMin = aloneMin + 6;
    const together = wayMin + 4 + weights.overlapMin * (wayMin + wayMin + 2) + oven + weights.mix;
    expect(plan?.score.total).toBeCloseTo(together, 6);
    expect(lowerBound(day)).toBeGreaterThan(together - 10);
  });

  it('has what can be done the evening before', () => {
    const hands = [{ ...aHand, from: -400, to: 3000, breaks: [[-200, 400] as const] }];
    const evening = { ...equalPies([640], { hands }), earliest: -400 };
    // Dough and lining before the night, the rest by day.
    expect(lowerBound(evening)).toBeLessThanOrEqual(640 - 400 + 15 + oven + weights.mix);
    const six = { ...evening, pies: equalPies(Array.from({ length: 6 }, () => 640)).pies };
    const plan = finishDay(solveDay(six, { evaluations: 300 }));
    expect(plan?.late).toEqual([]);
    expect(lowerBound(six)).toBeLessThanOrEqual(plan?.score.total ?? 0);
  });

  it('counts no night at which nobody is there', () => {
    const hands = [{ ...aHand, from: 0, to: 3000, breaks: [[100, 600] as const] }];
    // Dough of the evening before, the rest from 600 on.
    expect(lowerBound(equalPies([840], { hands }))).toBeCloseTo(15 + 240 + oven + weights.mix, 6);
  });

  it('has a short stay and a long one after one another, where there is a dish too few', () => {
    const three = equalPies([1000, 1000, 1000], { dishes: { large: 2 } });
    const pies = three.pies.map((pie, k) => (k === 0 ? { ...pie, cool: 10 } : pie));
    // 135 minutes from lining to packing and 225; before them the dough is mixed and rests.
    expect(leastLengthMin({ ...three, pies })).toBe(135 + 225 + 45);
  });

  it('has no pie both leave its dish to another and wait for that one', () => {
    const hands = ['a', 'b', 'c'].map((id) => ({ ...aHand, id }));
    const four = equalPies([1000, 1090, 1090, 1000], { dishes: { large: 2 }, hands });
    const pies = four.pies.map((pie, k) => (k < 3 ? { ...pie, cool: 10 } : pie));
    // Any two of the short ones, 135 minutes each, can follow one another. But the long one's dish is needed again as well:
    // by a short one after its 225 minutes.
    expect(leastLengthMin({ ...four, pies })).toBe(225 + 135 + 45);
  });

  it('does not bake what is to be warm first, to make room for the others', () => {
    const two = equalPies([1000, 1090], { dishes: { large: 1 } });
    const dayOf = (warm: number | null): Day => ({
      ...two,
      pies: two.pies.map((pie, k) => (k === 0 ? { ...pie, cool: 10, warm } : pie)),
    });
    // The short one packed at 865 leaves the dish to the later one, which is the other way round when it is eaten warm at 1000.
    expect(leastLengthMin(dayOf(null))).toBe(1090 - (865 - 135 - 45));
    expect(leastLengthMin(dayOf(60))).toBe(1090 - (865 - 225 - 45));
    const plan = finishDay(solveDay(dayOf(60), { evaluations: 400 }));
    expect(plan?.late).toEqual([]);
    expect(Math.min(...(plan?.tasks ?? []).map(({ start }) => start))).toBe(1090 - leastLengthMin(dayOf(60)));
  });

  it('counts the part of a long task that cannot lie outside', () => {
    const alone = equalPies([1000]);
    // Fruit that takes an hour, in the 100 minutes in which dough is mixed, rests and is lined.
    const day: Day = {
      ...alone,
      pies: alone.pies.map((pie) => ({ ...pie, prepare: 60, line: 20, baseChill: 35 })),
    };
    const wayMin = aloneMin + 10 + 15;
    const plan = finishDay(solveDay(day, { evaluations: 400 }));
    const first = Math.min(...(plan?.tasks ?? []).map(({ start }) => start));
    // Fruit after lining, right before it is built: 25 minutes more.
    expect(1000 - first).toBe(wayMin + 25);
    expect(leastLengthMin(day)).toBeGreaterThan(wayMin + 5);
    expect(leastLengthMin(day)).toBeLessThanOrEqual(1000 - first);
  });

  it('has a go at the door for each pie that is done at another minute', () => {
    const two = equalPies([1000, 1000], { loadMin: 30 });
    const apart = two.pies.map((pie, k) => ({
      ...pie,
      ways: { long: [{ heat: [190, 0, 190] as const, out: k === 0 ? 50 : 51, cost: 0, foil: null }] },
    }));
    expect(leastLengthMin({ ...two, pies: apart })).toBeGreaterThan(leastLengthMin(two));
  });
});
