import type { Day, DayPlan } from '@mardle/core';
import { finishDay, sampleDay, solveDay, starterSpec } from '@mardle/core';
import { instantFrom } from '../places/day/hours.js';
import { newDay } from '../places/day/newDay.js';
import type { DayFile } from '../state/day/dayFile.js';
import { useDay } from '../state/day/day.js';
import type { SolvedDay } from '../shared/workers/day.js';
import { standInServer } from './server.js';

/** A small day with its plan, for screens of the day to show. */
export const aDay: Day = sampleDay(1, 4);

const planOf = (): DayPlan => {
  const plan = finishDay(solveDay(aDay, { evaluations: 200 }));
  if (!plan) throw new Error('no plan');
  return plan;
};
export const aPlan = planOf();
export const aSolvedDay: SolvedDay = {
  day: aDay,
  plan: aPlan,
  holds: { share: 0.9, days: 200, faults: [], weakest: [] },
  remedies: [],
};

export const aKitchen = {
  id: 'k',
  name: 'Kitchen',
  dishes: [{ id: 'd', ...starterSpec.dish }],
  ovens: [{ id: 'o', label: 'Corner oven', kind: 'still', offsetC: 9, warmUpMin: 25, places: 2 }],
} as const;

/** Two starters by nine. */
export const aDayFile = (): DayFile => ({
  ...newDay(aKitchen, new Date(2026, 8, 18)),
  pies: [
    {
      id: 'pie-1',
      count: 2,
      ready: { at: instantFrom('2026-09-19', '09:00', 'UTC'), as: 'cold' },
      pie: starterSpec,
    },
  ],
});

/** An empty day in a kitchen that has the starter. */
export function layNoDay(): void {
  localStorage.clear();
  useDay.setState({ file: null, solved: null, changed: false, done: [], inOven: {}, before: null });
  standInServer({
    'GET /api/kitchen': { body: aKitchen },
    'GET /api/pies?sort=name&size=100&whole=yes': {
      body: {
        pies: [{ id: 'p', version: 1, name: starterSpec.name, spec: starterSpec }],
        total: 1,
        page: 1,
        size: 100,
      },
    },
  });
}
