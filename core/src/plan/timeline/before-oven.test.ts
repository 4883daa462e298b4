import { turnAt } from '../../bake/index.js';
import type { PieSpec } from '../../schema/index.js';
import { starterSpec, usualBuckle, usualCrumb } from '../../schema/index.js';
import { adviceText } from '../../forms/index.js';
import { bakeTimes } from '../bake-times.js';
import { changeForm } from '../change-form.js';
import type { PiePlan } from '../plan.js';
import { planPie } from '../plan.js';

function plan(change: Partial<PieSpec>): PiePlan {
  const planned = planPie({ ...starterSpec, ...change });
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
}
const bake = (change: Partial<PieSpec['bake']>): Partial<PieSpec> => ({
  bake: { ...starterSpec.bake, ...change },
});
const labels = ({ clock }: PiePlan): string[] => clock.map(({ label }) => label);
const lasts = ({ clock }: PiePlan, id: string): number | null => {
  const step = clock.find((one) => one.id === id);
  return step ? step.endMin - step.startMin : null;
};
const said = ({ advice }: PiePlan): string => advice.map((one) => adviceText(one, 'metric')).join(' ');
const glass = { dish: { ...starterSpec.dish, material: 'glass' as const } };

describe('how a pie comes to the oven', () => {
  it('straight in, a fridge and a freezer are what the clock says', () => {
    expect(lasts(plan(bake({ chill: undefined })), 'last_chill')).toBeNull();
    expect(lasts(plan({}), 'last_chill')).toBe(25);
    const frozen = plan(bake({ chill: { place: 'freezer', minutes: 30 } }));
    expect(labels(frozen)).toContain('Pie in the freezer');
    expect(lasts(frozen, 'last_chill')).toBe(30);
  });

  it('no plan puts glass from the cold into a hot oven', () => {
    for (const spec of [
      glass,
      { ...glass, ...bake({ startC: 20, chill: { place: 'freezer', minutes: 30 } }) },
    ]) {
      const spared = plan(spec);
      expect(lasts(spared, 'last_chill')).toBeNull();
      expect(labels(spared)).toContain('Base in the cold, out of its dish');
      expect(spared.work.body.startC).toBeGreaterThanOrEqual(12);
      expect(spared.work.body.chill).toBeNull();
      expect(spared.advice.filter(({ id }) => id === 'thermal_shock' || id === 'dish_spared')).toHaveLength(
        1,
      );
    }
    // What is cold from its filling stands on the bench first; what was frozen thaws for a night before that.
    expect(lasts(plan(glass), 'bench')).toBe(30);
    const thawed = plan({ ...glass, ...bake({ startC: -18 }) });
    expect(['last_chill', 'thaw_pie', 'bench'].map((id) => lasts(thawed, id))).toEqual([240, 720, 30]);
    expect(thawed.work.body.startC).toBeGreaterThanOrEqual(12);
    expect(thawed.advice.map(({ id }) => id)).not.toContain('thermal_shock');
    expect(said(thawed)).toMatch(/thaws for a night.*bake it from frozen/);
    expect(plan({}).advice.map(({ id }) => id)).not.toContain('dish_spared');
  });

  it('a form that goes straight in loses the wait, and finds it again', () => {
    const crisp = changeForm(starterSpec, 'crisp');
    expect(crisp.spec.bake.chill).toBeUndefined();
    expect(changeForm(crisp.spec, 'lattice').spec.bake.chill).toEqual(starterSpec.bake.chill);
  });

  it('a single heat is turned half way, two stages in the second', () => {
    const single = [
      { tempC: 190, timeMin: 45 },
      { tempC: 190, timeMin: 0 },
    ] as const;
    expect(turnAt(single)).toBe(23);
    const { bake: baked } = plan(bake({ stages: single }));
    expect(baked?.turnMin).toBe(23);
  });
});

