import { ledgerSides } from '../filling/index.js';
import { formOf } from '../forms/index.js';
import { builtInDoughs } from '../larder/index.js';
import type { FormKind, PieSpec } from '../schema/index.js';
import { formKinds, starterSpec } from '../schema/index.js';
import { changeForm } from './change-form.js';
import type { PiePlan } from './plan.js';
import { once } from '../test/once.js';
import { draftPlan, planPie } from './plan.js';

const specOf = (kind: FormKind): PieSpec => changeForm(starterSpec, kind).spec;

function draftOf(spec: PieSpec): PiePlan {
  const planned = draftPlan(spec);
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
}

const whole = new Map<FormKind, PiePlan>();
/** Planned with its bake, once for each form. */
function bakedOf(kind: FormKind): PiePlan {
  const known = whole.get(kind);
  if (known) return known;
  const planned = planPie(specOf(kind));
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  whole.set(kind, planned.plan);
  return planned.plan;
}

describe.each(formKinds)('%s', (kind) => {
  const draft = once(() => draftOf(specOf(kind)));

  it('weighs as much dough as its sheets and pieces take, and says what is left of it', () => {
    const { build, figures } = draft();
    const dough = builtInDoughs.get(draft().spec.pastry.dough)!;
    const { massG, flourG, butterG, waterLowG, waterHighG, saltG, sugarG, otherG } = build.dough;
    const parts = flourG + butterG + (waterLowG + waterHighG) / 2 + saltG + sugarG + otherG;
    expect(parts).toBeCloseTo(massG, 6);
    if (massG === 0) return;
    expect(butterG / flourG).toBeCloseTo(dough.butter / 100, 6);
    const base = figures['pastry.base_mass']?.value ?? 0;
    expect(base + figures['pastry.top_mass']!.value).toBeCloseTo(massG, 6);
    expect(build.scrapsG).toBeGreaterThanOrEqual(0);
    expect(build.scrapsG).toBeLessThan(0.4 * massG);
  });

  it('has each thing to weigh once, with a name and an amount', () => {
    const lines = draft().slip.flatMap((group) => group.lines);
    expect(new Set(lines.map(({ id }) => id)).size).toBe(lines.length);
    for (const { label, massG, bought } of lines) {
      expect(label).not.toBe('');
      expect(massG > 0 || bought === true).toBe(true);
    }
  });

  /** Pastry on top takes the starter's egg wash; what ends up below takes none. */
  const isWashed = (): boolean => formOf(kind).washed && kind !== 'upside_down';

  it('tells its allergens, wheat among them', () => {
    expect(draft().allergens).toContain('wheat');
    if (isWashed()) expect(draft().allergens).toContain('egg');
  });

  it('takes a wash only where pastry shows', () => {
    const lines = draft().slip.flatMap((group) => group.lines);
    expect(lines.some(({ id }) => id === 'wash')).toBe(isWashed());
  });

  it('is baked until it is home, and what evaporates stands in its ledger', () => {
    const { bake, filling, figures } = bakedOf(kind);
    expect(bake!.found).toBe(true);
    expect(bake!.doneMin).not.toBeNull();
    expect(bake!.doneMin!).toBeLessThanOrEqual(bake!.outMin + 1);
    const { inG, outG } = ledgerSides(filling.ledger);
    expect(Math.abs(inG - outG)).toBeLessThan(0.1);
    expect(figures['bake.evaporated']!.value).toBeGreaterThanOrEqual(0);
    const single = bake!.stages[0].tempC === bake!.stages[1].tempC;
    expect(figures['bake.stage2.temp'] === undefined).toBe(single);
  });

  it('has a clock that runs forward, ends with a slice, and puts the pie in a hot oven', () => {
    const { clock } = bakedOf(kind);
    for (const step of clock) expect(step.endMin).toBeGreaterThanOrEqual(step.startMin);
    const starts = clock.map(({ startMin }) => startMin);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
    expect(Math.min(...starts)).toBe(0);
  });

  it('says cautions of its own where the work is', () => {
    const ids = draft().advice.map(({ id }) => id);
    const own: Partial<Record<FormKind, string>> = {
      double_crust: 'steam',
      open_shell: 'hot_weights',
      upside_down: 'hot_caramel',
      hand_pie: 'steam',
    };
    const wanted = own[kind];
    if (wanted) expect(ids).toContain(wanted);
    expect(ids).toEqual(expect.arrayContaining(['knife', 'hot_dish', 'selling']));
  });

  it('grows with its room: half as much again in a dish half as large again', () => {
    if (formOf(kind).filled !== 'dish') return;
    const spec = specOf(kind);
    const large = { ...spec.dish, topCm: spec.dish.topCm * 1.2, baseCm: spec.dish.baseCm * 1.2 };
    const more = draftOf({ ...spec, dish: large });
    const times = more.build.dish.netMl / draft().build.dish.netMl;
    expect(more.filling.batch.massG / draft().filling.batch.massG).toBeCloseTo(times, 0);
    expect(more.filling.sugar.massG).toBeGreaterThan(draft().filling.sugar.massG);
  });
});
