import { finishNow } from '../../units/index.js';
import type { Day } from '../model/day.js';
import { findRemedies, shortSearch } from './remedies.js';
import { sampleDay } from '../model/sample-day.js';
import { finishDay, solveDay } from '../search/solve-day.js';

describe('a day that cannot be', () => {
  it('is told what would help, least first, and it does', () => {
    const day = sampleDay(4, 4);
    const soon: Day = {
      ...day,
      pies: day.pies.map((pie) => ({ ...pie, ready: { ...pie.ready, at: pie.ready.at - 160 } })),
    };
    const plan = finishDay(solveDay(soon, { evaluations: 100 }));
    expect(plan === null || plan.late.length + plan.leftOut.length > 0).toBe(true);
    const [first] = finishNow(findRemedies(soon, plan));
    expect(first?.what).toMatch(/earlier|later/);
    expect(first?.lateMin).toBe(0);
  });

  it('is told the two changes that help together, where none helps on its own', () => {
    const plain = sampleDay(3, 1, { hands: 1, ovens: 1 });
    const [hand] = plain.kitchen.hands;
    const [pie] = plain.pies;
    if (!hand || !pie) throw new Error('an empty day');
    // Two of a kind, one dish, and nobody there after their hour.
    const hour = 300;
    const day: Day = {
      ...plain,
      kitchen: {
        ...plain.kitchen,
        hands: [{ ...hand, from: 0, to: hour, breaks: [] }],
        dishes: { large: 1 },
        fridgePlaces: 8,
      },
      pies: ['pie-1', 'pie-2'].map((id) => ({
        ...pie,
        id,
        dish: 'large',
        dough: 'butter',
        prepare: 10,
        cook: 0,
        onHob: false,
        line: 10,
        baseChill: 20,
        build: 15,
        lastChill: 25,
        cool: 100,
        warm: null,
        pack: 5,
        ways: { long: [{ heat: [190, 0, 190], out: 50, cost: 0, foil: null }] },
        ready: { at: hour, as: 'cold' },
      })),
    };
    const plan = finishDay(solveDay(day, { evaluations: 200 }));
    expect(plan?.leftOut).toHaveLength(1);
    const remedies = finishNow(findRemedies(day, plan));
    expect(remedies).toHaveLength(2);
    expect(remedies[1]?.what).toBe(`Do without 1 × ${pie.label}.`);
    expect(remedies[0]?.what).toMatch(/^(Start \d+ minutes earlier|\w+ more large)\. .+\.$/);
    expect(remedies[0]?.lateMin).toBe(0);
    // By the same search it is found again.
    const mended = remedies[0] && finishDay(shortSearch(remedies[0].day));
    expect(mended?.late).toEqual([]);
    expect(mended?.leftOut).toEqual([]);
  });
});
