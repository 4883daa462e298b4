import type { Day } from '../model/index.js';
import { isComplete, nightWork, sampleDay } from '../model/index.js';
import { checkPlan } from '../validate/index.js';
import { finishDay } from './solve-day.js';
import { solveWithSleep } from './solve-with-sleep.js';

const hour = 60;

/** Pies wanted at an hour of the morning after an evening that is free. */
function dayFor(readyAt: number, nights?: 'open'): Day {
  const day = sampleDay(3, 3, { hands: 2 });
  return {
    ...day,
    zero: '2026-09-19T00:00:00+02:00',
    earliest: -8 * hour,
    ...(nights && { nights }),
    pies: day.pies.map((pie) => ({ ...pie, warm: null, ready: { at: readyAt, as: 'cold' as const } })),
    kitchen: {
      ...day.kitchen,
      dishes: { large: 4, small: 4 },
      hands: day.kitchen.hands.map((hand) => ({
        ...hand,
        from: -8 * hour,
        to: 12 * hour,
        breaks: [],
      })),
    },
  };
}
const solved = (day: Day) => finishDay(solveWithSleep(day, { evaluations: 300 }));

describe('a day that people sleep in', () => {
  it('bakes the evening before when that lets all sleep', () => {
    const { day, plan } = solved(dayFor(7 * hour));
    expect(isComplete(plan)).toBe(true);
    if (!plan) return;
    expect(nightWork(day, plan)).toEqual([]);
    expect(checkPlan(day, plan)).toEqual([]);
    expect(Math.min(...plan.tasks.map(({ start }) => start))).toBeLessThan(0);
  });

  it('works at night when there is no other way, on the day as it was', () => {
    const asked = dayFor(7 * hour);
    const warm = asked.pies.map((pie) => ({
      ...pie,
      warm: pie.cool + 60,
      ready: { at: 5 * hour + 30, as: 'warm' as const },
    }));
    const { day, plan } = solved({ ...asked, pies: warm });
    expect(isComplete(plan)).toBe(true);
    expect(day.kitchen).toEqual(asked.kitchen);
    expect(plan && nightWork(day, plan).length).toBeGreaterThan(0);
  });

  it('is worked at night where that may be', () => {
    const { day } = solved(dayFor(7 * hour, 'open'));
    expect(day.kitchen.hands.every(({ breaks }) => breaks.length === 0)).toBe(true);
  });
});
