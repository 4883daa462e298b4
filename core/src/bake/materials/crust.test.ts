import { constant } from './constants.js';
import { crustActivity, crustAt, crustSlope, crustTable } from './crust.js';

describe('crust and its water', () => {
  it('turns Oswin’s isotherm round exactly', () => {
    for (const activity of [0.1, 0.3, 0.5, 0.8, 0.95]) {
      const moisture = constant('oswinA') * (activity / (1 - activity)) ** constant('oswinB');
      expect(crustActivity(moisture)).toBeCloseTo(activity, 10);
    }
  });

  it('is wet when raw and dry when crisp', () => {
    expect(crustActivity(0.33)).toBeGreaterThan(0.93);
    expect(crustActivity(0.02)).toBeLessThan(0.1);
    expect(crustActivity(0)).toBeGreaterThan(0);
  });

  it('boils later the drier it is, from near 100 C upward', () => {
    const table = crustTable(101325);
    const at = (moisture: number): number => crustAt(table.boilingC, moisture);
    expect(at(0.4)).toBeGreaterThan(99.9);
    expect(at(0.4)).toBeLessThan(103);
    expect(at(0.05)).toBeGreaterThan(110);
    for (let moisture = 0.01; moisture < 0.6; moisture += 0.01) {
      expect(at(moisture)).toBeGreaterThanOrEqual(at(moisture + 0.01));
    }
  });

  it('boils lower up a mountain', () => {
    const sea = crustTable(101325);
    const high = crustTable(83000);
    expect(high.boilingC[200]!).toBeLessThan(sea.boilingC[200]! - 4);
  });

  it('looks up the ends of its table for what lies beyond, and straight lines between', () => {
    const { activity } = crustTable(101325);
    expect(crustAt(activity, 5)).toBeCloseTo(crustActivity(0.8), 6);
    expect(crustAt(activity, 0)).toBe(crustActivity(0));
    for (const moisture of [0.031, 0.11, 0.29]) {
      expect(crustAt(activity, moisture)).toBeCloseTo(crustActivity(moisture), 3);
      const rise = (crustAt(activity, moisture + 1e-3) - crustAt(activity, moisture - 1e-3)) / 2e-3;
      expect(Math.abs(crustSlope(activity, moisture) / rise - 1)).toBeLessThan(0.1);
    }
  });
});
