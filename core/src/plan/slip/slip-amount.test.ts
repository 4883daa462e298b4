import { starterSpec } from '../../schema/index.js';
import type { PieSpec } from '../../schema/index.js';
import { changeForm } from '../change-form.js';
import type { PiePlan } from '../plan.js';
import { draftPlan } from '../plan.js';
import { scaleToDish } from '../scale.js';
import { formKinds } from '../../schema/index.js';
import { slipAmount, withSlipAmount } from './slip-amount.js';

function planned(spec: PieSpec): PiePlan {
  const result = draftPlan(spec);
  if (!result.ok) throw new Error(result.problems.map(({ field, message }) => `${field}: ${message}`).join());
  return result.plan;
}

const massOf = (plan: PiePlan, id: string): number =>
  plan.slip.flatMap(({ lines }) => lines).find((line) => line.id === id)?.massG ?? 0;

/** A pie with a line of every kind. */
const rich: PieSpec = {
  ...starterSpec,
  filling: {
    ...starterSpec.filling,
    fruits: [
      ...starterSpec.filling.fruits,
      { fruit: 'blackberry', share: 0.4, state: 'fresh', ripeness: 0, cut: 'usual', peeled: false },
    ],
    thickeners: [
      { thickener: 'corn_starch', share: 2 },
      { thickener: 'plain_flour', share: 1 },
    ],
    sugar: { ...starterSpec.filling.sugar, second: { sugar: 'honey', share: 0.2 } },
    additions: [{ addition: 'red_wine', massG: 60 }],
    seasonings: [{ seasoning: 'cinnamon', massG: 2 }],
    lemonJuiceG: 15,
    lemonZestG: 4,
    bicarbonateG: 1,
    butterG: 10,
  },
};

const every = formKinds.map((kind) => ({ kind, spec: changeForm(rich, kind).spec }));
const withStreusel: PieSpec = {
  ...changeForm(rich, 'buckle').spec,
  form: {
    ...changeForm(rich, 'buckle').spec.form,
    buckle: { perFruit: 1.4, streusel: { school: 'oat_nut', cover: 0.6 } },
  },
};

describe.each([...every, { kind: 'buckle with streusel', spec: withStreusel }])(
  '$kind: a line of the slip',
  ({ spec }) => {
    const plan = planned(spec);
    const lines = plan.slip
      .flatMap(({ lines: all }) => all)
      .filter(({ id }) => slipAmount(plan, id) !== null);

    it('that is said weighs what was said, and is marked', () => {
      expect(lines.length).toBeGreaterThan(8);
      for (const { id, massG } of lines) {
        const said = Math.round(massG * 1.3) + 1;
        const next = planned(withSlipAmount(plan, id, said));
        expect(`${id} ${massOf(next, id).toFixed(1)}`).toBe(`${id} ${said.toFixed(1)}`);
        const amount = slipAmount(next, id);
        expect(amount?.isOwn).toBe(amount?.canGoBack);
      }
    });

    it('goes back to what it was', () => {
      for (const { id, massG } of lines) {
        if (!slipAmount(plan, id)?.canGoBack) continue;
        // Shares of a blend are kept as they were said: what goes back alone is their sum.
        if (/^(fruit|thickener|sugar|liquid)/.test(id)) continue;
        const said = planned(withSlipAmount(plan, id, 2 * massG));
        expect(massOf(planned(withSlipAmount(said, id, null)), id)).toBeCloseTo(massG, 6);
      }
    });
  },
);

describe('a crumb as a baker says it', () => {
  // Half a cup of flour, a stick of butter, a cup of oats, half a cup of sugar.
  const amounts = { flourG: 65, butterG: 113, sugarG: 100, oatsG: 90, nutsG: 0, saltG: 0, spiceG: 0 };
  const crisp = (grams: typeof amounts): PieSpec => {
    const { spec } = changeForm(starterSpec, 'crisp');
    return { ...spec, form: { ...spec.form, crumb: { school: 'rubbed', cover: 1, amounts: grams } } };
  };

  it('is weighed as said, and what it covers follows', () => {
    const plan = planned(crisp(amounts));
    expect(['flour', 'butter', 'sugar', 'oats'].map((part) => massOf(plan, `crumb_${part}`))).toEqual([
      65, 113, 100, 90,
    ]);
    expect(plan.figures['crumb.mass']!.value).toBe(368);
    expect(plan.allergens).toEqual(expect.arrayContaining(['wheat', 'milk', 'oats']));
    expect(plan.allergens).not.toContain('nuts');
  });

  it('of oats alone has no wheat in it', () => {
    const { allergens } = planned(crisp({ ...amounts, flourG: 0 }));
    expect(allergens).toContain('oats');
    expect(allergens).not.toContain('wheat');
  });

  it('too little or far too much of it is said, nothing of it is refused with a reason', () => {
    const advised = (times: number): string[] =>
      planned(
        crisp(Object.fromEntries(Object.entries(amounts).map(([k, g]) => [k, g * times])) as typeof amounts),
      ).advice.map(({ id }) => id);
    expect(advised(0.3)).toContain('bare_fruit');
    expect(advised(1)).not.toContain('bare_fruit');
    expect(advised(4)).toContain('thick_crumb');
    const none = draftPlan(
      crisp({ flourG: 0, butterG: 0, sugarG: 0, oatsG: 0, nutsG: 0, saltG: 0, spiceG: 0 }),
    );
    expect(none.ok ? [] : none.problems.map(({ field }) => field)).toEqual(['form.crumb.amounts']);
  });
});

