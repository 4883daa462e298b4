import type { PlanContext } from '../forms/index.js';
import type { PieSpec } from '../schema/index.js';
import { formKinds, starterSpec } from '../schema/index.js';
import { changeForm } from './change-form.js';
import type { PiePlan } from './plan.js';
import { draftPlan, planContext } from './plan.js';
import { surroundings } from './surroundings.js';

const plan = (change: Partial<PieSpec> = {}): PiePlan => {
  const planned = draftPlan({ ...starterSpec, ...change });
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
};
const form = (kind: PieSpec['form']['kind'], more: Partial<PieSpec['form']> = {}): Partial<PieSpec> => {
  const { spec } = changeForm(starterSpec, kind);
  return { ...spec, form: { ...spec.form, ...more } };
};

describe('the pie as the oven meets it', () => {
  it.each(formKinds)('weighs what the plan weighs, as a %s', (kind) => {
    const { work, filling, build } = plan(form(kind));
    const batterG = build.top.kind === 'batter' ? build.top.batter.massG : 0;
    expect(work.body.filling!.massKg).toBeCloseTo((filling.massG + batterG) / 1000 / build.vessel.count, 8);
    const { water, protein, fat, carbohydrate } = work.body.filling!.composition;
    expect(water + protein + fat + carbohydrate).toBeCloseTo(1, 6);
  });

  it('has no pastry under crisps, cobblers, buckles and upside-down pies', () => {
    for (const kind of formKinds) {
      const lined = !['crisp', 'cobbler', 'buckle', 'pandowdy', 'upside_down'].includes(kind);
      expect(plan(form(kind)).work.body.baseCrustM > 0).toBe(lined);
    }
  });

  it('bakes an open shell empty when its filling stays cold, and before its filling when not', () => {
    const cold = plan({
      ...form('open_shell'),
      filling: { ...starterSpec.filling, preparation: { kind: 'glaze' } },
    });
    expect(cold.work.body.filling).toBeNull();
    expect(cold.work.blind).toBeNull();
    const warm = plan(form('open_shell'));
    expect(warm.work.body.baseBaked).toBe(true);
    expect(warm.work.blind?.filling).toBeNull();
  });

  it('is in metres and kilograms', () => {
    const { work } = plan();
    expect(work.body.topRadiusM).toBeCloseTo(0.1145, 6);
    expect(work.body.baseCrustM).toBeCloseTo(0.0032, 6);
    expect(work.body.edgeM).toBeLessThan(0.06);
  });

  it('softens as the slowest fruit does, once there is enough of it', () => {
    const mix = (appleShare: number): number =>
      plan({
        filling: {
          ...starterSpec.filling,
          fruits: [
            { fruit: 'raspberry', share: 1, state: 'fresh', ripeness: 0, cut: 'usual', peeled: true },
            {
              fruit: 'apple_firm_tart',
              share: appleShare,
              state: 'fresh',
              ripeness: 0,
              cut: 'usual',
              peeled: true,
            },
          ],
        },
      }).work.body.softening;
    expect(mix(0.02)).toBe(4);
    expect(mix(1)).toBe(1);
  });

  it('has most of its softening behind it when it was stewed', () => {
    const stew = plan({ filling: { ...starterSpec.filling, preparation: { kind: 'stew', minutes: 10 } } });
    // Damsons simmered for ten minutes are soft (common practice, no source).
    expect(stew.work.body.filling!.softened).toBeGreaterThan(0.9);
    expect(plan().work.body.filling!.softened).toBe(0);
  });

  it('browns sooner with a richer wash and sugar; a crumb does not care for the wash', () => {
    const browning = (
      wash: string,
      coarseSugar: boolean,
      kind: PieSpec['form']['kind'] = 'double_crust',
    ): number =>
      plan({ ...form(kind), pastry: { ...starterSpec.pastry, wash, coarseSugar } }).work.body.browning;
    expect(browning('yolk_cream', false)).toBeGreaterThan(browning('milk', false));
    expect(browning('milk', true)).toBeCloseTo(1.15 * browning('milk', false), 8);
    expect(browning('none', false, 'crumb_top')).toBe(browning('yolk_cream', true, 'crumb_top'));
  });

  it('waits for the starch that swells last', () => {
    const thickeners = [
      { thickener: 'potato_starch', share: 1 },
      { thickener: 'rice_flour', share: 1 },
    ];
    expect(plan({ filling: { ...starterSpec.filling, thickeners } }).work.body.starchSwellsC).toBe(72);
  });
});

