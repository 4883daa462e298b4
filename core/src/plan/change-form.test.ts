import fc from 'fast-check';
import { isSameDish } from '../geometry/index.js';
import { equivalents, formOf } from '../forms/index.js';
import { builtInLarder, larderRow } from '../larder/index.js';
import type { DishSpec } from '../schema/index.js';
import { formKinds, starterSpec } from '../schema/index.js';
import { changeBase, changeForm } from './change-form.js';
import { checkSpec } from './check.js';
import { draftPlan } from './plan.js';
import { scaleToDish } from './scale.js';

const deep: DishSpec = {
  label: '25 cm deep',
  topCm: 25.4,
  baseCm: 20.3,
  depthCm: 5,
  material: 'stoneware',
};
const tray: DishSpec = {
  label: 'Tray',
  shape: 'rectangle',
  topCm: 40,
  widthCm: 30,
  baseCm: 40,
  depthCm: 1.5,
  material: 'aluminium',
};

describe('changing the form', () => {
  it('to one on a sheet takes the sheet as it is: as wide as the larder says', () => {
    const sheet = larderRow(builtInLarder.dishes, formOf('free_form').readyDish);
    for (const kind of ['free_form', 'hand_pie'] as const) {
      const { dish } = changeForm(starterSpec, kind).spec;
      expect(dish).toMatchObject({ shape: 'rectangle', topCm: sheet.topCm, widthCm: sheet.widthCm });
    }
  });

  it('always leaves a pie that can be planned, from any form to any other and back', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...formKinds), { minLength: 1, maxLength: 5 }), (kinds) => {
        const spec = kinds.reduce((so, kind) => changeForm(so, kind).spec, starterSpec);
        expect(checkSpec(spec, builtInLarder)).toEqual([]);
        expect(draftPlan(spec).ok).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('keeps fruit, sugar, ripeness and oven', () => {
    for (const kind of formKinds) {
      const { spec } = changeForm(starterSpec, kind);
      expect(spec.filling.fruits).toEqual(starterSpec.filling.fruits);
      expect(spec.filling.sugar).toEqual(starterSpec.filling.sugar);
      expect(spec.bake.oven).toEqual(starterSpec.bake.oven);
    }
  });

  it('says nothing when nothing else had to change, and what it changed when something had', () => {
    expect(changeForm(starterSpec, 'lattice').changes).toEqual([]);
    const { spec, changes } = changeForm(starterSpec, 'free_form', [deep, tray]);
    expect(spec.dish).toEqual(tray);
    expect(changes.join(' ')).toContain('on another dish now: Tray');
    expect(changeForm(spec, 'cobbler', [deep, tray]).spec.dish).toEqual(deep);
  });

  it('takes a known sheet when the kitchen has none', () => {
    expect(changeForm(starterSpec, 'hand_pie').spec.dish.depthCm).toBeLessThan(2.5);
  });
});

describe('a shell from elsewhere', () => {
  it('bought, comes in its own foil, and what fits it follows', () => {
    const own = { ...starterSpec, filling: { ...starterSpec.filling, fruitMassG: 900 } };
    const { spec, changes } = changeBase(own, 'bought');
    expect(spec.dish.material).toBe('foil');
    expect(spec.filling.fruitMassG).toBeNull();
    expect(changes.join(' ')).toContain('own foil');
    const planned = draftPlan(spec);
    expect(planned.ok && planned.plan.build.base).toBeNull();
    expect(changeBase(spec, 'bought').changes).toEqual([]);
  });

  it('from the freezer, stays in the dish it was lined in', () => {
    const { spec, changes } = changeBase(starterSpec, 'frozen');
    expect(spec.dish).toEqual(starterSpec.dish);
    expect(changes).toEqual([]);
  });
});

describe('another dish', () => {
  it('takes as many times the recipe as it has room: a 25 cm deep dish nearly twice a 23 cm one', () => {
    // Rooms of the presets: 1841 and 1011 mL.
    const [found] = equivalents(formOf(starterSpec.form.kind), starterSpec.form, starterSpec.dish, [deep]);
    expect(found?.factor).toBeCloseTo(1841 / 1011, 1);
    expect(found?.fits).toBe('room_to_spare');
  });

  it('comes nearest first, and no sheet among them', () => {
    const small = { ...deep, label: 'small', topCm: 20.3, baseCm: 16, depthCm: 3.2 };
    const names = equivalents(formOf(starterSpec.form.kind), starterSpec.form, starterSpec.dish, [
      deep,
      tray,
      small,
      starterSpec.dish,
    ]).map(({ dish }) => dish.label);
    expect(names[0]).toBe(starterSpec.dish.label);
    expect(names).not.toContain('Tray');
    expect(equivalents(formOf('free_form'), starterSpec.form, tray, [tray])).toEqual([]);
  });

  it('scales what was set by weight, and leaves shares and taste alone', () => {
    const spec = {
      ...starterSpec,
      filling: { ...starterSpec.filling, fruitMassG: 700, lemonJuiceG: 30, butterG: 20 },
    };
    const scaled = scaleToDish(spec, deep);
    const [same] = equivalents(formOf(spec.form.kind), spec.form, spec.dish, [deep]);
    expect(scaled.filling.fruitMassG).toBeCloseTo(700 * (same?.factor ?? 0), -0.5);
    expect(scaled.filling.lemonJuiceG / scaled.filling.butterG).toBeCloseTo(1.5, 2);
    expect(scaled.filling.sugar).toEqual(spec.filling.sugar);
    expect(scaled.dish).toEqual(deep);
    expect(scaleToDish(scaled, spec.dish).filling.fruitMassG).toBeCloseTo(700, -0.5);
  });

  it('scales what seasons it as the lemon that goes in', () => {
    const seasonings = [{ seasoning: 'cinnamon', massG: 4 }];
    const spec = { ...starterSpec, filling: { ...starterSpec.filling, lemonJuiceG: 30, seasonings } };
    const { filling } = scaleToDish(spec, deep);
    expect(filling.seasonings.map(({ seasoning }) => seasoning)).toEqual(['cinnamon']);
    expect((filling.seasonings[0]?.massG ?? 0) / 4).toBeCloseTo(filling.lemonJuiceG / 30, 1);
  });

  it('is the same dish when its measures are', () => {
    expect(isSameDish(tray, { ...tray, widthCm: 30 })).toBe(true);
    expect(isSameDish(deep, { ...deep, shape: 'round' })).toBe(true);
    expect(isSameDish(tray, { ...tray, widthCm: 29 })).toBe(false);
  });

  it('a fold or a parcel needs no dish at all', () => {
    expect(formKinds.filter((kind) => formOf(kind).filled !== 'dish')).toEqual(['free_form', 'hand_pie']);
  });
});
