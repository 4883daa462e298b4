import { changeForm, formKinds, showText, starterSpec } from '@mardle/core';
import { bakedPlanOf } from '../../../test/bakes.js';
import { planOf } from '../../../test/kitchen.js';
import { stationResults } from './results.js';

const say = (value: number, unit: Parameters<typeof showText>[1]): string => showText(value, unit);

describe('each station’s result in a line', () => {
  it.each(formKinds)('%s: none is empty, none longer than a line bears', (kind) => {
    const { spec } = changeForm(starterSpec, kind);
    const results = stationResults(spec, planOf(spec), say);
    for (const line of Object.values(results)) {
      expect(line).not.toBe('');
      expect(line).not.toMatch(/undefined|NaN|null/);
      expect(line.length).toBeLessThan(60);
    }
  });

  it('says one heat once, and two with their minutes', () => {
    const plan = bakedPlanOf();
    const { oven } = stationResults(plan.spec, plan, say);
    expect(oven).toMatch(/^\d+.°C \d+ min, then \d+.°C \d+$/);
    const one = { ...plan.spec, bake: { ...plan.spec.bake, singleStage: true } };
    expect(stationResults(one, bakedPlanOf(one), say).oven).toMatch(/^\d+.°C \d+ min$/);
  });

  it('says that no thickener is wanted', () => {
    const { spec } = changeForm(starterSpec, 'upside_down');
    expect(stationResults(spec, planOf(spec), say).juice).toMatch(/sugar, no thickener$/);
  });

  it('says that something is to be corrected while nothing can be planned', () => {
    expect(stationResults(starterSpec, null, say).oven).toBe('something to correct');
  });
});
