import type { PieSpec } from '../../schema/index.js';
import { formKinds, starterSpec } from '../../schema/index.js';
import { builtInLarder } from '../../larder/index.js';
import { aPart } from '../../test/filling.js';
import { changeForm } from '../change-form.js';
import { checkSpec } from '../check.js';
import { draftPlan } from '../plan.js';
import type { PiePlan } from '../plan.js';

function planOf(spec: PieSpec): PiePlan {
  const planned = draftPlan(spec);
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
}
const filling = (change: Partial<PieSpec['filling']>, spec = starterSpec): PieSpec => ({
  ...spec,
  filling: { ...spec.filling, ...change },
});
const shell = changeForm(starterSpec, 'open_shell').spec;
const glazed = (change: Partial<PieSpec['filling']>): PieSpec =>
  filling({ preparation: { kind: 'glaze' }, ...change }, shell);
const said = (spec: PieSpec): string[] => planOf(spec).advice.map(({ id }) => id);
const refused = (spec: PieSpec): string[] => checkSpec(spec, builtInLarder).map(({ field }) => field);

/** Care, worst first; each where it belongs and nowhere else. Common food-safety guidance, from memory. */
describe('what would harm is refused, with a remedy', () => {
  it.each(['elderberry', 'quince'])('raw %s in a glaze', (fruit) => {
    expect(refused(glazed({ fruits: [aPart(fruit)] }))).toContain('filling.fruits.0.fruit');
    expect(refused(filling({ fruits: [aPart(fruit)] }))).toEqual([]);
  });

  it.each(['pineapple', 'kiwi', 'fig', 'mango'])('gelatine with raw %s', (fruit) => {
    const gelatine = [{ thickener: 'gelatine', share: 1 }];
    expect(refused(glazed({ fruits: [aPart(fruit)], thickeners: gelatine }))).toContain(
      'filling.fruits.0.fruit',
    );
    expect(refused(glazed({ fruits: [aPart('raspberry')], thickeners: gelatine }))).toEqual([]);
    // Beside another thickener too: what does not set leaves the glaze half as thick.
    const blend = [
      { thickener: 'corn_starch', share: 1 },
      { thickener: 'gelatine', share: 1 },
    ];
    expect(refused(glazed({ fruits: [aPart(fruit)], thickeners: blend }))).toContain(
      'filling.fruits.0.fruit',
    );
    expect(refused(glazed({ fruits: [aPart(fruit)] }))).toEqual([]);
  });

  it('every refusal says what to do', () => {
    for (const problem of checkSpec(glazed({ fruits: [aPart('elderberry')] }), builtInLarder)) {
      expect(problem.remedy).not.toBe('');
    }
  });
});

