import { builtInLarder } from '../../larder/index.js';
import { draftPlan } from '../../plan/index.js';
import { starterSpec } from '../../schema/index.js';
import type { Figure } from '../../units/index.js';

const planned = (kind: 'raw' | 'weep') => {
  const plan = draftPlan(
    { ...starterSpec, filling: { ...starterSpec.filling, preparation: { kind } } },
    builtInLarder,
  );
  if (!plan.ok) throw new Error('the pie is not planned');
  return plan.plan.figures;
};
const half = (figure: Figure | undefined): number =>
  figure ? (figure.high - figure.low) / (2 * figure.value) : NaN;

describe('where the pan is stopped', () => {
  it('is told for what is drained alone', () => {
    expect(planned('raw')['preparation.stop_mass']).toBeUndefined();
    expect(planned('weep')['preparation.stop_mass']?.value).toBeGreaterThan(0);
  });

  it('is less uncertain than what drains, and weight and volume alike', () => {
    const figures = planned('weep');
    const drained = half(figures['preparation.drained']);
    expect(half(figures['preparation.stop_mass']) / drained).toBeCloseTo(0.4 / 0.7, 6);
    expect(half(figures['preparation.stop_volume'])).toBeCloseTo(half(figures['preparation.stop_mass']), 6);
    expect(drained).toBeGreaterThan(0.05);
    expect(drained).toBeLessThan(0.5);
  });

  it('leaves a syrup hotter than water boils, and thicker than it drained', () => {
    const figures = planned('weep');
    const { value: stopC = NaN, low, high } = figures['preparation.stop_temp'] ?? {};
    expect(stopC).toBeGreaterThan(100);
    expect(high).toBeCloseTo(stopC + 0.5, 6);
    expect(low).toBeCloseTo(stopC - 0.5, 6);
    expect(figures['preparation.stop_mass']!.value).toBeLessThan(figures['preparation.drained']!.value);
    // Syrup is denser than water: fewer mL than g.
    expect(figures['preparation.stop_volume']!.value).toBeLessThan(figures['preparation.stop_mass']!.value);
  });
});
