import type { Figure, Quantity } from '../units/index.js';
import { formKinds, preparationKinds, starterSpec } from '../schema/index.js';
import { changeForm } from './change-form.js';
import { draftPlan, planPie } from './plan.js';
import type { PiePlan } from './plan.js';
import { once } from '../test/once.js';

const draft = (plain: typeof starterSpec): PiePlan => {
  const planned = draftPlan(plain);
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
};

/** Value of a sum of numbers with + and - between them. */
function added({ why }: Figure): number {
  let sign = 1;
  let total = 0;
  for (const word of why.sum) {
    if (typeof word === 'string') sign = /(-|less)$/.test(word.trimEnd()) ? -1 : 1;
    else total += sign * word.value;
  }
  return total;
}

const numbers = ({ why }: Figure): Quantity[] => why.sum.filter((word) => typeof word !== 'string');

/** Files of ours, and names of fields: nothing that a baker could look up. */
const OURS = /docs\/|\.md|\.ts|spec\.|style x|\w+\.\d+\.\w+/;

describe.each(formKinds)('%s: every figure has a reason worth opening', (kind) => {
  const plan = once(() => draft(changeForm(starterSpec, kind).spec));

  it('in words of the bench, with numbers that are numbers', () => {
    for (const figure of Object.values(plan().figures)) {
      const { rule, source, narrows, sum } = figure.why;
      for (const words of [rule, source, narrows, ...sum.filter((word) => typeof word === 'string')]) {
        expect(words).not.toMatch(OURS);
      }
      expect(rule).not.toBe('');
      for (const { value } of numbers(figure)) expect(Number.isFinite(value)).toBe(true);
    }
  });

  it('every computed figure shows its sum; what was chosen, or is none, has none to show', () => {
    const planned = planPie(changeForm(starterSpec, kind).spec);
    if (!planned.ok) throw new Error('cannot be planned');
    const chosen = /^(thickener\.target|bake\.start|parcel\.disc|parcel\.count|fruit\.mass)$/;
    const bare = Object.values(planned.plan.figures).filter(
      ({ id, value, why }) =>
        why.sum.length === 0 && value !== 0 && !chosen.test(id) && !why.rule.includes('you chose'),
    );
    expect(bare.map(({ id }) => id)).toEqual([]);
  });

  it('what its fruit is made of names each fruit that it comes from', () => {
    const { figures, filling } = plan();
    for (const id of ['fruit.water', 'fruit.sugar', 'fruit.acid'].filter((one) => figures[one])) {
      expect(figures[id]?.why.inputs).toHaveLength(2 * filling.batch.fruits.length);
    }
    const told = (figures['fruit.water']?.why.inputs ?? []).flatMap((input) =>
      'value' in input && input.unit === 'percent' ? [input.value] : [],
    );
    expect(told).toEqual(filling.batch.fruits.map(({ fruit }) => fruit.waterPercent));
  });

  it('sugar, dose and juice show their sum', () => {
    for (const id of ['sugar.mass', 'ledger.held', 'ledger.juice', 'fruit.water', 'fruit.0.bought']) {
      expect(plan().figures[id]?.why.sum.length).toBeGreaterThan(1);
    }
    for (const id of ['thickener.dose', 'thickener.0.mass']) {
      if (plan().figures[id]) expect(plan().figures[id]?.why.sum.length).toBeGreaterThan(1);
    }
  });
});

