import type { Advice } from '../../forms/index.js';
import { adviceText } from '../../forms/index.js';
import { builtInFruits } from '../../larder/index.js';
import type { PieSpec } from '../../schema/index.js';
import { limits, starterSpec } from '../../schema/index.js';
import { draftPlan, planPie } from '../plan.js';

const adviceFor = (change: Partial<PieSpec>): readonly Advice[] => {
  const planned = draftPlan({ ...starterSpec, ...change });
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan.advice;
};
const filling = (part: Partial<PieSpec['filling']>): Partial<PieSpec> => ({
  filling: { ...starterSpec.filling, ...part },
});
const fruit = (id: string): PieSpec['filling']['fruits'] => [
  { fruit: id, share: 1, state: 'fresh', ripeness: 0, cut: 'usual', peeled: true },
];
const ids = (advice: readonly Advice[]): string[] => advice.map(({ id }) => id);

describe('advice, said where the work is', () => {
  it.each<[string, Partial<PieSpec>, string, Advice['station'], Advice['level']]>([
    ['rhubarb leaves', filling({ fruits: fruit('rhubarb') }), 'rhubarb', 'fruit', 'danger'],
    ['elderberries raw', filling({ fruits: fruit('elderberry') }), 'elderberry', 'fruit', 'danger'],
    ['stones', filling({ fruits: fruit('apricot') }), 'stone', 'fruit', 'watch'],
    ['sulphites', filling({ fruits: fruit('dried_apricot') }), 'sulphite', 'fruit', 'watch'],
    ['boiling sugar', filling({ preparation: { kind: 'weep' } }), 'boiling_sugar', 'juice', 'danger'],
    [
      'alcohol at a flame',
      filling({ additions: [{ addition: 'spirit', massG: 40 }] }),
      'alcohol',
      'juice',
      'danger',
    ],
    ['keeping it cold', filling({ preparation: { kind: 'glaze' } }), 'keep_cold', 'juice', 'danger'],
    ['raw dough', {}, 'raw_dough', 'pastry', 'watch'],
    ['steam', {}, 'steam', 'top', 'watch'],
    ['no vents', { form: { ...starterSpec.form, vents: 0 } }, 'vents', 'top', 'watch'],
    [
      'stringy starch',
      filling({ set: 'in_the_hand', thickeners: [{ thickener: 'arrowroot', share: 1 }] }),
      'stringy',
      'juice',
      'watch',
    ],
    [
      'tapioca resting',
      filling({ thickeners: [{ thickener: 'quick_tapioca', share: 1 }] }),
      'tapioca_rests',
      'juice',
      'watch',
    ],
    ['too much thickener', filling({ thickenerMassG: 90 }), 'gluey', 'juice', 'watch'],
    ['soapy bicarbonate', filling({ bicarbonateG: 6 }), 'bicarbonate', 'juice', 'danger'],
    ['an unlikely weep test', filling({ weepTest: { drainedG: 60 } }), 'weep_unlikely', 'juice', 'watch'],
    ['raw apples under a lid', filling({ fruits: fruit('apple_firm_tart') }), 'gap', 'shape', 'watch'],
    ['an empty dish', filling({ fruitMassG: 250 }), 'too_empty', 'shape', 'watch'],
    [
      'a slippery heap',
      filling({ fruits: fruit('apple_firm_tart'), fruitMassG: 1900 }),
      'too_full',
      'shape',
      'watch',
    ],
    [
      'thin crumb',
      { form: { ...starterSpec.form, kind: 'crumb_top', crumb: { school: 'rubbed', cover: 0.5 } } },
      'bare_fruit',
      'top',
      'watch',
    ],
    [
      'strips too close',
      { form: { ...starterSpec.form, kind: 'lattice', lattice: { strips: 10, widthCm: 2.2, angleDeg: 90 } } },
      'too_tight',
      'top',
      'watch',
    ],
  ])('%s', (_, change, id, station, level) => {
    const found = adviceFor(change).find((one) => one.id === id);
    expect(found).toMatchObject({ station, level });
    expect(found?.text.length).toBeGreaterThan(20);
  });

  it('says when a fruit is unsuited, for each such fruit', () => {
    for (const { id, unsuited } of builtInFruits.values()) {
      if (unsuited) expect(ids(adviceFor(filling({ fruits: fruit(id) })))).toContain(`unsuited.${id}`);
    }
  });

  it('does not warn of what is not so', () => {
    const said = ids(adviceFor({}));
    for (const id of [
      'rhubarb',
      'too_runny',
      'gluey',
      'vents',
      'bicarbonate',
      'weep_unlikely',
      'thermal_shock',
      'alcohol',
    ]) {
      expect(said).not.toContain(id);
    }
  });

  it('proposes draining only where the same sums say that it is enough', () => {
    const proposes = (id: string, thickenerMassG: number): boolean =>
      /weep 45 minutes/.test(
        adviceFor(filling({ fruits: fruit(id), thickenerMassG })).find((one) => one.id === 'too_runny')
          ?.text ?? '',
      );
    for (const id of ['sour_cherry', 'strawberry', 'peach', 'gooseberry_ripe']) {
      const drained = draftPlan({
        ...starterSpec,
        ...filling({ fruits: fruit(id), preparation: { kind: 'weep', minutes: 45, boilToBrix: 70 } }),
      });
      const enoughG = drained.ok ? drained.plan.filling.dose.massG : 0;
      expect(proposes(id, 0.8 * enoughG)).toBe(false);
      expect(proposes(id, 0.1)).toBe(false);
    }
    expect(
      ['sour_cherry', 'strawberry', 'peach'].some((id) =>
        [16, 18, 20, 22, 24, 26, 28, 30].some((g) => proposes(id, g)),
      ),
    ).toBe(true);
  });

  it('speaks in the baker’s own units', () => {
    const runny = adviceFor(filling({ thickenerMassG: 6 })).find(({ id }) => id === 'too_runny')!;
    expect(adviceText(runny, 'metric')).toBe(runny.text);
    expect(adviceText(runny, 'us')).toMatch(/[\d.]+\soz more thickener/);
    const gap = adviceFor(filling({ fruits: fruit('apple_firm_tart') })).find(({ id }) => id === 'gap')!;
    expect(adviceText(gap, 'us')).toMatch(/in under the lid.*160\s°F/);
  });

  it('warns of a bake that is too short, or too dark', () => {
    const stages = (
      firstC: number,
      firstMin: number,
      secondC: number,
      secondMin: number,
    ): Partial<PieSpec> => ({
      bake: {
        ...starterSpec.bake,
        stages: [
          { tempC: firstC, timeMin: firstMin },
          { tempC: secondC, timeMin: secondMin },
        ],
      },
    });
    const said = (change: Partial<PieSpec>): string[] => {
      const planned = planPie({ ...starterSpec, ...change });
      return planned.ok ? ids(planned.plan.advice) : [];
    };
    expect(said(stages(200, 10, 175, 10))).toContain('not_done');
    // Foil saves what can be saved; what no foil saves is said.
    expect(said(stages(225, 25, 200, 40))).toContain('foil');
    expect(said(stages(280, 60, 270, 60))).toContain('too_dark');
    expect(said(stages(190, 15, 165, 40))).not.toContain('foil');
    // A base that burns is not to be seen from above.
    const onSteel = { bake: { ...stages(200, 15, 190, 55).bake!, beneath: 'hot_steel' as const } };
    expect(said(onSteel)).toContain('dark_base');
    expect(said(stages(200, 15, 185, 30))).not.toContain('dark_base');
  });
});

