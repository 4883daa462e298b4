import type { FormKind, OvenKind, PieSpec, PreparationKind } from '../schema/index.js';
import { formKinds, ovenKinds, starterSpec } from '../schema/index.js';
import { changeForm } from './change-form.js';
import type { PiePlan } from './plan.js';
import { once } from '../test/once.js';
import { planPie } from './plan.js';

function planned(kind: FormKind, preparation: PreparationKind, oven: OvenKind): PiePlan {
  const { spec } = changeForm(starterSpec, kind);
  const pie: PieSpec = {
    ...spec,
    filling: { ...spec.filling, preparation: { kind: preparation } },
    bake: { ...spec.bake, oven: { ...spec.bake.oven, kind: oven } },
  };
  const result = planPie(pie);
  if (!result.ok) throw new Error(result.problems.map(({ message }) => message).join(' '));
  return result.plan;
}

/** What Mardle would say of a schedule that it would not follow itself. */
const alarms = ['not_done', 'not_coloured', 'too_short', 'too_pale', 'too_dark'];

const ways = formKinds.flatMap((kind) =>
  (['raw', 'saute'] as const).flatMap((preparation) =>
    ovenKinds.map((oven) => [kind, preparation, oven] as const),
  ),
);

/** A schedule that a baker would follow: heats of 165 to 220 C, a hot first stage of 10 to 30 minutes, a second of ten at least; common practice, no source. */
describe.each(ways)('%s of %s fruit in a %s oven, stages left to Mardle', (kind, preparation, oven) => {
  const plan = once(() => planned(kind, preparation, oven));

  it('gives no cause for alarm', () => {
    expect(plan().advice.filter(({ id }) => alarms.includes(id))).toEqual([]);
  });

  it('has heats that bakers set, and stages worth turning the knob for', () => {
    const { bake } = plan();
    const [first, second] = bake?.stages ?? [];
    if (!bake || !first || !second) throw new Error('there is no bake');
    for (const { tempC } of [first, second]) {
      expect(tempC).toBeGreaterThanOrEqual(165);
      expect(tempC).toBeLessThanOrEqual(220);
    }
    expect(first.tempC).toBeGreaterThanOrEqual(second.tempC);
    if (first.tempC !== second.tempC) {
      expect(first.timeMin).toBeGreaterThanOrEqual(10);
      expect(first.timeMin).toBeLessThanOrEqual(30);
      expect(second.timeMin).toBeGreaterThanOrEqual(10);
    }
    // In fives, but for a minute where the top would miss the colour that its form asks for.
    if (bake.outMin % 5 !== 0) expect(bake.outMin).toBe(Math.ceil(bake.doneMin ?? NaN));
    expect(bake.outMin).toBeLessThanOrEqual(75);
  });
});