describe('a dough as a baker says it', () => {
  // 300 g flour, 2 sticks of butter less a spoon, six spoons of water: for two shells.
  const amounts = { flourG: 300, butterG: 200, waterG: 90, saltG: 4, sugarG: 0, otherG: 0 };
  const pie: PieSpec = { ...starterSpec, pastry: { ...starterSpec.pastry, amounts } };

  it('is weighed as said; what is left over or missing is said', () => {
    const plan = planned(pie);
    expect(massOf(plan, 'flour')).toBeCloseTo(300, 9);
    expect(massOf(plan, 'water')).toBeCloseTo(90, 9);
    const takes = plan.figures['pastry.dough']!.value;
    expect(plan.figures['pastry.batch']!.value).toBeCloseTo(594, 9);
    expect(plan.figures['pastry.left']!.value).toBeCloseTo(Math.abs(594 - takes), 6);
    const small = planned({
      ...pie,
      pastry: { ...pie.pastry, amounts: { ...amounts, flourG: 100, butterG: 60, waterG: 30 } },
    });
    expect(small.advice.map(({ id }) => id)).toContain('dough_short');
    expect(small.figures['pastry.left']!.label).toBe('Dough that is missing');
  });

  it('with what may be yolk has egg in it, whichever school it began as', () => {
    const yolk = planned({
      ...pie,
      pastry: { ...pie.pastry, wash: 'none', dough: 'all_butter', amounts: { ...amounts, otherG: 18 } },
    });
    expect(yolk.allergens).toContain('egg');
    expect(yolk.slip.flatMap(({ lines }) => lines).find(({ id }) => id === 'other')?.label).toMatch(/yolk/i);
    const vinegar = planned({
      ...pie,
      pastry: { ...pie.pastry, wash: 'none', dough: 'vinegar', amounts: { ...amounts, otherG: 5 } },
    });
    expect(vinegar.allergens).not.toContain('egg');
  });

  it('counts for nothing when the dough is bought: what that is made of is told', () => {
    const butterless = { ...amounts, butterG: 0 };
    const bought = planned({
      ...pie,
      pastry: { ...pie.pastry, wash: 'none', doughFrom: 'bought', amounts: butterless },
    });
    const plain = planned({ ...starterSpec, pastry: { ...pie.pastry, wash: 'none', doughFrom: 'bought' } });
    expect(bought.allergens).toEqual(plain.allergens);
    expect(bought.allergens).toContain('milk');
    expect(bought.slip).toEqual(plain.slip);
  });

  it('is no other dough when the same is said', () => {
    const usual = planned(starterSpec);
    const same = planned(withSlipAmount(usual, 'flour', massOf(usual, 'flour')));
    expect(same.figures['pastry.dough']!.value).toBeCloseTo(usual.figures['pastry.dough']!.value, 6);
  });
});

it('nothing of one thickener of two leaves a pie that can be planned', () => {
  const before = planned(rich);
  const none = planned(withSlipAmount(before, 'thickener.1', 0));
  expect(massOf(none, 'thickener.1')).toBeLessThan(0.1);
  expect(massOf(none, 'thickener.0')).toBeCloseTo(massOf(before, 'thickener.0'), 1);
});

it('an egg goes in whole', () => {
  for (const fruitMassG of [500, 700, 900, 1300]) {
    const { spec } = changeForm(
      { ...starterSpec, filling: { ...starterSpec.filling, fruitMassG } },
      'buckle',
    );
    const plan = planned(spec);
    expect(massOf(plan, 'topping_egg') % 50).toBe(0);
  }
});

it('another dish takes all along that was said', () => {
  const crisp = changeForm(starterSpec, 'crisp').spec;
  const plan = planned(withSlipAmount(planned(crisp), 'crumb_flour', 200));
  const larger = { ...crisp.dish, topCm: crisp.dish.topCm * 1.2, baseCm: crisp.dish.baseCm * 1.2 };
  const scaled = planned(scaleToDish(plan.spec, larger));
  const factor = massOf(scaled, 'crumb_flour') / 200;
  expect(factor).toBeCloseTo(scaled.build.dish.netMl / plan.build.dish.netMl, 2);
  expect(massOf(scaled, 'crumb_butter') / massOf(plan, 'crumb_butter')).toBeCloseTo(factor, 3);
});