describe('cautions stand where they are true', () => {
  it.each<[string, PieSpec, string]>([
    ['honey', filling({ sugar: { sugar: 'honey', style: 0.16, massG: null } }), 'honey'],
    [
      'honey beside another sugar',
      filling({
        sugar: { sugar: 'white', style: 0.16, massG: null, second: { sugar: 'honey', share: 0.2 } },
      }),
      'honey',
    ],
    [
      'frozen berries that are not baked',
      glazed({ fruits: [aPart('raspberry', { state: 'frozen' })] }),
      'frozen_raw',
    ],
    ['low acid', filling({ fruits: [aPart('fig')] }), 'low_acid'],
    ['canning: stew', filling({ preparation: { kind: 'stew' } }), 'canning'],
    ['canning: hold', filling({ preparation: { kind: 'hold' } }), 'canning'],
    ['canning: glaze', glazed({ fruits: [aPart('raspberry')] }), 'canning'],
    ['a cooked filling kept cold', filling({ preparation: { kind: 'saute' } }), 'cooked_cold'],
    [
      'glass on hot steel, from any start',
      {
        ...starterSpec,
        dish: { ...starterSpec.dish, material: 'glass' },
        bake: { ...starterSpec.bake, beneath: 'hot_steel', startC: 21 },
      },
      'glass_steel',
    ],
    ['boiling syrup', filling({ preparation: { kind: 'weep' } }), 'boiling_sugar'],
    ['alcohol', filling({ additions: [{ addition: 'spirit', massG: 30 }] }), 'alcohol'],
    ['wild fruit', filling({ fruits: [aPart('bilberry')] }), 'wild'],
    ['whole grapes', filling({ fruits: [aPart('grape_seedless')] }), 'whole_grapes'],
    [
      'cut apples without lemon',
      filling({ fruits: [aPart('apple_firm_tart')], lemonJuiceG: 0 }),
      'lemon_browning',
    ],
    [
      'fruit that freezes in the pie',
      { ...filling({}), bake: { ...starterSpec.bake, startC: -18 } },
      'freeze_juice',
    ],
    [
      'a cooked filling that weeps when it thaws',
      { ...filling({ preparation: { kind: 'stew' } }), bake: { ...starterSpec.bake, startC: -18 } },
      'freeze_weeps',
    ],
    [
      'a clear starch that slumps',
      filling({ set: 'clean_slice', thickeners: [{ thickener: 'tapioca_starch', share: 1 }] }),
      'blend_stands',
    ],
  ])('%s', (_, spec, id) => {
    expect(said(spec)).toContain(id);
  });

  it('one frozen berry among fresh ones is enough, and what is baked is safe', () => {
    const frozen = aPart('raspberry', { state: 'frozen' });
    expect(said(glazed({ fruits: [aPart('strawberry'), frozen] }))).toContain('frozen_raw');
    expect(said(glazed({ fruits: [aPart('strawberry')] }))).not.toContain('frozen_raw');
    expect(said(filling({ fruits: [frozen] }))).not.toContain('frozen_raw');
  });

  it('and nowhere else: a plain raw pie is told none of them', () => {
    for (const id of [
      'honey',
      'frozen_raw',
      'low_acid',
      'canning',
      'cooked_cold',
      'glass_steel',
      'boiling_sugar',
      'alcohol',
      'wild',
      'whole_grapes',
      'freeze_juice',
      'freeze_weeps',
      'keep_cold',
      'blend_stands',
    ]) {
      expect(said(starterSpec)).not.toContain(id);
    }
  });

  it('no alcohol without alcohol, no syrup without a pan', () => {
    expect(said(filling({ preparation: { kind: 'saute' } }))).not.toContain('alcohol');
    expect(said(filling({ additions: [{ addition: 'spirit', massG: 0 }] }))).not.toContain('alcohol');
    expect(said(filling({ additions: [{ addition: 'apple_juice', massG: 50 }] }))).not.toContain('alcohol');
  });

  it('lemon is not asked for where it is, nor of frozen fruit', () => {
    const apple = aPart('apple_firm_tart');
    expect(said(filling({ fruits: [apple], lemonJuiceG: 10 }))).not.toContain('lemon_browning');
    expect(said(filling({ fruits: [{ ...apple, state: 'frozen' }], lemonJuiceG: 0 }))).not.toContain(
      'lemon_browning',
    );
  });

  it.each(formKinds)('%s: raw dough is spoken of only where there is dough', (kind) => {
    const { build, advice } = planOf(changeForm(starterSpec, kind).spec);
    const dough = advice.some(({ id }) => id === 'raw_dough');
    expect(dough).toBe(build.dough.massG > 0);
  });

  it('almond extract and gelatine are named to eaters', () => {
    const almond = planOf(filling({ seasonings: [{ seasoning: 'almond', massG: 2 }] }));
    expect(almond.allergens.join()).toContain('almond');
    const gelatine = planOf(
      glazed({ fruits: [aPart('raspberry')], thickeners: [{ thickener: 'gelatine', share: 1 }] }),
    );
    expect(gelatine.allergens.join()).toContain('pig or beef');
  });
});

describe('a fruit of one’s own that cannot be', () => {
  it('is refused by its own field', () => {
    const own = {
      id: 'own-1',
      label: 'Hedge plum',
      based: 'damson',
      waterPercent: 250,
    };
    const spec = { ...starterSpec, ownFruits: [own] } as unknown as PieSpec;
    expect(refused(spec).some((field) => field.startsWith('ownFruits.0.'))).toBe(true);
  });
});

describe('a glaze that would be baked', () => {
  it('is said to go raw into the oven, and not where it is cooked and poured', () => {
    expect(said(filling({ preparation: { kind: 'glaze' } }))).toContain('glaze_shell');
    expect(said(glazed({ fruits: [aPart('strawberry')] }))).not.toContain('glaze_shell');
    expect(said(filling({ preparation: { kind: 'raw' } }))).not.toContain('glaze_shell');
  });
});
