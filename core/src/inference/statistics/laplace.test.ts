import type { Observation } from './laplace.js';
import { combined, fitLatent } from './laplace.js';
import { measured, wordChances, wordSaid } from './likelihood.js';
import { normalBelow } from './normal.js';

describe('the normal law', () => {
  // Abramowitz and Stegun, Handbook of Mathematical Functions, table 26.1 (from memory).
  it.each([
    [0, 0.5],
    [0.5, 0.6914624613],
    [1, 0.8413447461],
    [1.96, 0.9750021049],
    [3, 0.998650102],
  ])('below %d lies %d', (z, share) => {
    expect(normalBelow(z)).toBeCloseTo(share, 6);
    expect(normalBelow(-z)).toBeCloseTo(1 - share, 6);
  });
});

/** So much freedom makes Student's t a normal law. */
const NORMAL = 1e9;
const seen = (value: number, deviation: number, on: readonly number[] = [0], ownSlope = 0): Observation => ({
  on,
  predict: (hidden, own) => ({
    value: on.reduce((sum, i) => sum + hidden[i]!, 0) + ownSlope * own,
    slopes: on.map(() => 1),
    own: ownSlope,
  }),
  explains: measured(value, deviation, NORMAL),
});

describe('hidden values from what was observed', () => {
  it('one value seen with normal errors: the exact posterior (conjugate normal law)', () => {
    const values = [0.3, 0.1, 0.25];
    const evidence = values.map((value) => ({ ownDeviation: 0, observations: [seen(value, 0.2)] }));
    const { mean, covariance } = fitLatent([0.15], evidence);
    const precision = 1 / 0.15 ** 2 + 3 / 0.2 ** 2;
    expect(mean[0]).toBeCloseTo((0.3 + 0.1 + 0.25) / 0.2 ** 2 / precision, 6);
    expect(covariance[0]).toBeCloseTo(1 / precision, 8);
  });

  it('what a bake has for itself is taken out exactly: two looks at one bake are not two bakes', () => {
    const looks = [seen(0.4, 0.1, [0], 1), seen(0.5, 0.1, [0], 1)];
    const { mean, covariance } = fitLatent([0.2], [{ ownDeviation: 0.3, observations: looks }]);
    // The mean of both looks has the variance .1^2 / 2 + .3^2.
    const precision = 1 / 0.2 ** 2 + 1 / (0.1 ** 2 / 2 + 0.3 ** 2);
    expect(covariance[0]).toBeCloseTo(1 / precision, 7);
    expect(mean[0]).toBeCloseTo(0.45 / (0.1 ** 2 / 2 + 0.3 ** 2) / precision, 6);
  });

  it('two values of which only the sum is seen: the sum is known, the split is not', () => {
    const evidence = Array.from({ length: 50 }, () => ({
      ownDeviation: 0,
      observations: [seen(0.2, 0.1, [0, 1])],
    }));
    const fitted = fitLatent([0.1, 0.1], evidence);
    const sum = combined(
      fitted,
      new Map([
        [0, 1],
        [1, 1],
      ]),
    );
    expect(sum.deviation).toBeLessThan(0.02);
    expect(combined(fitted, new Map([[0, 1]])).deviation).toBeGreaterThan(0.06);
  });

  it('how well all was explained tells one spread from another as the exact integral does', () => {
    const scale = { cuts: [-0.2, 0.2], noise: 0.2, lapse: 0.04 };
    const words = [0, 1, 0, 0, 1];
    const evidence = words.map((word) => ({
      ownDeviation: 0,
      observations: [{ ...seen(0, 1), explains: wordSaid(scale, word) }],
    }));
    const exact = (deviation: number): number => {
      let sum = 0;
      const step = deviation / 100;
      for (let x = -6 * deviation; x < 6 * deviation; x += step) {
        const prior = Math.exp(-0.5 * (x / deviation) ** 2) / (deviation * Math.sqrt(2 * Math.PI));
        sum += step * words.reduce((all, word) => all * (wordChances(scale, x)[word] ?? 0), prior);
      }
      return Math.log(sum);
    };
    const told = (deviation: number): number => fitLatent([deviation], evidence).logEvidence;
    expect(told(0.5) - told(0.1)).toBeCloseTo(exact(0.5) - exact(0.1), 1);
  });
});

describe('words along a line', () => {
  const scale = { cuts: [-0.586, -0.17, 0.152, 0.446], noise: 0.15, lapse: 0.04 };

  it('their chances come to one, and none is ever nothing', () => {
    for (const at of [-3, -0.4, 0, 0.3, 3]) {
      const chances = wordChances(scale, at);
      expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      expect(Math.min(...chances)).toBeGreaterThan(0.007);
    }
  });

  it.each([0, 1, 2, 3, 4])('the slope of word %i is that of its log', (word) => {
    const explains = wordSaid(scale, word);
    for (const at of [-0.5, 0, 0.2]) {
      const slope = (explains(at + 1e-5).log - explains(at - 1e-5).log) / 2e-5;
      expect(explains(at).slope).toBeCloseTo(slope, 3);
      expect(explains(at).log).toBeCloseTo(Math.log(wordChances(scale, at)[word]!), 9);
    }
  });

  it('a wild measurement pulls less than a near one', () => {
    const explains = measured(0, 1);
    expect(Math.abs(explains(20).slope)).toBeLessThan(Math.abs(explains(2).slope));
  });
});
