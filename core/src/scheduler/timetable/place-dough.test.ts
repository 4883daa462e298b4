import type { Day, DayPie, DayPlan } from '../model/day.js';
import { batchMixMin } from '../model/day.js';
import { sampleDay } from '../model/sample-day.js';
import { finishDay, solveDay } from '../search/solve-day.js';

const plain = sampleDay(3, 1, { hands: 2 });
const [aPie] = plain.pies;
if (!aPie) throw new Error('no pie');
const lined: DayPie = {
  ...aPie,
  dough: 'butter',
  dish: null,
  line: 12,
  baseChill: 20,
  lastChill: 25,
  prepare: 10,
  cook: 0,
  onHob: false,
  fruitMost: 30,
  cool: 120,
  warm: null,
};
const dayOf = (hours: readonly number[], change: Partial<Day['kitchen']> = {}): Day => ({
  ...plain,
  kitchen: {
    ...plain.kitchen,
    ...change,
    hands: plain.kitchen.hands.map((hand) => ({ ...hand, from: 0, to: 2400, breaks: [] })),
  },
  pies: hours.map((at, i) => ({ ...lined, id: `pie-${i + 1}`, ready: { at, as: 'cold' } })),
});
const planOf = (day: Day): DayPlan => {
  const plan = finishDay(solveDay(day, { evaluations: 500 }));
  if (!plan) throw new Error('no plan');
  return plan;
};
const sizes = (plan: DayPlan): number[] => plan.batches.map(({ pies }) => pies.length).sort();

describe('dough of a day', () => {
  it('is mixed at once for pies of one hour', () => {
    const plan = planOf(dayOf([900, 900, 900]));
    expect(sizes(plan)).toEqual([3]);
    const mix = plan.tasks.find(({ kind }) => kind === 'mix');
    expect((mix?.end ?? 0) - (mix?.start ?? 0)).toBe(batchMixMin(plain.doughs['butter']!, 3));
  });

  it('is mixed again for pies of an evening, so that theirs does not begin in the morning', () => {
    const plan = planOf(dayOf([700, 700, 1500, 1500]));
    expect(sizes(plan)).toEqual([2, 2]);
    expect(plan.score.mixes).toBe(2);
  });

  it('is mixed no oftener than another mixing is worth', () => {
    // Ten minutes apart: a mixing costs more than the later pie's ten minutes.
    expect(sizes(planOf(dayOf([900, 910])))).toEqual([2]);
  });

  it('is no more at once than the bowl holds', () => {
    const day = dayOf([900, 900, 900]);
    const small = { ...day, doughs: { ...day.doughs, butter: { ...day.doughs['butter']!, most: 2 } } };
    expect(sizes(planOf(small))).toEqual([1, 2]);
  });

  it('rests as long as it must and no longer than it keeps', () => {
    const day = dayOf([700, 1500]);
    const plan = planOf({
      ...day,
      doughs: { ...day.doughs, butter: { ...day.doughs['butter']!, chillMost: 60 } },
    });
    for (const batch of plan.batches) {
      const mixed = plan.tasks.find(({ id }) => id === `mix:${batch.id}`)?.end ?? NaN;
      for (const pie of batch.pies) {
        const rests = (plan.tasks.find(({ id }) => id === `line:${pie}`)?.start ?? NaN) - mixed;
        expect(rests).toBeGreaterThanOrEqual(30);
        expect(rests).toBeLessThanOrEqual(60);
      }
    }
  });
});
