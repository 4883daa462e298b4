import { soak } from '../../test/soak.js';
import { finishNow } from '../../units/index.js';
import { checkPlan } from '../validate/check-plan.js';
import type { Day, DayPlan } from '../model/day.js';
import { isComplete } from '../model/day.js';
import { findRemedies } from '../replan/remedies.js';
import { sampleDay } from '../model/sample-day.js';
import { finishDay, solveDay } from './solve-day.js';

/** Five pies that are wanted nearly three hours sooner than they can be. */
function tooSoon(seed: number): Day {
  const day = sampleDay(seed, 5, { hands: 1 + (seed % 2) });
  const pies = day.pies.map((pie) => ({ ...pie, ready: { ...pie.ready, at: pie.ready.at - 170 } }));
  return { ...day, pies };
}

const solved = (day: Day, isRough: boolean): DayPlan | null =>
  finishDay(solveDay(day, { evaluations: 200, isRough }));

/** As many as go by looking at every choice of them. */
function mostOf(day: Day): number {
  const choices = Array.from({ length: 2 ** day.pies.length - 1 }, (_, k) =>
    day.pies.filter((_, i) => ((k + 1) >> i) & 1),
  );
  return choices.reduce(
    (most, pies) => (pies.length > most && isComplete(solved({ ...day, pies }, true)) ? pies.length : most),
    0,
  );
}

const seeds = Array.from({ length: soak(30, 60) }, (_, k) => k + 1);
/** Of so many days every choice of pies is planned. */
const LOOKED_THROUGH = soak(2, 20);

describe('a day that cannot be done whole', () => {
  it('has as many pies as go of any choice of them', () => {
    // Where none is late: late ones are not left out where they are not very late.
    const days = seeds.map(tooSoon).flatMap((day) => {
      const plan = solved(day, false);
      return plan && plan.late.length === 0 && plan.leftOut.length > 0 ? [{ day, plan }] : [];
    });
    expect(days.length).toBeGreaterThan(seeds.length / 2);
    for (const { day, plan } of days.slice(0, LOOKED_THROUGH)) {
      expect(checkPlan(day, plan)).toEqual([]);
      expect(day.pies.length - plan.leftOut.length).toBe(mostOf(day));
    }
  });

  it('has no fewer in time than where all that fails is left out at one go, and on some days more', () => {
    const more = seeds.map(tooSoon).map((day) => {
      const inTime = (isRough: boolean): number => {
        const plan = solved(day, isRough);
        return plan ? day.pies.length - plan.leftOut.length - plan.late.length : 0;
      };
      return inTime(false) - inTime(true);
    });
    expect(Math.min(...more)).toBeGreaterThanOrEqual(0);
    expect(more.filter((pies) => pies > 0).length).toBeGreaterThan(1);
  });

  it('is told by name what to do without, and goes without that', () => {
    const day = tooSoon(7);
    const plan = solved(day, false);
    const less = finishNow(findRemedies(day, plan)).at(-1);
    expect(less?.what).toMatch(/^Do without 2 × Kind 2, 1 × /);
    expect(less?.without).toEqual(plan?.leftOut);
    expect(isComplete(less ? solved(less.day, false) : null)).toBe(true);
  });
});