describe('a sum comes to the figure over it', () => {
  const plan = once(() =>
    draft({
      ...starterSpec,
      filling: { ...starterSpec.filling, lemonJuiceG: 20, preparation: { kind: 'weep' } },
      pastry: { ...starterSpec.pastry, batch: 3 },
    }),
  );
  const of = (id: string): Figure => {
    const figure = plan().figures[id];
    if (!figure) throw new Error(`no ${id}`);
    return figure;
  };

  it.each([
    'ledger.held',
    'ledger.juice',
    'pastry.dough',
    'build.crust_area',
    'filling.mass',
    'pastry.scraps',
  ])('%s', (id) => {
    expect(added(of(id))).toBeCloseTo(of(id).value, 6);
  });

  it('a filling with all that can go into it, boiled down', () => {
    const { figures } = draft({
      ...starterSpec,
      filling: {
        ...starterSpec.filling,
        lemonJuiceG: 15,
        butterG: 20,
        preparation: { kind: 'weep' },
        additions: [{ addition: 'apple_juice', massG: 60 }],
      },
    });
    const mass = figures['filling.mass']!;
    expect(numbers(mass)).toHaveLength(7);
    expect(added(mass)).toBeCloseTo(mass.value, 6);
  });

  it('scraps of several pies: rolled, less what lies on each', () => {
    const { figures } = draft({ ...starterSpec, pastry: { ...starterSpec.pastry, batch: 3 } });
    const scraps = figures['pastry.scraps']!;
    expect(added(scraps)).toBeCloseTo(scraps.value, 6);
    const one = draft(starterSpec).figures;
    expect(scraps.value).toBeCloseTo(3 * one['pastry.scraps']!.value, 6);
    const [three, single] = [figures, one].map((of) => of['pastry.scrap_pieces']?.value ?? NaN);
    expect(three).toBeGreaterThanOrEqual(3 * single!);
    expect(three).toBeLessThan(3 * (single! + 1));
  });

  it('what boils away on the hob: so much of what came free, or nothing', () => {
    const boiled = (kind: 'stew' | 'raw'): Figure => {
      const filling = { ...starterSpec.filling, preparation: { kind } };
      return draft({ ...starterSpec, filling }).figures['ledger.boiled_off']!;
    };
    const stewed = boiled('stew');
    expect(stewed.value).toBeGreaterThan(0);
    expect(numbers(stewed)[0]?.value).toBeCloseTo(stewed.value, 6);
    expect(boiled('raw').why.sum.join('')).toBe('nothing is boiled down');
  });

  it('what lies on a top: grams for a cm2, and how deep that is', () => {
    const crumb = draft(changeForm(starterSpec, 'crumb_top').spec).figures;
    const [perCm2, surface] = numbers(crumb['crumb.mass']!).map(({ value }) => value);
    expect(perCm2! * surface!).toBeCloseTo(crumb['crumb.mass']!.value, 6);
    const [massG, density, over] = numbers(crumb['crumb.thickness']!).map(({ value }) => value);
    expect(massG! / density! / over!).toBeCloseTo(crumb['crumb.thickness']!.value, 6);
    const scones = draft(changeForm(starterSpec, 'cobbler').spec).figures['topping.mass']!;
    const [each, covered, top] = numbers(scones).map(({ value }) => value);
    expect((each! * covered! * top!) / 100).toBeCloseTo(scones.value, 6);
  });

  it.each(['double_crust', 'pandowdy', 'upside_down'] as const)(
    'the lid of a %s: over its top, and beyond',
    (kind) => {
      const lid = draft(changeForm(starterSpec, kind).spec).figures['pastry.lid_disc']!;
      const [covers, beyond] = numbers(lid).map(({ value }) => value);
      expect(covers! + 2 * beyond!).toBeCloseTo(lid.value, 6);
    },
  );

  it('what is drunk: by crust, crumb and dried fruit, its share of water', () => {
    const crumb = draft(changeForm(starterSpec, 'crumb_top').spec).figures['ledger.soaked'];
    if (!crumb) throw new Error('no ledger.soaked');
    const parts = numbers(crumb);
    const juiceG = parts.filter(({ unit }) => unit === 'g').reduce((sum, { value }) => sum + value, 0);
    const water = parts.find(({ unit }) => unit === 'percent');
    expect((juiceG * water!.value) / 100).toBeCloseTo(crumb.value, 6);
  });

  it('what a lattice leaves: one way times the other, and its gap from what its strips leave', () => {
    const { figures } = draft(changeForm(starterSpec, 'lattice').spec);
    const values = (id: string) =>
      figures[id]?.why.sum.flatMap((word) => (typeof word === 'string' ? [] : [word.value]));
    const [one, other] = values('lattice.open') ?? [];
    expect((one! * other!) / 100).toBeCloseTo(figures['lattice.open']?.value ?? 0, 6);
    const [reach, lying, gaps] = values('lattice.gap') ?? [];
    expect((reach! - lying!) / gaps!).toBeCloseTo(figures['lattice.gap']?.value ?? 0, 6);
  });

  it('what pieces leave open: the top less those that cover it', () => {
    const figure = draft(changeForm(starterSpec, 'cut_out').spec).figures['top.open'];
    const [area, pieces, each] = figure ? numbers(figure).map(({ value }) => value) : [];
    expect(100 * (1 - (pieces! * each!) / area!)).toBeCloseTo(figure?.value ?? -1, 6);
  });

  it('the dish to the brim: its depth, and its areas at base, middle and top', () => {
    const [depth, base, four, middle, top] = of('dish.water').why.sum.flatMap((word) =>
      typeof word === 'string' ? (word.includes('4 x') ? [4] : []) : [word.value],
    );
    expect((depth! / 6) * (base! + four! * middle! + top!)).toBeCloseTo(of('dish.water').value, 6);
  });

  it('the base: across, up both walls, over both rims', () => {
    const [across, wall, rim] = numbers(of('pastry.base_disc')).map(({ value }) => value);
    expect(across! + 2 * wall! + 2 * rim!).toBeCloseTo(of('pastry.base_disc').value, 6);
  });

  it('the lid: its sheet by thickness and density', () => {
    const [sheetCm2, thickMm, density] = numbers(of('pastry.top_mass')).map(({ value }) => value);
    expect((sheetCm2! * thickMm! * density!) / 10).toBeCloseTo(of('pastry.top_mass').value, 6);
  });

  it('the dose: juice, what is wanted less the fruit’s own, by the strength', () => {
    const [juice, wanted, own, strength] = numbers(of('thickener.dose')).map(({ value }) => value);
    expect((juice! * (wanted! - own!)) / 100 / strength!).toBeCloseTo(of('thickener.dose').value, 6);
  });

  it('sugar: fruit, sweetness and sharpness, less its own', () => {
    const [fruit, style, sharp, credit] = numbers(of('sugar.mass')).map(({ value }) => value);
    const sign = of('sugar.mass').why.sum.some(
      (word) => typeof word === 'string' && word.includes('little sugar'),
    )
      ? 1
      : -1;
    expect((fruit! * style! * sharp!) / 100 + sign * credit!).toBeCloseTo(of('sugar.mass').value, 6);
  });

  it('what is bought, rolled and mixed', () => {
    const [prepared, left] = numbers(of('fruit.0.bought')).map(({ value }) => value);
    expect((100 * prepared!) / left!).toBeCloseTo(of('fruit.0.bought').value, 6);
    const [area, thick, density] = numbers(of('pastry.base_mass')).map(({ value }) => value);
    expect(area! * (thick! / 10) * density!).toBeCloseTo(of('pastry.base_mass').value, 6);
    const [share, flour] = numbers(of('pastry.butter')).map(({ value }) => value);
    expect((share! * flour!) / 100).toBeCloseTo(of('pastry.butter').value, 6);
  });

  it('the bake: both stages, and the latest of what it waits for', () => {
    const planned = planPie(starterSpec);
    if (!planned.ok) throw new Error('no plan');
    const { figures } = planned.plan;
    expect(added(figures['bake.out']!)).toBeCloseTo(figures['bake.out']!.value, 6);
    const latest = Math.max(...numbers(figures['bake.done']!).map(({ value }) => value));
    expect(latest).toBeCloseTo(figures['bake.done']!.value, 6);
    expect(figures['bake.golden']?.why.narrows).toMatch(/thermometer/);
  });
});

