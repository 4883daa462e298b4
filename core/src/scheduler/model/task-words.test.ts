import { equalPies } from '../../test/equal-pies.js';
import type { Day, DayPlan } from './day.js';
import { finishDay, solveDay } from '../search/solve-day.js';
import { isWorkOn, taskWords } from './task-words.js';

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

  it('is work on a pie that it is mixed, built or baked with, and on no other', () => {
    const day = equalPies([1000, 1000]);
    const plan = planOf(day);
    const [one, other] = day.pies.map(({ id }) => id) as [string, string];
    const kinds = (pie: string): string[] =>
      plan.tasks.filter((task) => isWorkOn(plan, task, pie)).map(({ kind }) => kind);
    expect(new Set(kinds(one))).toEqual(
      new Set(
        ['mix', 'prepare', 'line', 'build', 'load', 'out', 'pack'].filter((kind) =>
          plan.tasks.some((task) => task.kind === kind),
        ),
      ),
    );
    expect(plan.tasks.some((task) => task.of === other && isWorkOn(plan, task, one))).toBe(false);
    expect(plan.tasks.every((task) => [one, other].some((pie) => isWorkOn(plan, task, pie)))).toBe(true);
  });

  it('says for which pie, where it is one', () => {
    expect(mixings(equalPies([1000]))).toEqual(['Mix butter dough for Damson']);
  });
});
