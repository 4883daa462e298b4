import { starterSpec } from '../spec/index.js';
import { draftPlan } from '../plan/index.js';
import { weighDay } from './weigh.js';

const slip = (): { readonly label: string; readonly massG: number }[] => {
  const drafted = draftPlan(starterSpec);
  return drafted.ok ? drafted.plan.slip.flatMap(({ lines }) => lines) : [];
};

describe('what a day takes', () => {
  it('is the slip of each pie times how many there are, like things together', () => {
    const { amounts, allergens } = weighDay([
      { count: 3, spec: starterSpec },
      { count: 1, spec: { ...starterSpec, name: 'Another' } },
    ]);
    for (const { label, massG } of slip()) {
      expect(amounts.find((one) => one.label === label)?.massG).toBeCloseTo(4 * massG, 6);
    }
    expect(amounts.find(({ label }) => label === 'Plain flour')?.pies).toHaveLength(2);
    expect(allergens).toEqual(['egg', 'milk', 'wheat']);
  });

  it('tells pies of one name once', () => {
    const { amounts } = weighDay([1, 2].map((count) => ({ count, spec: starterSpec })));
    expect(amounts[0]?.pies.map(({ count }) => count)).toEqual([3]);
  });

  it('fruit is bought with its stones and stalks', () => {
    const [fruit] = weighDay([{ count: 1, spec: starterSpec }]).amounts.filter(
      ({ title }) => title === 'Filling',
    );
    expect(fruit?.boughtG).toBeGreaterThan(fruit?.massG ?? Infinity);
  });

  it('leaves out what cannot be planned', () => {
    expect(
      weighDay([{ count: 1, spec: { ...starterSpec, filling: { ...starterSpec.filling, fruits: [] } } }])
        .amounts,
    ).toEqual([]);
  });
});
