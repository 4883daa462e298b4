import { changeForm } from '../../plan/index.js';
import { formKinds, starterSpec } from '../../schema/index.js';
import type { BuyingSettings } from './buying-list.js';
import { makeBuyingList, usualBuying } from './buying-list.js';
import { readDay } from '../problem/read-day.js';
import type { WeighingLine } from './weighing-list.js';
import { makeWeighingList } from './weighing-list.js';

const weighed = { pieces: null, ready: false } as const;
/** Four damson pies and two apple ones, worked out by hand. */
const amounts: readonly WeighingLine[] = [
  {
    ...weighed,
    title: 'Pastry',
    label: 'Cold butter',
    massG: 900,
    boughtG: 900,
    pies: [
      { name: 'Damson', count: 4, massG: 600 },
      { name: 'Apple', count: 2, massG: 300 },
    ],
  },
  {
    ...weighed,
    title: 'Filling',
    label: 'Butter in dots',
    massG: 40,
    boughtG: 40,
    pies: [{ name: 'Apple', count: 2, massG: 40 }],
  },
  {
    ...weighed,
    title: 'Filling',
    label: 'Damson',
    massG: 4000,
    boughtG: 4400,
    pies: [{ name: 'Damson', count: 4, massG: 4000 }],
  },
  {
    ...weighed,
    title: 'Pastry',
    label: 'Ice water',
    massG: 300,
    boughtG: 300,
    pies: [{ name: 'Damson', count: 4, massG: 300 }],
  },
];
const buying: BuyingSettings = {
  slices: 8,
  items: {
    Butter: { haveG: 190, packG: 250, packPrice: 2.5 },
    Damson: { haveG: null, packG: 1000, packPrice: 3 },
  },
};
const item = (label: string) => makeBuyingList(amounts, buying).items.find((one) => one.label === label);

describe('what is bought for a day', () => {
  it('is one thing by whatever use a slip names it, less what is there, in whole packs', () => {
    // 940 g less 190 g are 750 g: three packs to the gram.
    expect(item('Butter')).toMatchObject({ needsG: 940, missingG: 750, packs: 3, buysCost: 7.5 });
    expect(item('Butter')?.usesCost).toBeCloseTo(9.4, 9);
    // Fruit as it is bought, stones and all.
    expect(item('Damson')).toMatchObject({ needsG: 4400, packs: 5, buysCost: 15 });
    expect(item('Cold butter')).toBeUndefined();
  });

  it('costs each pie what is in it, and a slice its share', () => {
    const [damson, apple] = makeBuyingList(amounts, buying).pies;
    // 600 g of butter at 10 a kg and 4.4 kg of damsons at 3, over four pies.
    expect(damson?.cost).toBeCloseTo((6 + 13.2) / 4, 9);
    expect(damson?.sliceCost).toBeCloseTo(4.8 / 8, 9);
    expect(apple?.cost).toBeCloseTo(3.4 / 2, 9);
    const { usesCost } = makeBuyingList(amounts, buying);
    expect(4 * (damson?.cost ?? 0) + 2 * (apple?.cost ?? 0)).toBeCloseTo(usesCost, 9);
  });

  it('shares among all pies of a sort, also what only some of them take', () => {
    const flour: WeighingLine = {
      ...weighed,
      title: 'Pastry',
      label: 'Plain flour',
      massG: 300,
      boughtG: 300,
      pies: [{ name: 'Damson', count: 1, massG: 300 }],
    };
    const { pies } = makeBuyingList([flour, ...amounts], {
      ...buying,
      items: { ...buying.items, 'Plain flour': { haveG: null, packG: 1000, packPrice: 2 } },
    });
    expect(pies[0]).toMatchObject({ name: 'Damson', count: 4 });
    expect(pies[0]?.cost).toBeCloseTo((0.6 + 6 + 13.2) / 4, 9);
  });

  it('says what has no price; water needs none', () => {
    const { unpriced, pies } = makeBuyingList(amounts, {
      ...buying,
      items: { Butter: buying.items['Butter']! },
    });
    expect(unpriced).toEqual(['Damson']);
    expect(pies[0]?.unpriced).toEqual(['Damson']);
    expect(pies[1]?.unpriced).toEqual([]);
  });

  it('is nothing where there is enough, and not a pack for a rounding', () => {
    const have = (haveG: number) =>
      makeBuyingList(amounts, { slices: 8, items: { Butter: { haveG, packG: 250, packPrice: 2 } } }).items[0];
    expect(have(2000)).toMatchObject({ missingG: 0, packs: 0, buysCost: 0 });
    expect(have(189.98)?.packs).toBe(3);
    expect(have(189)?.packs).toBe(4);
  });

  it('takes names that every object has as names', () => {
    const odd = ['constructor', '__proto__', 'toString'].map((label) => ({ ...amounts[2]!, label }));
    const { items, unpriced } = makeBuyingList(odd, { slices: 8, items: {} });
    expect(items.map(({ label }) => label)).toEqual(['constructor', '__proto__', 'toString']);
    expect(unpriced).toEqual(['constructor', '__proto__', 'toString']);
  });

  it('counts shells that are bought, and buys none that lie in the freezer', () => {
    const shells = (ready: boolean): WeighingLine => ({
      title: 'Pastry',
      label: 'Bought shell',
      massG: 0,
      boughtG: 0,
      pieces: 3,
      ready,
      pies: [{ name: 'Damson', count: 3, massG: 0 }],
    });
    const items = { 'Bought shell': { haveG: null, packG: null, packPrice: 1.5 } };
    const { items: lines, pies, buysCost } = makeBuyingList([shells(false)], { slices: 6, items });
    expect(lines[0]).toMatchObject({ pieces: 3, packs: 3 });
    expect(buysCost).toBeCloseTo(4.5, 9);
    expect(pies[0]?.cost).toBeCloseTo(1.5, 9);
    expect(makeBuyingList([shells(true)], { slices: 6, items }).items).toEqual([]);
    // One without a price is said for the day as it is for its pie.
    const open = makeBuyingList([shells(false)], { slices: 6, items: {} });
    expect(open.unpriced).toEqual(['Bought shell']);
    expect(open.pies[0]?.unpriced).toEqual(['Bought shell']);
  });

  it('finds on every form’s slip one butter and one white sugar', () => {
    for (const kind of formKinds) {
      const { spec } = changeForm(starterSpec, kind);
      const { items } = makeBuyingList(makeWeighingList([{ count: 1, spec }]).amounts, usualBuying);
      const names = items.map(({ label }) => label);
      expect(names.filter((name) => /butter/i.test(name)).length).toBeLessThanOrEqual(1);
      expect(names).not.toContain('Sugar');
      expect(new Set(names).size).toBe(names.length);
    }
  });
});

