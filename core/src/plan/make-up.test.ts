import { makeUpWith } from '../filling/index.js';
import { formOf } from '../forms/index.js';
import { builtInLarder } from '../larder/index.js';
import type { FormKind, PieSpec } from '../schema/index.js';
import { formKinds, starterSpec } from '../schema/index.js';
import { changeForm } from './change-form.js';
import type { PiePlan } from './plan.js';
import { once } from '../test/once.js';
import { planContext, planPie } from './plan.js';
import { surroundings } from './surroundings.js';

const planned = (spec: PieSpec): PiePlan => {
  const result = planPie(spec);
  if (!result.ok) throw new Error(result.problems.map(({ message }) => message).join(' '));
  return result.plan;
};

/** "I have only this": half of the dose in flour, the rest made up with starch, as the bench does it. */
function madeUp(kind: FormKind): { readonly whole: PiePlan; readonly made: PiePlan } {
  const spec = changeForm(starterSpec, kind).spec;
  const flour = {
    ...spec,
    filling: { ...spec.filling, thickeners: [{ thickener: 'plain_flour', share: 1 }] },
  };
  const whole = planned(flour);
  const massG = whole.filling.dose.massG / 2;
  const parts = makeUpWith(
    whole.filling,
    { thickener: 'plain_flour', massG },
    'corn_starch',
    flour.filling,
    surroundings(planContext(flour), whole.filling.ledger.evaporatedG),
    builtInLarder,
  );
  const thickenerMassG = parts.reduce((sum, { share }) => sum + share, 0);
  return {
    whole,
    made: planned({ ...flour, filling: { ...flour.filling, thickeners: parts, thickenerMassG } }),
  };
}

/** Batter and caramel hold by themselves. */
const thickened = formKinds.filter((kind) => formOf(kind).thickened);

describe.each(thickened)('a %s with too little flour', (kind) => {
  const pies = once(() => madeUp(kind));

  it('is made up to the set that was wanted, baked as it is', () => {
    const { whole, made } = pies();
    expect(whole.filling.dose.massG).toBeGreaterThan(2);
    expect(made.filling.reached / whole.filling.target).toBeGreaterThan(0.93);
    expect(made.filling.reached / whole.filling.target).toBeLessThan(1.07);
    expect(made.filling.thickenerG).toBeLessThan(whole.filling.thickenerG);
  });
});
