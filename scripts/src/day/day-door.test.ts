import { checkPlan, nightWork } from '@mardle/core';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { answerDay } from './day-door.js';

const days = join(__dirname, '..', '..', '..', 'docs', 'examples', 'days');
const read = (name: string): unknown => JSON.parse(readFileSync(join(days, name), 'utf8'));

describe('days of the examples', () => {
  it('are all looked at here', () => {
    expect(readdirSync(days).sort()).toEqual([
      'four-with-one-dish.json',
      'open-shells.json',
      'saturday.json',
      'two-for-tea.json',
    ]);
  });

  it('two pies for tea: one run after the other by one pair of hands, nothing late, and it holds', async () => {
    const answered = await answerDay(join(days, 'two-for-tea.json'), read('two-for-tea.json'), 1);
    if (!answered.ok || !answered.answer.plan) throw new Error('no plan');
    const { day, plan, holds, bound } = answered.answer;
    expect(checkPlan(day, plan)).toEqual([]);
    expect([...plan.late, ...plan.leftOut]).toEqual([]);
    expect(holds?.share).toBeGreaterThanOrEqual(0.85);
    expect(plan.score.total).toBeGreaterThanOrEqual(bound ?? Infinity);
    // What is there is taken off; what has no price is said.
    const { bought } = answered.answer;
    const butter = bought.items.find(({ label }) => label === 'Butter');
    expect(butter?.missingG).toBeCloseTo((butter?.needsG ?? 0) - 100, 6);
    expect(butter?.packs).toBe(Math.ceil((butter?.missingG ?? 0) / 250));
    expect(bought.unpriced).toContain('Plain flour');
    expect(bought.pies).toHaveLength(2);
    // Heats and minutes that a baker would put a double crust of fruit in at (common practice, no source).
    for (const { heat, pies } of plan.runs) {
      expect(heat[0]).toBeGreaterThanOrEqual(175);
      expect(heat[0]).toBeLessThanOrEqual(220);
      for (const { out } of pies) expect(out).toBeGreaterThan(35);
    }
  });

  it('the Saturday of the demo: sixteen pies, two ovens, three people, all in time', async () => {
    const answered = await answerDay(join(days, 'saturday.json'), read('saturday.json'), 1);
    if (!answered.ok || !answered.answer.plan) throw new Error('no plan');
    const { day, plan, holds } = answered.answer;
    expect(day.pies).toHaveLength(16);
    expect(checkPlan(day, plan)).toEqual([]);
    expect([...plan.late, ...plan.leftOut]).toEqual([]);
    expect(nightWork(day, plan)).toEqual([]);
    const lateShare = holds?.faults.find(({ fault }) => fault === 'late')?.share ?? 0;
    expect(1 - lateShare).toBeGreaterThanOrEqual(0.85);
    // By all that a baker means by it; .84 is wanted on average.
    expect(holds?.share).toBeGreaterThanOrEqual(0.8);
  });

  it('open shells: each goes in empty, comes out, is filled and goes in again; frozen fruit is not bought', async () => {
    const answered = await answerDay(join(days, 'open-shells.json'), read('open-shells.json'), 1);
    if (!answered.ok || !answered.answer.plan) throw new Error('no plan');
    const { day, plan, holds, bought } = answered.answer;
    expect(day.pies.map(({ id }) => id).filter((id) => id.startsWith('open'))).toEqual([
      'open-1',
      'open-1-shell',
      'open-2',
      'open-2-shell',
    ]);
    expect(checkPlan(day, plan)).toEqual([]);
    expect([...plan.late, ...plan.leftOut]).toEqual([]);
    expect(holds?.share).toBeGreaterThanOrEqual(0.85);
    const damson = bought.items.filter(({ label }) => label.startsWith('Damson'));
    expect(damson).toHaveLength(1);
    // A kilogram lies in the freezer, which is enough for one pie of two.
    expect(damson[0]?.needsG).toBeLessThan(1200);
  });

  it('three pies of one dish cannot be at once: what is left out or late is said, with what would help', async () => {
    const answered = await answerDay(
      join(days, 'four-with-one-dish.json'),
      read('four-with-one-dish.json'),
      1,
    );
    if (!answered.ok) throw new Error('not read');
    const { day, plan, holds, bound, remedies } = answered.answer;
    if (plan) expect(checkPlan(day, plan)).toEqual([]);
    // No plan can: that is proven, not only not found.
    expect(bound).toBeNull();
    expect(plan === null || plan.late.length + plan.leftOut.length > 0).toBe(true);
    expect(holds).toBeNull();
    // An earlier start helps, and dishes help then: neither does alone. What does it all comes first.
    expect(remedies[0]).toMatchObject({
      what: expect.stringMatching(/earlier\..* more 23 cm enamel/) as string,
      lateMin: 0,
    });
    const leaves = remedies.map(({ lateMin }) => lateMin > 0);
    expect(leaves).toEqual([...leaves].sort());
    expect(remedies.map(({ what }) => what)).toContain('Do without 3 × Saturday damson.');
  });

  it('says by its field what is wrong with a pie in it', async () => {
    const day = read('two-for-tea.json') as { pies: { pie: { bake: object } }[] };
    const wrong = { ...day, pies: day.pies.map((one) => ({ ...one, pie: { ...one.pie, bake: 7 } })) };
    const answered = await answerDay(join(days, 'two-for-tea.json'), wrong, 1);
    expect(answered.ok ? [] : answered.problems.map(({ field }) => field)).toContain('pies.0.pie.bake');
  });
});