describe('a day’s file says of buying', () => {
  const problems = (said: unknown): readonly string[] => {
    const read = readDay({
      format: 'mardle-day',
      version: 1,
      zero: '2026-09-12T03:00:00+02:00',
      buying: said,
    });
    return read.ok ? [] : read.problems.flatMap(({ field }) => (field.startsWith('buying') ? [field] : []));
  };

  it('nothing, or some of it', () => {
    expect(problems(undefined)).toEqual([]);
    expect(problems({ slices: 6, items: { Butter: { packG: 250 }, Damson: { haveG: null } } })).toEqual([]);
  });

  it.each([
    [{ slices: 0 }, 'buying.slices'],
    [{ items: [] }, 'buying.items'],
    [{ items: { Butter: { packG: 0 } } }, 'buying.items.Butter.packG'],
    [{ items: { Butter: { haveG: -1 } } }, 'buying.items.Butter.haveG'],
    [{ items: { Butter: { packPrice: '2' } } }, 'buying.items.Butter.packPrice'],
    [{ items: { Butter: { grams: 2 } } }, 'buying.items.Butter.grams'],
    [{ cost: 3 }, 'buying.cost'],
  ])('%j: said by its field', (said, field) => {
    expect(problems(said)).toContain(field);
  });

  it('buys eggs and lemons by the piece, milk by its weight, and no “lemon juice”', () => {
    // One egg with a spoon of milk washes three pies: two mixes for four.
    const spec = {
      ...starterSpec,
      pastry: { ...starterSpec.pastry, wash: 'whole_egg' },
      filling: { ...starterSpec.filling, lemonJuiceG: 30, lemonZestG: 6 },
    };
    const items = new Map(
      makeBuyingList(makeWeighingList([{ count: 4, spec }]).amounts, usualBuying).items.map((one) => [
        one.label,
        one,
      ]),
    );
    expect(items.get('Eggs')?.pieces).toBe(2);
    expect(items.get('Milk')?.needsG).toBeCloseTo(30, 6);
    // 6 g of zest is a lemon, whose juice is there with it: four of them, not 4 and 2.7.
    expect(items.get('Lemons')?.pieces).toBe(4);
    expect([...items.keys()].join()).not.toMatch(/juice|zest|Whole egg/i);
  });

  it('buys the eggs of a wash and of a batter together, and shares their price among the pies', () => {
    const buckle = changeForm({ ...starterSpec, name: 'Buckle' }, 'buckle').spec;
    const lid = { ...starterSpec, name: 'Lid', pastry: { ...starterSpec.pastry, wash: 'whole_egg' } };
    const { amounts: both } = makeWeighingList([
      { count: 1, spec: buckle },
      { count: 1, spec: lid },
    ]);
    const batterEggG = both.find(({ label }) => label === 'Egg, beaten')?.massG ?? 0;
    const priced = { Eggs: { haveG: null, packG: null, packPrice: 0.5 } };
    const { items, pies } = makeBuyingList(both, { slices: 8, items: priced });
    expect(items.find(({ label }) => label === 'Eggs')?.pieces).toBe(Math.ceil(batterEggG / 50 + 1 - 0.1));
    expect(pies.find(({ name }) => name === 'Buckle')?.cost).toBeCloseTo((0.5 * batterEggG) / 50, 6);
    expect(pies.find(({ name }) => name === 'Lid')?.cost).toBeCloseTo(0.5, 6);
  });
});
