import { constant } from './constants.js';
import { arrhenius, browningRate, softeningRate, starchRate } from './kinetics.js';

describe('rates', () => {
  it('follow Arrhenius: the logarithm is a straight line over 1/T', () => {
    const rate = (tempC: number): number => arrhenius(0.01, 80, 100, tempC);
    const slope = (a: number, b: number): number =>
      (Math.log(rate(a)) - Math.log(rate(b))) / (1 / (a + 273.15) - 1 / (b + 273.15));
    expect(slope(60, 80)).toBeCloseTo(slope(80, 120), 6);
    expect(slope(60, 80)).toBeCloseTo(-80000 / 8.314, 6);
    expect(rate(100)).toBeCloseTo(0.01, 12);
  });

  it('swell starch in a minute and a half at the middle of its range, and hardly ten degrees below', () => {
    expect(1 / starchRate(70, 70, 0)).toBeCloseTo(1 / constant('starchRate'), 6);
    expect(starchRate(60, 70, 0) / starchRate(70, 70, 0)).toBeLessThan(0.15);
  });

  it('move the range of starch by sugar: 20 s + 30 s^2', () => {
    const share = 0.4;
    const rise = 20 * share + 30 * share ** 2;
    expect(starchRate(70 + rise, 70, share)).toBeCloseTo(starchRate(70, 70, 0), 10);
  });

  /** Softening roughly doubles for each ten degrees (cooking of vegetables, z near 30 C at Ea 80 kJ/mol; from memory). */
  it('soften fruit about 1.9 times as fast for ten degrees more', () => {
    const ratio = softeningRate(95, 1) / softeningRate(85, 1);
    expect(ratio).toBeGreaterThan(1.7);
    expect(ratio).toBeLessThan(2.2);
  });

  it('brown only what is nearly dry, faster with a wash', () => {
    expect(browningRate(150, 0.97, 1)).toBeLessThan(0.25 * browningRate(150, 0.6, 1));
    expect(browningRate(150, 0.3, 1.8)).toBeCloseTo(1.8 * browningRate(150, 0.3, 1), 12);
    expect(browningRate(180, 0.3, 1)).toBeGreaterThan(2 * browningRate(150, 0.3, 1));
  });

  /** Maillard rates peak near a_w .6 to .7 and fall to both sides (food texts, from memory). */
  it('brown fastest in crust that is neither wet nor bone-dry', () => {
    const at = (activity: number): number => browningRate(150, activity, 1);
    expect(at(0.6)).toBeGreaterThan(2 * at(0.05));
    expect(at(0.6)).toBeGreaterThan(2 * at(0.95));
    expect(at(0.6)).toBeGreaterThan(at(0.4));
  });
});
