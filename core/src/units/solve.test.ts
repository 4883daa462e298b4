import fc from 'fast-check';
import { bisect } from './solve.js';

/** Roots by halving against closed forms. */
describe('the place where a question turns', () => {
  it('is a square root', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 1e6, noNaN: true }), (square) => {
        const root = bisect(0, 1 + square, 1e-9, (x) => x * x >= square);
        expect(Math.abs(root - Math.sqrt(square))).toBeLessThan(2e-9);
      }),
    );
  });

  it('is where a cosine meets its angle (Dottie’s number, .7390851332)', () => {
    expect(bisect(0, 1, 1e-12, (x) => x >= Math.cos(x))).toBeCloseTo(0.7390851332, 9);
  });

  it('is the largest place that is still no', () => {
    const found = bisect(0, 10, 0.5, (x) => x >= 3);
    expect(found).toBeLessThan(3);
    expect(found).toBeGreaterThan(2.4);
  });

  it('asks no more often than halving needs', () => {
    let asked = 0;
    bisect(0, 1024, 1, (x) => {
      asked++;
      return x > 700;
    });
    expect(asked).toBe(10);
  });

  it('asks nothing between bounds that are near enough', () => {
    expect(bisect(2, 2.1, 1, () => true)).toBe(2);
  });
});
