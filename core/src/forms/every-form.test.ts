import { builtInDishes } from '../larder/dishes.js';
import { builtInLarder, cautions } from '../larder/index.js';
import { draftPlan } from '../plan/index.js';
import { changeForm } from '../plan/change-form.js';
import type { DishSpec, FormKind, PieSpec } from '../schema/index.js';
import { eatenHow, formKinds, starterSpec } from '../schema/index.js';
import { stations } from './advice.js';
import { formOf, vesselOf } from './index.js';
import { once } from '../test/once.js';

const taken = (kind: FormKind): PieSpec => changeForm(starterSpec, kind).spec;

/** What must hold of any form, the next one too. */
describe.each(formKinds)('%s', (kind) => {
  const form = formOf(kind);
  const spec = once(() => taken(kind));

  it('knows its own name and is said in words', () => {
    expect(form.kind).toBe(kind);
    expect(form.label).not.toBe('');
    expect(form.label).toBe(form.label.toLowerCase());
    expect(form.topWork.length).toBeGreaterThan(3);
  });

  it('takes a dish that suits it, and its ready one does', () => {
    const ready = builtInDishes.get(form.readyDish);
    expect(ready).toBeDefined();
    expect(form.suits(ready as DishSpec, spec().form)).toBe(true);
    expect(form.suits(spec().dish, spec().form)).toBe(true);
  });

  it('is planned as it is taken up, without a word of blame', () => {
    const planned = draftPlan(spec());
    expect(planned.ok).toBe(true);
    expect(form.check(spec())).toEqual([]);
  });

  it('takes hands for as long as a hand has', () => {
    expect(form.topMin).toBeGreaterThanOrEqual(0);
    expect(form.topMin).toBeLessThanOrEqual(60);
    expect(form.toppingMin(spec().form)).toBeGreaterThanOrEqual(0);
    expect(form.toppingMin(spec().form)).toBeLessThanOrEqual(30);
  });

  it('bakes at heats that practice sets, and bubbles for minutes', () => {
    expect(form.singleC).toBeGreaterThanOrEqual(170);
    expect(form.singleC).toBeLessThanOrEqual(215);
    expect(form.bubblingMin).toBeGreaterThanOrEqual(0);
    expect(form.bubblingMin).toBeLessThanOrEqual(60);
  });

  it('holds fruit by its room, and more of it in a larger dish', () => {
    const small = vesselOf(spec().form, spec().dish);
    const large = vesselOf(spec().form, { ...spec().dish, depthCm: spec().dish.depthCm * 1.5 });
    expect(small.measures.netMl).toBeGreaterThan(50);
    expect(large.measures.netMl).toBeGreaterThanOrEqual(small.measures.netMl);
    expect(small.count).toBeGreaterThanOrEqual(1);
    expect(small.rule).not.toBe('');
  });

  it('stands higher with more in it', () => {
    const vessel = vesselOf(spec().form, spec().dish);
    const { netMl } = vessel.measures;
    const low = form.heights(vessel, netMl * 0.6);
    const high = form.heights(vessel, netMl * 1.2);
    expect(high.edgeCm + high.moundCm).toBeGreaterThan(low.edgeCm + low.moundCm);
  });

  it('says its cautions at stations that there are, and only those that there are', () => {
    for (const [station, ...ids] of form.care) {
      expect(stations).toContain(station);
      for (const id of ids) expect(cautions[id].text).not.toBe('');
    }
  });

  it('is eaten in a way that there are words for', () => {
    expect(eatenHow).toContain(form.eaten);
  });

  it('lets out some steam and not more than there is', () => {
    const planned = draftPlan(spec());
    if (!planned.ok) throw new Error('it cannot be planned');
    const { top } = planned.plan.build;
    const share = form.top.evaporates(top);
    expect(share).toBeGreaterThan(0);
    expect(share).toBeLessThanOrEqual(1);
    expect(form.top.doughG(top)).toBeGreaterThanOrEqual(form.top.liesG(top, spec().pastry) - 1e-6);
  });

  it('browns by a factor near that of bare pastry', () => {
    const planned = draftPlan(spec());
    if (!planned.ok) throw new Error('it cannot be planned');
    const { build } = planned.plan;
    const beside = {
      form: spec().form,
      dish: build.vessel.dish,
      pastry: spec().pastry,
      larder: builtInLarder,
    };
    const factor = form.top.browning(build.top, beside);
    expect(factor).toBeGreaterThan(0.4);
    expect(factor).toBeLessThan(2.5);
  });

  it('names what is in its top to eaters', () => {
    for (const allergen of form.top.contains(spec().form, builtInLarder)) {
      expect(['wheat', 'milk', 'egg', 'nuts', 'oats']).toContain(allergen);
    }
  });
});

describe('from any form to any other', () => {
  const pairs = formKinds.flatMap((from) => formKinds.map((to) => [from, to] as const));

  it.each(pairs)('%s to %s is planned, and says what it changed', (from, to) => {
    const { spec, changes } = changeForm(taken(from), to);
    expect(spec.form.kind).toBe(to);
    expect(draftPlan(spec).ok).toBe(true);
    for (const change of changes) expect(change).toMatch(/^[A-Z].*\.$/);
    if (from === to) expect(spec.dish).toEqual(taken(from).dish);
  });
});
