import { limits, starterSpec } from '@mardle/core';
import { checkShape, flattenErrors, KitchenOvenRequest, PieSpecRequest } from './index.js';

const ownTopping = { butter: 35, sugar: 14, milk: 60, egg: 10, leaven: 5, salt: 1, spice: 1 };

const toppingAmounts = {
  flourG: 130,
  butterG: 50,
  sugarG: 20,
  milkG: 80,
  eggG: 50,
  leavenG: 6,
  saltG: 1,
  spiceG: 1,
};

const ownCrumb = {
  school: 'rubbed',
  cover: 1,
  lumpCm: 1,
  own: { butter: 60, sugar: 60, oats: 0, nuts: 0, salt: 1, spice: 1 },
  amounts: { flourG: 65, butterG: 113, sugarG: 100, oatsG: 90, nutsG: 0, saltG: 1, spiceG: 1 },
};

/** A spec in which every limited choice is there to be changed. */
const full = {
  ...starterSpec,
  form: {
    ...starterSpec.form,
    lattice: { strips: 6, widthCm: 2, secondWidthCm: 1, angleDeg: 90 },
    crumb: ownCrumb,
    cutOut: { shape: 'leaf', sizeCm: 5 },
    freeForm: { discCm: 34, borderCm: 5 },
    shell: { weightsMin: 20 },
    cobbler: { cover: 0.65, own: ownTopping, amounts: toppingAmounts },
    buckle: { perFruit: 1.4, own: ownTopping, amounts: toppingAmounts, streusel: ownCrumb },
    handPie: { discCm: 14, count: 8 },
  },
  flourCupG: 125,
  ownThickeners: [{ id: 'own_x', label: 'X', like: 'corn_starch', figures: {} }],
  dish: { ...starterSpec.dish, shape: 'oval', widthCm: 18 },
  pastry: {
    ...starterSpec.pastry,
    batch: 2,
    boughtDiscCm: 32,
    coarseSugarG: 12,
    amounts: { flourG: 300, butterG: 200, waterG: 90, saltG: 4, sugarG: 0, otherG: 0 },
  },
  filling: {
    ...starterSpec.filling,
    fruits: [{ ...starterSpec.filling.fruits[0]!, cutMm: 5 }],
    fruitMassG: 800,
    thickenerMassG: 30,
    sugar: { ...starterSpec.filling.sugar, massG: 200, second: { sugar: 'honey', share: 0.2 } },
    additions: [{ addition: 'red_wine', massG: 60 }],
    heapCm: 2,
    preparation: { kind: 'weep', minutes: 45, boilToBrix: 55, liquidG: 0, cookedShare: 0.1 },
    seasonings: [{ seasoning: 'salt', massG: 2 }],
    weepTest: { drainedG: 12 },
    learned: { dose: 1.1, deviation: 0.06, bakes: 12 },
  },
  bake: {
    ...starterSpec.bake,
    pastryC: 4,
    beside: 1,
    chill: { place: 'fridge', minutes: 20 },
    stages: [
      { tempC: 210, timeMin: 15 },
      { tempC: 180, timeMin: 40 },
    ],
  },
};

/** The spec with a value at a path; in a list the first is changed. */
function withValue(path: string, value: unknown): unknown {
  const copy = structuredClone(full) as unknown;
  const keys = path.split('.');
  let at = copy as Record<string, unknown>;
  keys.forEach((key, i) => {
    if (Array.isArray(at)) at = (at as unknown[])[0] as Record<string, unknown>;
    if (i === keys.length - 1) at[key] = value;
    else at = at[key] as Record<string, unknown>;
  });
  return copy;
}

const fields = (plain: unknown): string[] => {
  const checked = checkShape(PieSpecRequest, plain);
  return checked.ok ? [] : checked.problems.map(({ field }) => field);
};

describe('the limits of core hold in the contract', () => {
  it('lets the whole spec through', () => {
    expect(fields(full)).toEqual([]);
  });

  /** Limits of what is not part of a pie: water that a dish is measured with, places in an oven of the kitchen. */
  const elsewhere = ['dish.waterMl', 'kitchen.oven.places'];
  const ofPies = [...limits.values()].filter(({ path }) => !elsewhere.includes(path));

  it.each(ofPies.map((limit) => [limit.path, limit] as const))('%s', (path, { least, most }) => {
    const name = path.split('.').at(-1) ?? '';
    const whole = ['strips', 'count', 'batch', 'beside', 'version'].includes(name);
    expect(fields(withValue(path, whole ? Math.ceil(least) : least))).toEqual([]);
    expect(fields(withValue(path, most))).toEqual([]);
    for (const wrong of [least - 1, most + 1, Number.NaN, '5', true, {}]) {
      expect(fields(withValue(path, wrong)).some((field) => field.endsWith(name))).toBe(true);
    }
  });

  it('asks for whole strips', () => {
    expect(fields(withValue('form.lattice.strips', 5.5))).toEqual(['form.lattice.strips']);
  });
});

describe('an oven of the kitchen', () => {
  const oven = { label: 'Top oven', kind: 'still', offsetC: -4, warmUpMin: 20, places: 2 };
  const wrong = (part: object): string[] => {
    const checked = checkShape(KitchenOvenRequest, { ...oven, ...part });
    return checked.ok ? [] : checked.problems.map(({ field }) => field);
  };

  it('holds whole places, has a name, and a knob that there is', () => {
    expect(wrong({})).toEqual([]);
    expect(wrong({ knob: 'gas', hotSide: 'left' })).toEqual([]);
    expect(wrong({ places: 0 })).toEqual(['places']);
    expect(wrong({ places: 1.5 })).toEqual(['places']);
    expect(wrong({ label: '' })).toEqual(['label']);
    expect(wrong({ knob: 'dial' })).toEqual(['knob']);
  });
});

describe('problems', () => {
  it('carry the path of the field, however deep', () => {
    expect(
      flattenErrors([
        {
          property: 'a',
          children: [{ property: '0', children: [{ property: 'b', constraints: { x: 'b is odd' } }] }],
        },
      ]),
    ).toEqual([
      {
        field: 'a.0.b',
        message: 'b is odd.',
        remedy: 'Correct "a.0.b"; docs/plan-format.md says what it may be.',
      },
    ]);
  });
});
