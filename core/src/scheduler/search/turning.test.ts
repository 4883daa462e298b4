import { starterSpec } from '../../schema/index.js';
import { once } from '../../test/once.js';
import { smallDay, workedDay } from '../../test/small-day.js';
import { checkPlan } from '../validate/check-plan.js';
import type { Day, DayPlan } from '../model/day.js';
import { finishDay, solveDay } from './solve-day.js';

/** One pie in one of two ovens: hotter at its left, and even. */
const worked = once(() =>
  workedDay(
    smallDay({
      ovens: [
        { id: 'Uneven', warmUpMin: 20, places: 2, hotSide: 'left' },
        { id: 'Even', warmUpMin: 20, places: 2 },
      ],
      dishes: { [starterSpec.dish.label]: 2 },
      pies: [{ id: 'damson', count: 1, ready: { at: 840 }, pie: starterSpec }],
    }),
  ),
);
const inUneven = once((): { readonly day: Day; readonly plan: DayPlan } => {
  const day = worked();
  const ovens = day.kitchen.ovens.filter(({ id }) => id === 'Uneven');
  const alone: Day = { ...day, kitchen: { ...day.kitchen, ovens } };
  const plan = finishDay(solveDay(alone, { evaluations: 200 }));
  if (!plan) throw new Error('no plan');
  return { day: alone, plan };
});

describe('a pie that is turned round in its oven', () => {
  it('has its minute after the first stage, in an oven that is hotter at one side', () => {
    const ways = worked().pies[0]?.ways;
    expect(ways?.['Uneven']?.length).toBeGreaterThan(0);
    for (const { heat, out, turn } of ways?.['Uneven'] ?? []) {
      expect(turn).toBeGreaterThanOrEqual(heat[1]);
      expect(turn).toBeLessThan(out);
    }
    for (const way of ways?.['Even'] ?? []) expect(way).not.toHaveProperty('turn');
  });

  it('is told in its run, and somebody must be there', () => {
    const { day, plan } = inUneven();
    const run = plan.runs[0];
    const turn = run?.pies[0]?.turn;
    if (!run || turn === undefined) throw new Error('nothing is turned');
    expect(checkPlan(day, plan)).toEqual([]);
    const away: Day = {
      ...day,
      kitchen: {
        ...day.kitchen,
        hands: day.kitchen.hands.map((hand) => ({
          ...hand,
          breaks: [[run.start + turn, run.start + turn + 1]] as const,
        })),
      },
    };
    expect(checkPlan(away, plan).join()).toContain(`nobody is there to see to ${run.id}`);
    const again = finishDay(solveDay(away, { evaluations: 200 }));
    expect(again && checkPlan(away, again)).toEqual([]);
  });
});