describe('limits', () => {
  it('have a least below a most and a remedy that is a sentence', () => {
    for (const { least, most, remedy } of limits.values()) {
      expect(least).toBeLessThan(most);
      expect(remedy).toMatch(/^[A-Z].*\.$/);
    }
  });
});

describe('filling that is more than the dish holds', () => {
  const leftOver = (fruitMassG: number): string =>
    adviceFor(filling({ fruitMassG }))
      .filter(({ id }) => id === 'left_over')
      .map((one) => adviceText(one, 'metric'))
      .join();

  it('is none: a heap that is lidded is baked whole, and what fills the dish level is said', () => {
    expect(leftOver(2600)).toMatch(/All of it is heaped and baked here\. About \d+\sg of fruit/);
    expect(leftOver(500)).toBe('');
  });
});

describe('a pie that is frozen through', () => {
  const frozen = (part: Partial<PieSpec['filling']>): string[] =>
    ids(adviceFor({ ...filling(part), bake: { ...starterSpec.bake, startC: -18 } }));

  it('says which starch weeps in a cooked filling, and nothing of it otherwise', () => {
    const stewed = { preparation: { kind: 'stew' as const } };
    const of = (thickener: string) => ({ ...stewed, thickeners: [{ thickener, share: 1 }] });
    expect(frozen(of('corn_starch'))).toContain('freeze_weeps');
    expect(frozen(of('tapioca_starch'))).not.toContain('freeze_weeps');
    expect(ids(adviceFor(filling(of('corn_starch'))))).not.toContain('freeze_weeps');
    expect(frozen({})).not.toContain('freeze_weeps');
  });
});