describe.each(formKinds)('%s says nothing that this pie has not', (kind) => {
  const told = once(() => changeForm(starterSpec, kind));

  it.each(preparationKinds)('%s', (preparation) => {
    const planned = draftPlan({
      ...told().spec,
      filling: { ...told().spec.filling, butterG: 0, preparation: { kind: preparation } },
    });
    if (!planned.ok) return;
    const { plan } = planned;
    const clock = plan.clock.map(({ label }) => label).join('; ');
    const all = [
      clock,
      ...plan.advice.map(({ text }) => text),
      ...plan.slip.flatMap(({ lines }) => lines.map(({ label, note }) => `${label} ${note ?? ''}`)),
    ].join('; ');
    expect(clock).not.toMatch(/dot with butter/);
    // No spirit, no wine: nothing of alcohol.
    expect(all).not.toMatch(/alcohol/i);
    if (['crisp', 'cobbler', 'buckle', 'crumb_top', 'lattice', 'open_shell', 'free_form'].includes(kind)) {
      expect(clock).not.toMatch(/\bvent/i);
    }
    if (['crisp', 'cobbler', 'buckle'].includes(kind))
      expect(all).not.toMatch(/raw dough|\byolk|\bwash\b.*lid/i);
    // The caramel of an upside-down pie boils whatever is done to its fruit.
    if (preparation === 'raw' && kind !== 'upside_down') expect(all).not.toMatch(/boiling syrup/i);
    expect(all).not.toMatch(/undefined|null|NaN/);
  });
});

describe('what is turned and covered stands in the clock', () => {
  const steps = (plain: typeof starterSpec): string[] => {
    const planned = planPie(plain);
    if (!planned.ok) throw new Error('no plan');
    return planned.plan.clock.map(({ label }) => label);
  };

  it('where the oven wants it, saying why, and where practice does', () => {
    const oven = { ...starterSpec.bake.oven, hotSide: 'left' as const };
    expect(steps({ ...starterSpec, bake: { ...starterSpec.bake, oven } })).toContain(
      'Turn the pie round: this oven is hotter at its left',
    );
    expect(steps(starterSpec).join()).not.toMatch(/Turn the pie/);
    expect(steps(changeForm(starterSpec, 'free_form').spec)).toContain('Turn the pie half way round');
  });
});
