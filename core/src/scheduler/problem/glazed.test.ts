import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { starterSpec } from '../../schema/index.js';
import { once } from '../../test/once.js';
import { smallDay, workedDay } from '../../test/small-day.js';
import { checkPlan } from '../validate/check-plan.js';
import type { DayPlan } from '../model/day.js';
import { estimateRobustness } from '../search/robustness.js';
import { finishDay, solveDay } from '../search/solve-day.js';
import { taskWords } from '../model/task-words.js';

const example = (name: string): unknown =>
  JSON.parse(
    readFileSync(join(__dirname, '../../../../docs', 'examples', `${name}.json`), 'utf8'),
  ) as unknown;
const WANTED = 720;
const fileOf = (pies: readonly object[]): unknown => smallDay({ dishes: { '23 cm enamel': 3 }, pies });
const glazed = (as = 'cold'): object => ({
  id: 'glazed',
  ready: { at: WANTED, as },
  pie: example('preparation-glaze'),
});
const dayOf = once(() =>
  workedDay(
    fileOf([
      glazed(),
      { id: 'damson', ready: { at: WANTED }, pie: { ...starterSpec, format: 'mardle-pie', version: 3 } },
    ]),
  ),
);
const planOf = once((): DayPlan => {
  const plan = finishDay(solveDay(dayOf(), { evaluations: 600 }));
  if (!plan) throw new Error('no plan');
  return plan;
});

describe('a pie that is filled when its shell is cold', () => {
  it('stands in a day beside one that is baked whole, and nothing is late', () => {
    expect(checkPlan(dayOf(), planOf())).toEqual([]);
    expect([...planOf().late, ...planOf().leftOut]).toEqual([]);
    expect(estimateRobustness(dayOf(), planOf(), { days: 40 }).share).toBeGreaterThan(0.5);
  });

  it('is lined, weighed down, baked, cold, filled, in that order, and set by its hour', () => {
    const of = (kind: string) => planOf().tasks.find(({ id }) => id === `${kind}:glazed`);
    const said = planOf().tasks.filter(({ of: pie }) => pie === 'glazed');
    const words = said.map((task) => taskWords(dayOf(), planOf(), task));
    const name = dayOf().pies[0]?.label;
    expect(words).toContain(`Paper and weights into ${name}`);
    expect(words.at(-1)).toBe(`Fill ${name}`);
    const order = ['line', 'build', 'out', 'pack'].map((kind) => of(kind)?.start ?? NaN);
    expect(order).toEqual([...order].sort((a, b) => a - b));
    const sets = dayOf().pies[0]?.sets ?? NaN;
    // A glaze that is to be cut sets for an hour or two in the cold (common practice, no source).
    expect(sets).toBeGreaterThanOrEqual(60);
    expect((of('pack')?.end ?? NaN) + sets).toBeLessThanOrEqual(WANTED);
  });

  it('bakes its shell as a baker would: 20 to 45 minutes at 180 to 205 C (common practice, no source)', () => {
    const run = planOf().runs.find(({ pies }) => pies.some(({ pie }) => pie === 'glazed'));
    const out = run?.pies.find(({ pie }) => pie === 'glazed')?.out ?? NaN;
    expect(run?.heat[0]).toBeGreaterThanOrEqual(180);
    expect(run?.heat[0]).toBeLessThanOrEqual(205);
    expect(out).toBeGreaterThanOrEqual(20);
    expect(out).toBeLessThanOrEqual(45);
  });

  it('is refused warm, with what to do', () => {
    expect(() => workedDay(fileOf([glazed('warm')]))).toThrow(/never warm.*Ask for it cold/);
  });
});
