import type { PieSpec } from '../../schema/index.js';
import { eatenHow, formKinds, starterSpec } from '../../schema/index.js';
import { aPart } from '../../test/filling.js';
import { once } from '../../test/once.js';
import { changeForm } from '../change-form.js';
import type { PiePlan } from '../plan.js';
import { draftPlan, planPie } from '../plan.js';

function planOf(spec: PieSpec): PiePlan {
  const planned = draftPlan(spec);
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
}
const pastry = (change: Partial<PieSpec['pastry']>, spec = starterSpec): PieSpec => ({
  ...spec,
  pastry: { ...spec.pastry, ...change },
});
const filling = (change: Partial<PieSpec['filling']>, spec = starterSpec): PieSpec => ({
  ...spec,
  filling: { ...spec.filling, ...change },
});
const ids = (plan: PiePlan): string[] => plan.slip.flatMap(({ lines }) => lines.map(({ id }) => id));
const line = (plan: PiePlan, id: string) =>
  plan.slip.flatMap(({ lines }) => lines).find((each) => each.id === id);
const step = (plan: PiePlan, id: string) => plan.clock.find((each) => each.id === id);
const saidIds = (plan: PiePlan): string[] => plan.advice.map(({ id }) => id);

describe('dough that is there already', () => {
  const mixed = once(() => planOf(starterSpec));

  it.each(['made_before', 'bought'] as const)(
    '%s: the slip weighs no flour, the clock mixes none',
    (doughFrom) => {
      const plan = planOf(pastry({ doughFrom }));
      expect(ids(plan)).toContain('dough');
      for (const id of ['flour', 'butter', 'dough_salt', 'water']) expect(ids(plan)).not.toContain(id);
      expect(step(plan, 'mix')).toBeUndefined();
      expect(step(plan, 'chill_dough')).toBeUndefined();
      expect(step(plan, 'dough_out')).toBeDefined();
      expect(plan.build.dough.massG).toBeCloseTo(mixed().build.dough.massG, 6);
    },
  );

  it('made before is weighed as one thing', () => {
    expect(line(planOf(pastry({ doughFrom: 'made_before' })), 'dough')?.massG).toBeCloseTo(
      mixed().build.dough.massG,
      6,
    );
  });

  it('bought discs that are too small are told, those that will do are not', () => {
    const small = planOf(pastry({ doughFrom: 'bought', boughtDiscCm: 24 }));
    expect(saidIds(small)).toContain('disc_too_small');
    expect(saidIds(planOf(pastry({ doughFrom: 'bought', boughtDiscCm: 40 })))).not.toContain(
      'disc_too_small',
    );
    expect(saidIds(planOf(pastry({ boughtDiscCm: 24 })))).not.toContain('disc_too_small');
  });

  it('says whose packet to read', () => {
    expect(planOf(pastry({ doughFrom: 'bought' })).allergens.join()).toContain('read the packet');
    expect(mixed().allergens.join()).not.toContain('read the packet');
  });

  it.each(['upside_down', 'free_form', 'lattice', 'hand_pie'] as const)(
    '%s takes bought dough too',
    (kind) => {
      const plan = planOf(pastry({ doughFrom: 'bought' }, changeForm(starterSpec, kind).spec));
      expect(line(plan, 'dough')?.bought).toBe(true);
      expect(ids(plan)).not.toContain('flour');
    },
  );
});

describe('a greased or lined dish', () => {
  it('is on the slip, and butter among the allergens', () => {
    const greased = planOf(pastry({ dishCoat: 'greased' }));
    expect(line(greased, 'grease')?.massG).toBeCloseTo(8, 0);
    expect(ids(planOf(pastry({ dishCoat: 'lined' })))).toContain('paper');
    expect(ids(planOf(starterSpec))).not.toContain('grease');
    expect(ids(planOf(starterSpec))).not.toContain('paper');
  });

  it('is a sheet too: what stands on one has its paper under it, as in the bake, unless the sheet is greased', () => {
    for (const kind of ['free_form', 'hand_pie'] as const) {
      const onSheet = changeForm(starterSpec, kind).spec;
      const [paper, greased] = [planOf(onSheet), planOf(pastry({ dishCoat: 'greased' }, onSheet))];
      expect(ids(paper)).toContain('paper');
      expect(ids(greased)).not.toContain('paper');
      expect(ids(greased)).toContain('grease');
      expect(paper.work.body.onPaper).toBe(true);
      expect(greased.work.body.onPaper).toBe(false);
    }
  });
});

