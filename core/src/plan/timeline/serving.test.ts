import fc from 'fast-check';
import { formOf } from '../../forms/index.js';
import type { EatenHow } from '../../schema/index.js';
import { eatenHow, formKinds, setNames, starterSpec } from '../../schema/index.js';
import { once } from '../../test/once.js';
import { changeForm } from '../change-form.js';
import { servingRule, servingRules } from './serving.js';
import type { PiePlan } from '../plan.js';
import { planPie } from '../plan.js';

const anyCooling = fc
  .record({
    warmMin: fc.double({ min: 5, max: 200, noNaN: true }),
    moreMin: fc.double({ min: 5, max: 200, noNaN: true }),
  })
  .map(({ warmMin, moreMin }) => ({ warmMin, sliceMin: warmMin + moreMin }));

describe.each(eatenHow)('eaten %s', (how: EatenHow) => {
  const rule = servingRules[how];

  it('wants a set that there is, and has words for waiting and for what comes', () => {
    expect(setNames).toContain(rule.set);
    expect(rule.label).toBe(rule.label.toLowerCase());
    expect(rule.waits).toMatch(/^[A-Z]/);
    expect(rule.then).toMatch(/^[A-Z]/);
    expect(rule.fridgeMin).toBeGreaterThanOrEqual(0);
  });

  it('is ready after some minutes, and never later than sliced cold', () => {
    fc.assert(
      fc.property(anyCooling, (cooling) => {
        const readyMin = rule.ready(cooling, null);
        expect(readyMin).not.toBeNull();
        expect(readyMin!).toBeGreaterThan(0);
        if (how !== 'turned_out' && how !== 'in_hand' && how !== 'spoon') {
          expect(readyMin!).toBeLessThanOrEqual(cooling.sliceMin);
        }
      }),
    );
  });

  it('a pie that cools no sooner is ready no sooner', () => {
    fc.assert(
      fc.property(anyCooling, fc.double({ min: 0, max: 60, noNaN: true }), (cooling, laterMin) => {
        const later = { warmMin: cooling.warmMin + laterMin, sliceMin: cooling.sliceMin + laterMin };
        expect(rule.ready(later, null) ?? 0).toBeGreaterThanOrEqual(rule.ready(cooling, null) ?? 0);
      }),
    );
  });
});

describe('how a pie is eaten', () => {
  it.each(formKinds)('%s: as its form mostly is, unless it is said', (kind) => {
    const form = formOf(kind);
    const spec = { ...starterSpec, form: { ...starterSpec.form, kind } };
    expect(servingRule({ spec, form })).toBe(servingRules[form.eaten]);
    const said = { ...spec, filling: { ...spec.filling, eaten: 'chilled' as const } };
    expect(servingRule({ spec: said, form })).toBe(servingRules.chilled);
  });

  it('with a spoon is a matter of a quarter to three quarters of an hour', () => {
    expect(servingRules.spoon.ready({ warmMin: 2, sliceMin: 40 }, null)).toBe(15);
    expect(servingRules.spoon.ready({ warmMin: 130, sliceMin: 220 }, null)).toBe(40);
    expect(servingRules.spoon.ready({ warmMin: null, sliceMin: null }, null)).toBe(40);
  });

  it('turned out waits for the form’s minutes', () => {
    expect(servingRules.turned_out.ready({ warmMin: 60, sliceMin: 90 }, 10)).toBe(20);
  });

  it('says so when it never cools enough', () => {
    expect(servingRules.sliced_cold.ready({ warmMin: 300, sliceMin: null }, null)).toBeNull();
    expect(servingRules.in_hand.ready({ warmMin: null, sliceMin: null }, null)).toBeNull();
  });
});

describe('a shell that is baked empty', () => {
  const planOf = (kind: 'glaze' | 'raw'): PiePlan => {
    const { spec } = changeForm(starterSpec, 'open_shell');
    const planned = planPie({ ...spec, filling: { ...spec.filling, preparation: { kind } } });
    if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
    return planned.plan;
  };
  const glazed = once(() => planOf('glaze'));
  const bakedTwice = once(() => planOf('raw'));

  it('and filled cold is eaten when its clock ends, not when the shell is cold', () => {
    const at = (id: string): number => glazed().clock.find((step) => step.id === id)?.startMin ?? NaN;
    const setBy = glazed().clock.find(({ id }) => id === 'set_cold')?.endMin ?? NaN;
    const readyMin = glazed().figures['cool.ready']?.value ?? 0;
    expect(readyMin).toBeGreaterThan(150);
    expect(readyMin).toBeLessThanOrEqual(setBy - at('cool_shell'));
  });

  it('has no minute for what was so when it went in', () => {
    expect(glazed().figures).not.toHaveProperty(['bake.tender']);
    expect(bakedTwice().bake?.events.goldenMin).toBe(0);
    expect(bakedTwice().figures).not.toHaveProperty(['bake.golden']);
    for (const plan of [glazed(), bakedTwice()])
      for (const [id, { unit, value }] of Object.entries(plan.figures))
        if (id.startsWith('bake.') && unit === 'min') expect([id, value > 0]).toEqual([id, true]);
  });
});