describe('an empty shell', () => {
  const shell: Partial<PieSpec> = {
    form: { ...starterSpec.form, kind: 'open_shell' },
    filling: { ...starterSpec.filling, preparation: { kind: 'glaze' } },
    pastry: { ...starterSpec.pastry, wash: 'none' },
  };

  it('says weights in, and lift them out, in slip and clock', () => {
    for (const spec of [shell, { ...shell, filling: starterSpec.filling }]) {
      const open = plan(spec);
      expect(labels(open)).toContain('Empty shell in, paper and weights in it');
      expect(labels(open)).toContain('Lift paper and weights out');
      const into = open.clock.find(({ id }) => id === 'blind_stage1')?.startMin ?? 0;
      expect(open.clock.find(({ id }) => id === 'weights_out')?.startMin).toBe(into + 25);
      const lines = open.slip.flatMap((group) => group.lines);
      expect(lines.find(({ id }) => id === 'weights')?.note).toMatch(/lift them out after 25 minutes/);
    }
    const pricked = plan({
      ...shell,
      form: { kind: 'open_shell', vents: 0, ventLengthCm: 3, shell: { weightsMin: 0 } },
    });
    expect(labels(pricked)).not.toContain('Lift paper and weights out');
    expect(pricked.slip.flatMap((group) => group.lines).some(({ id }) => id === 'weights')).toBe(false);
  });

  it('is asked nothing of a filling that it has not', () => {
    const open = plan(shell);
    const times = bakeTimes(open, open.bake!.stages);
    expect(times.weightsMin).toBe(25);
    expect(times.sign?.kind).toBe('colour_pale');
    expect(times.taps).not.toContain('bubbling');
    expect(times.taps).not.toContain('tender');
  });
});

describe('each form has its own sign', () => {
  it.each([
    ['buckle', 'tender', /skewer/],
    ['cobbler', 'bubbling', /scones golden/],
    ['hand_pie', 'colour_golden', /golden/],
    ['double_crust', 'bubbling', /bubbles/],
  ] as const)('%s is looked at for %s', (kind, tap, words) => {
    const taken = plan(changeForm(starterSpec, kind).spec);
    const { sign } = bakeTimes(taken, taken.bake!.stages);
    expect(sign?.kind).toBe(tap);
    expect(sign?.label).toMatch(words);
  });
});

