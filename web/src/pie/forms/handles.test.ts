import { changeForm, formKinds, starterSpec } from '@mardle/core';
import { planOf } from '../../test/kitchen.js';
import { viewOf } from './index.js';
import { lumpSizeCm } from './shared/lump.js';

const layer = (kind: (typeof formKinds)[number]) => {
  const plan = planOf(changeForm(starterSpec, kind).spec);
  return { plan, layer: viewOf(kind).handles(plan) };
};

describe.each(formKinds)('the handles of a %s', (kind) => {
  it('lie within its picture, between their limits, and pull along a way of length 1', () => {
    const { layer: found } = layer(kind);
    if (!found) {
      // Nothing of its top is measured in cm.
      expect(['open_shell', 'cobbler', 'buckle', 'upside_down']).toContain(kind);
      return;
    }
    const [left = 0, top = 0, width = 0, height = 0] = found.box.split(' ').map(Number);
    for (const { at, along, valueCm, limit, perCm } of found.handles) {
      const [x, y] = found.turned ? [-at[1], at[0]] : at;
      expect(x).toBeGreaterThan(left);
      expect(x).toBeLessThan(left + width);
      expect(y).toBeGreaterThan(top);
      expect(y).toBeLessThan(top + height);
      expect(Math.hypot(...along)).toBeCloseTo(1, 9);
      expect(valueCm).toBeGreaterThanOrEqual(limit.least);
      expect(valueCm).toBeLessThanOrEqual(limit.most);
      expect(perCm).toBeGreaterThan(0);
    }
  });
});

it('the lump that is pulled is the lump that the dial shows', () => {
  const { plan, layer: found } = layer('crisp');
  expect(found?.handles[0]?.valueCm).toBe(lumpSizeCm(plan.spec.form));
});
