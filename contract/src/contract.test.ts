import type { PieSpec } from '@mardle/core';
import { limits, starterSpec } from '@mardle/core';
import { checkShape, PieSpecRequest, StartBakeRequest } from './index.js';

const problemsOf = (plain: unknown): string[] => {
  const checked = checkShape(PieSpecRequest, plain);
  return checked.ok ? [] : checked.problems.map(({ field }) => field);
};

/** The starter with one value changed at a path. */
function changed(path: string, value: unknown): unknown {
  const copy = structuredClone(starterSpec) as unknown as Record<string, unknown>;
  const keys = path.split('.');
  const last = keys.pop() ?? '';
  let at: Record<string, unknown> = copy;
  for (const key of keys) at = at[key] as Record<string, unknown>;
  at[last] = value;
  return copy;
}

describe('the shape of a pie', () => {
  it('takes the starter as it is', () => {
    const checked = checkShape(PieSpecRequest, starterSpec);
    expect(checked.ok).toBe(true);
    if (checked.ok) expect(JSON.parse(JSON.stringify(checked.value)) as PieSpec).toEqual(starterSpec);
  });

  it.each([
    ['dish.depthCm', '3.5'],
    ['dish.depthCm', null],
    ['dish.depthCm', Number.POSITIVE_INFINITY],
    ['filling.fruitMassG', 'lots'],
    ['filling.fruitMassG', 0],
    ['filling.set', 'jelly'],
    ['filling.sugar', undefined],
    ['bake.stages', [{ tempC: 200, timeMin: 20 }]],
    ['bake.oven.kind', 'wood'],
    ['pastry.coarseSugar', 'yes'],
    ['surprise', 1],
  ])('refuses %s = %p, naming the field', (path, value) => {
    expect(problemsOf(changed(path, value)).some((field) => field.startsWith(path))).toBe(true);
  });

  it.each([[null], [[]], ['pie'], [42]])('refuses %p as a whole', (plain) => {
    expect(checkShape(PieSpecRequest, plain).ok).toBe(false);
  });

  it('says the remedy of core’s limits', () => {
    const checked = checkShape(PieSpecRequest, changed('pastry.thicknessMm', 40));
    expect(checked.ok).toBe(false);
    if (!checked.ok) {
      expect(checked.problems[0]).toEqual({
        field: 'pastry.thicknessMm',
        message: 'thicknessMm must be a number from 1.5 to 10.',
        remedy: limits.get('pastry.thicknessMm')?.remedy,
      });
    }
  });

  it('checks the parts of a bake too', () => {
    const checked = checkShape(StartBakeRequest, { id: 'x', spec: {}, stages: [] });
    expect(checked.ok).toBe(false);
    if (!checked.ok)
      expect(checked.problems.map(({ field }) => field)).toEqual(
        expect.arrayContaining(['id', 'pieId', 'loaded', 'spec.name']),
      );
  });
});
