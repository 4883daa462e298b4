import fc from 'fast-check';
import { builtInLarder } from '../larder/index.js';
import type { FruitPart } from '../schema/index.js';
import { anyFilling, anyMass, scaling } from '../test/any-filling.js';
import { aFilling, aLid as lid, aPart } from '../test/filling.js';
import { computeFilling, fruitToFillG } from './filling.js';
import { ledgerSides } from './ledger.js';

describe('the juice ledger', () => {
  it('balances to a tenth of a gram for any filling', () => {
    fc.assert(
      fc.property(anyFilling, anyMass, (any, massG) => {
        const { inG, outG } = ledgerSides(computeFilling(any, massG, lid, builtInLarder).ledger);
        expect(Math.abs(inG - outG)).toBeLessThan(0.1);
      }),
      { numRuns: 1500 },
    );
  });

  it('never gives a negative, endless or senseless amount', () => {
    fc.assert(
      fc.property(anyFilling, anyMass, (any, massG) => {
        const f = computeFilling(any, massG, lid, builtInLarder);
        const amounts = [
          ...Object.values(f.ledger).flatMap((amount: number | object) =>
            typeof amount === 'number' ? [amount] : (Object.values(amount) as number[]),
          ),
          f.dose.massG,
          f.dose.lowG,
          f.dose.highG,
          f.reached,
          f.massG,
          f.heapMl,
          f.cookedMl,
          f.sugar.massG,
          f.body,
        ];
        for (const amount of amounts) {
          expect(Number.isFinite(amount)).toBe(true);
          expect(amount).toBeGreaterThanOrEqual(0);
        }
        expect(f.dose.massG).toBeLessThan(massG * 2 + 3000);
        expect(f.ph).toBeGreaterThan(1.9);
        expect(f.ph).toBeLessThan(6.5);
      }),
      { numRuns: 1500 },
    );
  });

  it('never needs less thickener for more fruit', () => {
    fc.assert(
      fc.property(anyFilling, anyMass, fc.double({ min: 1, max: 3, noNaN: true }), (any, massG, times) => {
        // Water that a set time on the hob takes away does not grow with the fruit, so it is left out here.
        const free = { ...any, ...scaling, weepTest: null, saucerTest: null };
        const less = computeFilling(free, massG, { ...lid, crustAreaCm2: 0, topFactor: 0 }, builtInLarder);
        const more = computeFilling(
          free,
          massG * times,
          { ...lid, crustAreaCm2: 0, topFactor: 0 },
          builtInLarder,
        );
        expect(more.dose.massG).toBeGreaterThanOrEqual(less.dose.massG - 1e-6);
      }),
      { numRuns: 600 },
    );
  });

  it('gives more juice when riper, frozen, cut small or sweeter', () => {
    const juice = (more: Partial<FruitPart>): number =>
      computeFilling(aFilling({ fruits: [aPart('greengage', more)] }), 1000, lid, builtInLarder).ledger
        .juiceG;
    expect(juice({ ripeness: 2 })).toBeGreaterThan(juice({ ripeness: -2 }));
    expect(juice({ state: 'frozen' })).toBeGreaterThan(juice({}));
    expect(juice({ cut: 'thin' })).toBeGreaterThan(juice({}));
  });
});

describe('amounts', () => {
  it('fills a volume to within half a percent', () => {
    fc.assert(
      fc.property(anyFilling, (any) => {
        const small = { ...any, ...scaling };
        const massG = fruitToFillG(small, 1200, lid, builtInLarder);
        expect(Math.abs(computeFilling(small, massG, lid, builtInLarder).cookedMl / 1200 - 1)).toBeLessThan(
          0.005,
        );
      }),
      { numRuns: 300 },
    );
  });
});
