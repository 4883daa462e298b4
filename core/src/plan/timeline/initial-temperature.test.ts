import { enthalpyJ, freezingC } from '../../bake/index.js';
import type { FruitPart, PieSpec } from '../../schema/index.js';
import { starterSpec } from '../../schema/index.js';
import { once } from '../../test/once.js';
import { coldC } from './initial-temperature.js';
import type { PiePlan } from '../plan.js';
import { draftPlan, planPie } from '../plan.js';

const part = (fruit: string, state: FruitPart['state'], share = 1): FruitPart => ({
  fruit,
  share,
  state,
  ripeness: 0,
  cut: 'usual',
  peeled: true,
});
const specOf = (
  fruits: readonly FruitPart[],
  startC = 18,
  more: Partial<PieSpec['filling']> = {},
): PieSpec => ({
  ...starterSpec,
  filling: { ...starterSpec.filling, ...more, fruits },
  bake: { ...starterSpec.bake, startC },
});
const drafted = (spec: PieSpec): PiePlan => {
  const planned = draftPlan(spec);
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
};
const startC = (spec: PieSpec): number => drafted(spec).work.body.startC;
const outMin = (spec: PieSpec): number => {
  const planned = planPie(spec);
  if (!planned.ok) throw new Error('it cannot be planned');
  return planned.plan.bake?.outMin ?? NaN;
};

describe('a filling goes in', () => {
  it('as it was told, when nothing in it is frozen', () => {
    expect(startC(specOf([part('blueberry', 'fresh')]))).toBe(18);
    expect(startC(specOf([part('blueberry', 'thawed_drained')]))).toBe(18);
    expect(drafted(specOf([part('blueberry', 'fresh')])).work.body.pastryC).toBeNull();
  });

  it('far below freezing, when all of its fruit comes from the freezer; its pastry does not', () => {
    const { body } = drafted(specOf([part('blueberry', 'frozen')])).work;
    expect(body.startC).toBeLessThan(-10);
    expect(body.startC).toBeGreaterThanOrEqual(coldC.freezer);
    expect(body.pastryC).toBe(18);
  });

  it('at its freezing point or a little below, with a quarter of it frozen: ice melts for the rest', () => {
    const mixed = startC(specOf([part('apple_firm_tart', 'fresh', 3), part('raspberry', 'frozen')]));
    expect(mixed).toBeLessThan(3);
    expect(mixed).toBeGreaterThan(-6);
  });

  it('with the heat of both: water and ice alone, reckoned by hand, come within a quarter of it', () => {
    const plan = drafted(specOf([part('apple_firm_tart', 'fresh', 3), part('apple_firm_tart', 'frozen')]));
    const { body } = plan.work;
    const filling = body.filling!;
    const waterKg = filling.massKg * filling.composition.water;
    // Cooling what was at 18 C and freezing nothing of it can't take more than the frozen quarter can give.
    const warmJ = enthalpyJ(18, 0, waterKg * 0.75, 0);
    const iceJ = enthalpyJ(coldC.freezer, 0, waterKg * 0.25, -1);
    const nowJ = enthalpyJ(body.startC, 0, waterKg, freezingC(filling.molality));
    expect(nowJ).toBeGreaterThan(iceJ);
    expect(nowJ).toBeLessThan(warmJ);
    expect(Math.abs(nowJ - warmJ - iceJ) / Math.abs(iceJ)).toBeLessThan(0.25);
  });

  it('and says so: the figure, its sum, and what to do', () => {
    const planned = planPie(specOf([part('blueberry', 'frozen')]));
    if (!planned.ok) throw new Error('it cannot be planned');
    const { figures, advice, work } = planned.plan;
    expect(figures['bake.start']?.value).toBe(work.body.startC);
    expect(figures['bake.start']?.why.rule).toMatch(/frozen/);
    expect(advice.map(({ id }) => id)).toContain('goes_in_frozen');
  });

  it.each(['weep', 'stew', 'saute'] as const)('thawed, when its fruit is to %s first', (kind) => {
    expect(startC(specOf([part('blueberry', 'frozen')], 18, { preparation: { kind } }))).toBe(18);
  });

  it('no warmer than told: a pie that is frozen through stays so', () => {
    expect(startC(specOf([part('blueberry', 'frozen')], -25))).toBe(-25);
  });

  /** From frozen a pie takes 15 to 30 minutes more (common practice, no source). */
  it('so that frozen berries bake a quarter to half an hour longer than fresh ones', () => {
    const longer = once(
      () => outMin(specOf([part('blueberry', 'frozen')])) - outMin(specOf([part('blueberry', 'fresh')])),
    );
    expect(longer()).toBeGreaterThanOrEqual(10);
    expect(longer()).toBeLessThanOrEqual(30);
  });
});
