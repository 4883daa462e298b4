import { soak } from '../../test/soak.js';
import { once } from '../../test/once.js';
import { checkPlan } from '../validate/check-plan.js';
import type { DayPlan } from '../model/day.js';
import { isComplete } from '../model/day.js';
import type { ObjectiveEmphasis } from '../model/objective-weights.js';
import { objectiveWeights, objectiveKinds, usualWeights } from '../model/objective-weights.js';
import { sampleDay } from '../model/sample-day.js';
import { finishDay, solveDay } from './solve-day.js';

const SEEDS = Array.from({ length: soak(4, 24) }, (_, i) => i + 1);

/** Plans of days of eight pies, as a baker who wants that. */
const plansWith = (matters: ObjectiveEmphasis): DayPlan[] =>
  SEEDS.map((seed) => {
    const day = { ...sampleDay(seed, 8), matters };
    const plan = finishDay(solveDay(day, { seed, evaluations: 800 }));
    if (!isComplete(plan)) throw new Error(`day ${seed} finds no plan`);
    expect(checkPlan(day, plan)).toEqual([]);
    return plan;
  });

const sumOf = (plans: readonly DayPlan[], what: (score: DayPlan['score']) => number): number =>
  plans.reduce((sum, { score }) => sum + what(score), 0);

describe('what matters of a day', () => {
  it('is as usual where nothing is said', () => {
    expect(objectiveWeights({})).toEqual(usualWeights);
    expect(objectiveWeights({ matters: { colour: 'usual' } })).toEqual(usualWeights);
  });

  it('never touches being late, nor the room that is left', () => {
    for (const kind of objectiveKinds)
      for (const stop of ['little', 'much'] as const) {
        const { lateMin, slackMin, dayMin } = objectiveWeights({ matters: { [kind]: stop } });
        expect([lateMin, slackMin]).toEqual([usualWeights.lateMin, usualWeights.slackMin]);
        // Room is worth more than any minute of sleep.
        expect(slackMin).toBeGreaterThan(dayMin);
      }
  });

  const usual = once(() => plansWith({}));

  it.each([
    ['lateStart', 'dayMin'],
    ['fewRuns', 'runs'],
    ['fewMixes', 'mixes'],
    ['colour', 'heatCost'],
    ['noWaiting', 'waitingMin'],
  ] as const)('is seen in the plans: %s', (kind, what) => {
    const little = sumOf(plansWith({ [kind]: 'little' }), (score) => score[what]);
    const much = sumOf(plansWith({ [kind]: 'much' }), (score) => score[what]);
    expect(much).toBeLessThan(little);
    expect(much).toBeLessThanOrEqual(sumOf(usual(), (score) => score[what]));
  });
});
