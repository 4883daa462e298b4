import { starterSpec } from '../../schema/index.js';
import { planPie } from '../../plan/index.js';
import { makeWeighingList } from './weighing-list.js';

const slip = (): { readonly label: string; readonly massG: number; readonly usesG?: number }[] => {
  const drafted = planPie(starterSpec);
  return drafted.ok ? drafted.plan.slip.flatMap(({ lines }) => lines) : [];
};

describe('what a day takes', () => {
  it('is the slip of each pie times how many there are, like things together', () => {
    const { amounts, allergens } = makeWeighingList([
      { count: 3, spec: starterSpec },
      { count: 1, spec: { ...starterSpec, name: 'Another' } },
    ]);
    for (const { label, massG } of slip().filter(({ usesG }) => usesG === undefined)) {
      expect(amounts.find((one) => one.label === label)?.massG).toBeCloseTo(4 * massG, 6);
    }
    expect(amounts.find(({ label }) => label === 'Plain flour')?.pies).toHaveLength(2);
    expect(allergens).toEqual(['egg', 'milk', 'wheat']);
  });

  /** An egg with a spoon of milk does three pies and more (common practice, no source). */
  it('mixes a wash by the egg for several pies at once, not an egg for each', () => {
    const wash = slip().find(({ label }) => label === 'Whole egg and milk');
    const washOf = (count: number) =>
      makeWeighingList([{ count, spec: starterSpec }]).amounts.find(({ label }) => label === wash?.label);
    expect(washOf(1)?.massG).toBeCloseTo(wash?.massG ?? NaN, 9);
    expect(washOf(3)?.massG).toBeCloseTo(wash?.massG ?? NaN, 9);
    expect((washOf(16)?.massG ?? 0) / (wash?.massG ?? 1)).toBe(5);
    expect(washOf(16)?.pies[0]?.massG).toBeCloseTo(washOf(16)?.massG ?? NaN, 9);
  });

  it('weighs dough for a day once, also where a pie’s own slip is for a batch', () => {
    const batch = { ...starterSpec, pastry: { ...starterSpec.pastry, batch: 4 } };
    const flourOf = (spec: typeof starterSpec) =>
      makeWeighingList([{ count: 4, spec }]).amounts.find(({ label }) => label === 'Plain flour')?.massG;
    expect(flourOf(batch)).toBeCloseTo(flourOf(starterSpec) ?? NaN, 6);
  });

  it('counts what is bought by the piece, and tells what is there already', () => {
    const based = (base: 'bought' | 'frozen') => ({
      ...starterSpec,
      pastry: { ...starterSpec.pastry, base },
    });
    const shell = (base: 'bought' | 'frozen') =>
      makeWeighingList([{ count: 3, spec: based(base) }]).amounts.find(({ label }) => /shell/.test(label));
    expect(shell('bought')).toMatchObject({ massG: 0, pieces: 3, ready: false });
    expect(shell('frozen')).toMatchObject({ pieces: 3, ready: true });
  });

  it('tells pies of one name once', () => {
    const { amounts } = makeWeighingList([1, 2].map((count) => ({ count, spec: starterSpec })));
    expect(amounts[0]?.pies.map(({ count }) => count)).toEqual([3]);
  });

  it('fruit is bought with its stones and stalks', () => {
    const [fruit] = makeWeighingList([{ count: 1, spec: starterSpec }]).amounts.filter(
      ({ title }) => title === 'Filling',
    );
    expect(fruit?.boughtG).toBeGreaterThan(fruit?.massG ?? Infinity);
  });

  it('leaves out what cannot be planned', () => {
    expect(
      makeWeighingList([
        { count: 1, spec: { ...starterSpec, filling: { ...starterSpec.filling, fruits: [] } } },
      ]).amounts,
    ).toEqual([]);
  });
});
