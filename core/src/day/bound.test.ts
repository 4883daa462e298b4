import { leastLengthMin, lowerBound } from './bound.js';
import type { Day, DayPie } from './day.js';
import { weights } from './day.js';
import { sampleDay } from './sample-day.js';
import { finishDay, solveDay } from './solve-day.js';

const plain = sampleDay(3, 1, { hands: 1, ovens: 1 });
const [aPie] = plain.pies;
const aHand = plain.kitchen.hands[0];
const anOven = plain.kitchen.ovens[0];
if (!aPie || !aHand || !anOven) throw new Error('an empty day');

/** From the oven's door to the hour: 50 to bake, 100 to cool, 5 to pack; 25 of chill before. */
const pie: DayPie = {
  ...aPie,
  dish: 'large',
  dough: 'butter',
  prepare: 10,
  cook: 0,
  onHob: false,
  fruitMost: 720,
  line: 10,
  baseChill: 20,
  lineMost: 1440,
  build: 15,
  lastChill: 25,
  lastMost: 90,
  cool: 100,
  warm: null,
  pack: 5,
  ways: { long: [{ heat: [190, 0, 190], out: 50, cost: 0, foil: null }] },
};
const dough = { mixMin: 15, perPieMin: 3, most: 6, chillLeast: 30, chillMost: 1440 };
const dayOf = (hours: readonly number[], kitchen: Partial<Day['kitchen']> = {}): Day => ({
  ...plain,
  doughs: { butter: dough },
  kitchen: {
    ...plain.kitchen,
    hands: [{ ...aHand, from: 0, to: 3000, breaks: [] }],
    ovens: [{ ...anOven, id: 'long', places: 8, fullMin: 0 }],
    dishes: { large: 20 },
    fridgePlaces: 40,
    mixers: 0,
    ...kitchen,
  },
  pies: hours.map((at, i) => ({ ...pie, id: `pie-${i + 1}`, ready: { at, as: 'cold' } })),
});
/** From mixing until it is ready, with nobody in its way. */
const alone = 15 + 30 + 10 + 20 + 15 + 25 + 50 + 100 + 5;
const oven = weights.run + weights.ovenMin * 50;

describe('what no plan of a day can be under', () => {
  it('is the whole way of a pie that is alone, and that is reached', () => {
    const day = dayOf([1000]);
    expect(lowerBound(day)).toBeCloseTo(alone + oven + weights.mix, 6);
    expect(leastLengthMin(day)).toBe(alone);
    expect(finishDay(solveDay(day, { evaluations: 200 }))?.score.total).toBeCloseTo(lowerBound(day), 6);
  });

  it('has the work of one pair of hands one thing after another', () => {
    const six = dayOf(Array.from({ length: 6 }, () => 1000));
    // All building is over 180 minutes before the hour; before it lie six of each, and the mixing of one dough.
    const work = 6 * (10 + 10 + 15) + 15 + 5 * 3;
    expect(lowerBound(six)).toBeGreaterThanOrEqual(work + 180 + weights.run + weights.mix);
    const two = dayOf(
      six.pies.map(({ ready }) => ready.at),
      { hands: ['a', 'b'].map((id) => ({ ...aHand, id, from: 0, to: 3000, breaks: [] })) },
    );
    expect(lowerBound(two)).toBeLessThan(lowerBound(six) - 60);
  });

  it('has pies of one dish one after another, from lining to packing', () => {
    const held = alone - 15 - 30;
    for (const dishes of [1, 2, 4]) {
      const day = dayOf([1000, 1000, 1000, 1000], { dishes: { large: dishes } });
      expect(lowerBound(day)).toBeGreaterThanOrEqual((4 / dishes) * held + 45 + oven + weights.mix);
    }
  });

  it('has rounds of an oven that is too small', () => {
    const small = { ovens: [{ ...anOven, id: 'long', places: 1, fullMin: 0 }] };
    const two = (kitchen: Partial<Day['kitchen']>): number => lowerBound(dayOf([1000, 1000], kitchen));
    expect(two(small) - two({})).toBeGreaterThanOrEqual(oven);
    expect(two(small)).toBeGreaterThanOrEqual(alone + 50 - 30 - 15 + 2 * oven + weights.mix);
  });

  it('has dough of hours that are far apart mixed twice', () => {
    const apart = lowerBound(dayOf([1000, 1400]));
    expect(apart).toBeCloseTo(2 * (alone + weights.mix) + oven, 6);
    expect(leastLengthMin(dayOf([1000, 1400]))).toBe(400 + alone);
  });

  it('has what can be done the evening before', () => {
    const hands = [{ ...aHand, from: -400, to: 3000, breaks: [[-200, 400] as const] }];
    const evening = { ...dayOf([640], { hands }), earliest: -400 };
    // Dough and lining before the night, the rest by day.
    expect(lowerBound(evening)).toBeLessThanOrEqual(640 - 400 + 15 + oven + weights.mix);
    const six = { ...evening, pies: dayOf(Array.from({ length: 6 }, () => 640)).pies };
    const plan = finishDay(solveDay(six, { evaluations: 300 }));
    expect(plan?.late).toEqual([]);
    expect(lowerBound(six)).toBeLessThanOrEqual(plan?.score.total ?? 0);
  });

  it('counts no night at which nobody is there', () => {
    const hands = [{ ...aHand, from: 0, to: 3000, breaks: [[100, 600] as const] }];
    // Dough of the evening before, the rest from 600 on.
    expect(lowerBound(dayOf([840], { hands }))).toBeCloseTo(15 + 240 + oven + weights.mix, 6);
  });
});
