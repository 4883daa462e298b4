import { equalPies } from '../test/equal-pies.js';
import type { Day, DayPlan } from './day.js';
import { finishDay, solveDay } from './solve-day.js';
import { taskWords } from './task-words.js';

const planOf = (day: Day): DayPlan => {
  const plan = finishDay(solveDay(day, { evaluations: 200 }));
  if (!plan) throw new Error('no plan');
  return plan;
};

const mixings = (day: Day): string[] => {
  const plan = planOf(day);
  return plan.tasks.filter(({ kind }) => kind === 'mix').map((task) => taskWords(day, plan, task));
};

describe('a task in words', () => {
  it('says which dough is mixed, and for how many', () => {
    const day = equalPies([1000, 1000, 1000]);
    const pies = day.pies.map((pie) => ({ ...pie, dough: 'all_butter' }));
    const doughs = { all_butter: day.doughs['butter']! };
    expect(mixings({ ...day, pies, doughs })).toEqual(['Mix all-butter dough for 3 pies']);
  });

  it('says for which pie, where it is one', () => {
    expect(mixings(equalPies([1000]))).toEqual(['Mix butter dough for Damson']);
  });
});