describe('what is told of a pie is so', () => {
  it('no wash is named that it has not, nor juice that nobody drained', () => {
    const bare = plan({ pastry: { ...starterSpec.pastry, wash: 'none', coarseSugar: false } });
    expect(labels(bare)).toContain('Lid, crimp, vents');
    expect(labels(plan({}))).toContain('Lid, crimp, vents, wash, sugar');
    const folded = changeForm(starterSpec, 'free_form').spec;
    expect(labels(plan(folded)).join()).not.toMatch(/juice/);
    const drained = { ...folded.filling, preparation: { kind: 'weep' as const } };
    expect(labels(plan({ ...folded, filling: drained })).join()).toMatch(/pour the juice in last/);
  });

  it('a heap that is lidded and baked is not left over', () => {
    const heaped = plan({ filling: { ...starterSpec.filling, fruitMassG: 1500 } });
    expect(said(heaped)).not.toMatch(/left over/);
    expect(said(heaped)).toMatch(/All of it is heaped and baked here/);
  });

  it('a bought disc is as wide as it was bought', () => {
    const bought = plan({
      pastry: { ...starterSpec.pastry, doughFrom: 'bought', boughtDiscCm: 30 },
    });
    expect(bought.figures['pastry.base_disc']?.value).toBe(30);
    expect(labels(bought)).toContain('Unroll the disc, line the dish');
    expect(bought.advice.some(({ id }) => id === 'disc_too_small')).toBe(true);
  });

  it('a pie that goes in frozen was in the freezer until it was, and all before may be done another day', () => {
    const frozen = plan(bake({ startC: -18 }));
    expect(labels(frozen)).toContain('Pie in the freezer until it is hard through');
    expect(lasts(frozen, 'last_chill')).toBe(240);
    const before = frozen.clock.filter(({ dayBefore }) => dayBefore).map(({ id }) => id);
    expect(before).toEqual(expect.arrayContaining(['prepare', 'fill', 'lid', 'last_chill']));
    expect(before).not.toContain('preheat');
  });

  it('a sheet of stoneware is not told to shatter under a pie that never was cold, nor chilled with it', () => {
    const { spec } = changeForm(starterSpec, 'free_form');
    const on = { ...spec, dish: { ...spec.dish, material: 'stoneware' } };
    const ids = (of: PieSpec): string[] => plan(of).advice.map(({ id }) => id);
    const straight = ids({ ...on, bake: { ...on.bake, chill: undefined } });
    expect(straight).not.toContain('thermal_shock');
    expect(straight).not.toContain('sheet_warm');
    const chilled = ids({ ...on, bake: { ...on.bake, chill: { place: 'freezer', minutes: 30 } } });
    expect(chilled).not.toContain('thermal_shock');
    expect(chilled).toContain('sheet_warm');
  });

  it('whatever was found, one heat is turned half way through what is baked', () => {
    for (const kind of ['free_form', 'hand_pie', 'upside_down'] as const) {
      const { spec } = changeForm(starterSpec, kind);
      const { bake: baked } = plan({ ...spec, bake: { ...spec.bake, startC: -18 } });
      const [first, second] = baked!.stages;
      if (first.tempC !== second.tempC) continue;
      expect(Math.abs(baked!.turnMin - baked!.outMin / 2)).toBeLessThanOrEqual(1);
    }
  });

  it('a thin crisp is no flat and sad slice', () => {
    const crisp = changeForm(starterSpec, 'crisp').spec;
    const thin = plan({ ...crisp, filling: { ...crisp.filling, fruitMassG: 250 } });
    expect(said(thin)).toMatch(/not be full/);
    expect(said(thin)).not.toMatch(/sad/);
  });

  it('a streusel given to a buckle is not dropped in silence', () => {
    const { spec } = changeForm(starterSpec, 'buckle');
    expect(plan(spec).advice.map(({ id }) => id)).not.toContain('no_streusel');
    const strewn = { ...spec, form: { ...spec.form, crumb: usualCrumb } };
    expect(plan(strewn).advice.map(({ id }) => id)).toContain('no_streusel');
  });

  it('a streusel that a buckle has is weighed, mixed, strewn and browns as a crumb', () => {
    const { spec } = changeForm(starterSpec, 'buckle');
    const plain = plan(spec);
    const strewn = plan({
      ...spec,
      form: { ...spec.form, buckle: { ...usualBuckle, streusel: { school: 'oat_nut', cover: 0.5 } } },
    });
    const lines = strewn.slip.flatMap(({ lines: each }) => each).filter(({ id }) => id.startsWith('crumb_'));
    const streuselG = lines.reduce((sum, { massG }) => sum + massG, 0);
    // Half of .72 g on each cm2 of the tin.
    expect(streuselG).toBeCloseTo(0.36 * (strewn.figures['dish.top_area']?.value ?? 0), 0);
    expect(lines.map(({ label }) => label)).toContain('Rolled oats');
    expect(strewn.allergens).toContain('nuts');
    expect(plain.allergens).not.toContain('nuts');
    expect(labels(strewn).join()).toMatch(/strew the streusel/);
    // Its oats and butter colour later than bare batter does.
    expect(strewn.bake?.events.goldenMin).not.toBe(plain.bake?.events.goldenMin);
    expect(strewn.advice.map(({ id }) => id)).not.toContain('no_streusel');
  });

  it('nobody is told that a pale pie has been done for long', () => {
    const pale = plan(
      bake({
        colour: 'deep_gold',
        stages: [
          { tempC: 150, timeMin: 30 },
          { tempC: 140, timeMin: 90 },
        ],
      }),
    );
    const { outMin, doneMin, events } = pale.bake!;
    // Its filling is done long before, its top only as it comes out.
    expect(doneMin).toBeLessThan(outMin - 20);
    expect(events.colouredMin ?? Infinity).toBeGreaterThan(outMin - 20);
    expect(pale.advice.map(({ id }) => id)).not.toContain('too_long');
  });

  it('starch that has set is not said to stay raw', () => {
    const sweet = plan({
      filling: { ...starterSpec.filling, sugar: { sugar: 'white', style: 0.16, massG: 900 } },
    });
    const raw = sweet.advice.some(({ id }) => id.startsWith('raw_starch'));
    expect(raw && sweet.bake?.events.setMin !== null).toBe(false);
  });

  it('a filling that goes in hot is not told to be cooled first', () => {
    const stewed = { ...starterSpec.filling, preparation: { kind: 'stew' as const } };
    const ids = (startC: number): string[] =>
      plan({ filling: stewed, ...bake({ startC, chill: undefined }) }).advice.map(({ id }) => id);
    expect(ids(85)).not.toContain('cooked_cold');
    expect(ids(6)).toContain('cooked_cold');
  });

  it('a weep test that no fruit gives is doubted, one that it gives is not', () => {
    const weeping = (drainedG: number): string[] =>
      plan({ filling: { ...starterSpec.filling, weepTest: { drainedG } } }).advice.map(({ id }) => id);
    expect(weeping(95)).toContain('weep_doubtful');
    expect(weeping(0)).toContain('weep_doubtful');
    expect(weeping(18)).not.toContain('weep_doubtful');
  });

  it('wash and coarse sugar go with the size of the top', () => {
    const dish = { ...starterSpec.dish, topCm: 46, baseCm: 44 };
    const line = (of: PiePlan, id: string) =>
      of.slip.flatMap(({ lines }) => lines).find((one) => one.id === id);
    const large = plan({ dish });
    expect(line(large, 'coarse_sugar')?.massG).toBeCloseTo(40, 6);
    expect(line(large, 'wash')?.usesG).toBeCloseTo(72, 6);
    // 72 g on the top are more than one egg with its milk.
    expect(line(large, 'wash')?.note).toMatch(/^2 times 1 egg/);
  });
});