describe('a topping of your own', () => {
  const crisp = changeForm(starterSpec, 'crisp').spec;
  const own = { butter: 70, sugar: 80, oats: 50, nuts: 0, salt: 1, spice: 2 };
  const plan = once(() =>
    planOf({ ...crisp, form: { ...crisp.form, crumb: { school: 'melted', cover: 1, own } } }),
  );

  it('is mixed by its parts', () => {
    const flourG = line(plan(), 'crumb_flour')?.massG ?? 0;
    for (const [id, parts] of [
      ['butter', 70],
      ['sugar', 80],
      ['oats', 50],
      ['salt', 1],
      ['spice', 2],
    ] as const) {
      expect((line(plan(), `crumb_${id}`)?.massG ?? 0) / flourG).toBeCloseTo(parts / 100, 6);
    }
    expect(ids(plan())).not.toContain('crumb_nuts');
  });

  it('names what is in it and nothing else', () => {
    expect(plan().allergens).toContain('oats');
    expect(plan().allergens).not.toContain('nuts');
  });
});

describe('a heap on purpose', () => {
  const apples = { fruits: [aPart('apple_firm_tart')] };

  it('stands as high as it was wanted', () => {
    for (const heapCm of [2, 4]) {
      const plan = planOf(filling({ ...apples, heapCm }));
      expect(plan.build.rawMoundCm).toBeCloseTo(heapCm, 1);
    }
  });

  it('leaves over what it does not take, and says what for', () => {
    const plan = planOf(filling({ ...apples, heapCm: 1, fruitMassG: 2000 }));
    expect(plan.filling.batch.massG).toBeLessThan(1500);
    expect(saidIds(plan)).toContain('left_over_fruit');
  });

  it('takes no more than there is', () => {
    expect(planOf(filling({ ...apples, heapCm: 6, fruitMassG: 700 })).filling.batch.massG).toBe(700);
  });
});

describe('two sugars, liquids and jam on the slip', () => {
  const plan = once(() =>
    planOf(
      filling({
        sugar: { sugar: 'white', style: 0.16, massG: 200, second: { sugar: 'honey', share: 0.25 } },
        additions: [
          { addition: 'red_wine', massG: 60 },
          { addition: 'jam', massG: 40 },
        ],
      }),
    ),
  );

  it('each stands by itself and weighs what it should', () => {
    expect(line(plan(), 'sugar')?.massG).toBeCloseTo(150, 6);
    expect(line(plan(), 'sugar.second')?.massG).toBeCloseTo(50, 6);
    expect(line(plan(), 'addition.0')?.label).toBe('Red wine');
    expect(line(plan(), 'addition.1')?.massG).toBe(40);
  });

  it('brings its cautions', () => {
    expect(saidIds(plan())).toEqual(expect.arrayContaining(['honey', 'alcohol']));
    expect(plan().allergens.join()).toContain('sulphites');
  });
});

describe('how it is eaten', () => {
  const readyMin = (spec: PieSpec): number => {
    const planned = planPie(spec);
    if (!planned.ok || !planned.plan.bake) throw new Error('it cannot be baked');
    const { clock, bake } = planned.plan;
    const last = clock.reduce((latest, { endMin }) => Math.max(latest, endMin), 0);
    const loaded = clock.find(({ id }) => id === 'stage1')?.startMin ?? 0;
    return last - loaded - bake.outMin;
  };

  it('orders the wait: spoon, warm slice, cold slice, chilled', () => {
    const [spoon, warm, cold, chilled] = (['spoon', 'sliced_warm', 'sliced_cold', 'chilled'] as const).map(
      (eaten) => readyMin(filling({ eaten })),
    );
    expect(spoon).toBeLessThanOrEqual(40);
    expect(warm).toBeGreaterThan(spoon!);
    expect(cold).toBeGreaterThan(warm!);
    expect(chilled).toBeCloseTo(cold! + 180, 0);
  });

  it('a crisp is not told to wait two hours', () => {
    expect(readyMin(changeForm(starterSpec, 'crisp').spec)).toBeLessThanOrEqual(40);
  });

  it.each(eatenHow)('%s has words for what comes then', (eaten) => {
    const { eaten: told } = planOf(filling({ eaten }));
    expect(told.label).not.toBe('');
    expect(told.then).not.toBe('');
  });
});

describe('what can be done the day before', () => {
  const ahead = (spec: PieSpec): string[] =>
    planOf(spec).clock.flatMap(({ id, dayBefore }) => (dayBefore ? [id] : []));

  it('is the dough and the lined dish, never raw fruit or the filling of the pie', () => {
    expect(ahead(starterSpec)).toEqual(expect.arrayContaining(['mix', 'chill_dough', 'line', 'chill_base']));
    expect(ahead(starterSpec)).not.toContain('prepare');
    expect(ahead(starterSpec)).not.toContain('fill');
  });

  it('is a filling too that is cooked', () => {
    expect(ahead(filling({ preparation: { kind: 'stew' } }))).toEqual(
      expect.arrayContaining(['prepare', 'preparation']),
    );
  });
});