describe('the top as the oven meets it', () => {
  it('is closed under a lid with vents, and holds the steam without them', () => {
    expect(plan().work.body.top).toMatchObject({ cover: 1, vented: 0.7 });
    expect(plan(form('double_crust', { vents: 0 })).work.body.top!.vented).toBe(0);
  });

  it('lets out as much as a lattice is open, through pastry that lies double where strips cross', () => {
    const { work, build } = plan(form('lattice', { lattice: { strips: 6, widthCm: 2, angleDeg: 90 } }));
    expect(work.body.top!.vented).toBeCloseTo(build.top.openShare, 8);
    expect(work.body.top!.cover).toBeCloseTo(1 - build.top.openShare, 8);
    expect(work.body.top!.thicknessM).toBeGreaterThan(0.0032);
    expect(work.body.top!.thicknessM).toBeLessThan(0.0064);
  });

  it('is loose and deep under a crumb, and starts lower', () => {
    const { work, build } = plan(form('crumb_top'));
    expect(work.body.top!.densityKgM3).toBeLessThan(700);
    expect(work.body.top!.startsLowerC).toBeGreaterThan(10);
    if (build.top.kind === 'crumb') {
      expect(work.body.top!.thicknessM * work.body.top!.densityKgM3).toBeCloseTo(
        (build.top.crumb.massG / 1000 / build.dish.topAreaCm2) * 1e4,
        0,
      );
    }
  });
});

describe('what surrounds the filling in the ledger', () => {
  it('lets more out the more open the top is (common practice, no source)', () => {
    const context = (kind: PieSpec['form']['kind']): PlanContext =>
      planContext({ ...starterSpec, ...form(kind) });
    const lid = surroundings(context('double_crust'));
    const lattice = surroundings(context('lattice'));
    const crumb = surroundings(context('crumb_top'));
    expect(lattice.topFactor).toBeGreaterThan(2 * lid.topFactor);
    expect(crumb.topFactor).toBeGreaterThan(lattice.topFactor);
    expect(crumb.crumbAreaCm2).toBeGreaterThan(380);
    expect(crumb.crumbSugarG).toBeGreaterThan(0);
    expect(lid.crumbAreaCm2).toBe(0);
  });

  it('leaves less juice to hold under an open top', () => {
    const juice = (kind: PieSpec['form']['kind']): number => plan(form(kind)).filling.ledger.juiceG;
    const out = (kind: PieSpec['form']['kind']): number => plan(form(kind)).filling.ledger.evaporatedG;
    expect(out('lattice')).toBeGreaterThan(2 * out('double_crust'));
    expect(juice('lattice')).toBeLessThan(juice('double_crust'));
    expect(juice('crumb_top')).toBeLessThan(juice('double_crust'));
  });

  it('counts a tenth of the sugar in the crumb', () => {
    const sugar = (kind: PieSpec['form']['kind']): number => plan(form(kind)).filling.sugar.massG;
    const { crumbSugarG } = surroundings(planContext({ ...starterSpec, ...form('crumb_top') }));
    const lidMass = plan().filling.batch.massG;
    const crumbMass = plan(form('crumb_top')).filling.batch.massG;
    expect(sugar('double_crust') / lidMass - sugar('crumb_top') / crumbMass).toBeCloseTo(
      (0.1 * crumbSugarG) / crumbMass,
      3,
    );
  });
});

describe('the dough of a top', () => {
  it('is weighed with the base', () => {
    for (const kind of formKinds) {
      const { build, figures } = plan(form(kind));
      const top = figures['pastry.top_mass']?.value ?? Number.NaN;
      expect(build.dough.massG).toBeCloseTo((build.base?.massG ?? 0) + top, 6);
    }
    expect(plan(form('crumb_top')).figures['pastry.top_mass']?.value).toBe(0);
  });

  it('refuses strips wider than the pie, an odd angle, an unknown crumb', () => {
    const fields = (change: Partial<PieSpec>): string[] => {
      const planned = draftPlan({ ...starterSpec, ...change });
      return planned.ok ? [] : planned.problems.map(({ field }) => field);
    };
    expect(fields(form('lattice', { lattice: { strips: 15, widthCm: 3, angleDeg: 90 } }))).toEqual([
      'form.lattice.widthCm',
    ]);
    expect(fields(form('lattice', { lattice: { strips: 5, widthCm: 2, angleDeg: 33 } }))).toEqual([
      'form.lattice.angleDeg',
    ]);
    expect(fields(form('crumb_top', { crumb: { school: 'gravel', cover: 1 } }))).toEqual([
      'form.crumb.school',
    ]);
    // A lattice that is kept while another form is chosen does not stand in the way.
    expect(fields(form('double_crust', { lattice: { strips: 15, widthCm: 3, angleDeg: 90 } }))).toEqual([]);
  });

  it('is baked at one heat where practice does, or where it was cooked before', () => {
    expect(plan().work.body.usual.oneHeat).toBe(false);
    expect(plan(form('crisp')).work.body.usual.oneHeat).toBe(true);
    const cooked = { ...starterSpec.filling, preparation: { kind: 'stew' as const } };
    expect(plan({ filling: cooked }).work.body.usual.oneHeat).toBe(true);
  });

  it('has a syrup as sweet as its ledger says, and none sweeter than candy', () => {
    const { work, filling } = plan();
    expect(work.body.filling!.syrupShare).toBeCloseTo(filling.ledger.syrupBrix / 100, 8);
    expect(work.body.filling!.syrupShare).toBeLessThan(0.6);
    const candied = plan({
      filling: { ...starterSpec.filling, sugar: { ...starterSpec.filling.sugar, massG: 4000 } },
    });
    expect(candied.work.body.filling!.syrupShare).toBe(0.75);
  });
});