describe('the clock says what this pie has', () => {
  const prepares = (fruits: PieSpec['filling']['fruits']): string =>
    step(planOf(filling({ fruits })), 'prepare')?.label ?? '';

  it.each([
    ['apple_firm_tart', {}, 'Wash, peel, core and cut the firm tart apple'],
    ['apple_firm_tart', { peeled: false }, 'Wash, core and cut the firm tart apple'],
    ['sour_cherry', {}, 'Wash and stone the sour cherry'],
    ['strawberry', {}, 'Wash, hull and cut the strawberry'],
    ['gooseberry_green', {}, 'Wash, top and tail the green gooseberry'],
    ['redcurrant', {}, 'Wash and strip the redcurrant'],
    ['blueberry', {}, 'Wash and pick over the blueberry'],
    ['blueberry', { state: 'frozen' }, 'Weigh out frozen the blueberry'],
    ['rhubarb', {}, 'Trim, wash and cut the rhubarb'],
    ['peach', {}, 'Wash, peel, stone and cut the peach'],
    ['plum', {}, 'Wash, stone and cut the plum'],
    ['raisin', {}, 'Weigh out the raisin'],
    ['canned_peach', {}, 'Drain the canned peach'],
  ] as const)('%s %j: %s', (fruit, more, words) => {
    expect(prepares([aPart(fruit, more)])).toBe(words);
  });

  it('says each work once for all fruits that want it', () => {
    expect(prepares([aPart('damson'), aPart('plum'), aPart('raspberry')])).toBe(
      'Wash, stone and cut the damson and plum; Wash and pick over the raspberry',
    );
  });

  it.each(formKinds)('%s dots with butter only what is there, and names no stone in apples', (kind) => {
    const { spec } = changeForm(filling({ fruits: [aPart('apple_firm_tart')], butterG: 0 }), kind);
    const { clock } = planOf({ ...spec, filling: { ...spec.filling, butterG: 0 } });
    const words = clock.map(({ label }) => label).join('; ');
    expect(words).not.toMatch(/dot with butter|stone/);
  });
});

describe('scones and batter of your own', () => {
  const own = { butter: 40, sugar: 60, milk: 50, egg: 30, leaven: 4, salt: 1, spice: 3 };
  const tops = {
    cobbler: { cobbler: { cover: 0.65, own } },
    buckle: { buckle: { perFruit: 2, own } },
  } as const;

  it.each(['cobbler', 'buckle'] as const)('%s weighs them by their parts', (kind) => {
    const { spec } = changeForm(starterSpec, kind);
    const plan = planOf({ ...spec, form: { ...spec.form, ...tops[kind] } });
    const flourG = line(plan, 'topping_flour')?.massG ?? 0;
    for (const [part, per100] of Object.entries(own)) {
      expect(line(plan, `topping_${part}`)?.massG).toBeCloseTo((flourG * per100) / 100, 6);
    }
    expect(plan.allergens).toContain('egg');
  });

  it('takes the batter that is asked for, and leaves the fruit its room', () => {
    const { spec } = changeForm(starterSpec, 'buckle');
    const of = (perFruit: number): PiePlan =>
      planOf({ ...spec, form: { ...spec.form, buckle: { perFruit } } });
    const [fruity, cake] = [of(1), of(2.5)];
    for (const [plan, perFruit] of [
      [fruity, 1],
      [cake, 2.5],
    ] as const) {
      const batterG = plan.figures['topping.mass']?.value ?? 0;
      expect(batterG / plan.filling.batch.massG).toBeCloseTo(perFruit, 6);
    }
    expect(cake.filling.batch.massG).toBeLessThan(0.7 * fruity.filling.batch.massG);
  });

  it('has egg in the batter of the Larder, none in its scones, and no butter in dots', () => {
    const { spec, changes } = changeForm(filling({ butterG: 20 }), 'buckle');
    expect(changes.join(' ')).toContain('in the batter');
    expect(spec.filling.butterG).toBe(0);
    expect(line(planOf(spec), 'topping_egg')?.note).toMatch(/eggs of 50 g/);
    expect(ids(planOf(changeForm(starterSpec, 'cobbler').spec))).not.toContain('topping_egg');
  });

  it('hand pies keep a set that the baker chose', () => {
    const { spec } = changeForm(filling({ set: 'soft', eaten: 'in_hand' }), 'hand_pie');
    expect(spec.filling.set).toBe('soft');
    expect(changeForm(starterSpec, 'hand_pie').spec.filling.set).toBe('in_the_hand');
  });
});
