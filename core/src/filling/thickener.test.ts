import fc from 'fast-check';
import { builtInLarder, builtInThickeners } from '../larder/index.js';
import type { Ledger } from './ledger.js';
import type { StarchConditions } from './thickener.js';
import { blendPotency, doseG, gelatinisesAtC, potency, starchRules } from './thickener.js';

const mild: StarchConditions = { ph: 3.5, boilingH: 0.3, syrupBrix: 25, set: 'clean_slice' };
const starches = [...builtInThickeners.values()].filter(({ kind }) => kind === 'starch');
const corn = builtInThickeners.get('corn_starch')!;
const ledgerAt = (syrupBrix: number): Ledger => ({ syrupBrix }) as Ledger;

describe('strength of a starch', () => {
  it('is lost to acid, to boiling and to sugar, never gained', () => {
    for (const starch of starches) {
      const strength = potency(starch, mild);
      expect(potency(starch, { ...mild, ph: 2.8 })).toBeLessThanOrEqual(strength);
      expect(potency(starch, { ...mild, boilingH: 2 })).toBeLessThanOrEqual(strength);
      expect(potency(starch, { ...mild, syrupBrix: 60 })).toBeLessThan(strength);
    }
  });

  /** Common practice, no source (R1): long cooking thins corn starch; a modified starch is sold because it stands. */
  it('holds best in a modified starch', () => {
    const kept = (id: string): number => {
      const row = builtInThickeners.get(id)!;
      return potency(row, { ...mild, ph: 2.9, boilingH: 2 }) / potency(row, { ...mild, boilingH: 0 });
    };
    expect(kept('clear_modified_starch')).toBeGreaterThan(0.9);
    expect(kept('corn_starch')).toBeLessThan(0.75);
    expect(kept('potato_starch')).toBeLessThan(kept('corn_starch'));
  });

  it('is the same to 35 Brix and falls by a hundredth for each Brix after', () => {
    expect(potency(corn, { ...mild, syrupBrix: 35 })).toBeCloseTo(
      potency(corn, { ...mild, syrupBrix: 0 }),
      10,
    );
    expect(potency(corn, { ...mild, syrupBrix: 45 }) / potency(corn, mild)).toBeCloseTo(0.9, 10);
    expect(potency(corn, { ...mild, syrupBrix: 99 }) / potency(corn, mild)).toBeCloseTo(
      starchRules.sugarAtLeast,
      10,
    );
  });

  it('does not weaken pectin with sugar', () => {
    const pectin = builtInThickeners.get('pectin')!;
    expect(potency(pectin, { ...mild, syrupBrix: 65 })).toBeCloseTo(4, 10);
  });

  it('lies between the two potencies for a soft set', () => {
    for (const starch of starches) {
      const strong = (set: StarchConditions['set']): number => potency(starch, { ...mild, set });
      const [low, high] = [strong('spoonable'), strong('clean_slice')].sort((a, b) => a - b);
      expect(strong('soft')).toBeGreaterThanOrEqual(low! - 1e-12);
      expect(strong('soft')).toBeLessThanOrEqual(high! + 1e-12);
    }
  });
});

describe('a blend', () => {
  it('is the mean of its parts by mass, however the shares are scaled', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...starches.map(({ id }) => id)),
        fc.constantFrom(...starches.map(({ id }) => id)),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        (a, b, x, scale) => {
          const parts = [
            { thickener: a, share: x },
            { thickener: b, share: 1 },
          ];
          const scaled = parts.map((part) => ({ ...part, share: part.share * scale }));
          const mean =
            (x * potency(builtInThickeners.get(a)!, mild) + potency(builtInThickeners.get(b)!, mild)) /
            (x + 1);
          expect(blendPotency(parts, mild, builtInLarder)).toBeCloseTo(mean, 10);
          expect(blendPotency(scaled, mild, builtInLarder)).toBeCloseTo(mean, 10);
        },
      ),
    );
  });

  it('throws for what the larder does not hold', () => {
    expect(() => blendPotency([{ thickener: 'moondust', share: 1 }], mild, builtInLarder)).toThrow(
      'moondust',
    );
  });
});

describe('dose', () => {
  it('is nothing when the fruit sets by itself, and in proportion to the juice', () => {
    expect(doseG(2.1, 3, 500, 1)).toBe(0);
    expect(doseG(4.8, 0.8, 600, 1) / doseG(4.8, 0.8, 300, 1)).toBeCloseTo(2, 10);
  });
});

describe('swelling', () => {
  /** Sugar raises the swelling of starch, some 10 C at 40 % (Spies & Hoseney 1982; Slade & Levine 1988; from memory). */
  it('comes ten degrees later at 40 Brix', () => {
    const rise = gelatinisesAtC(corn, ledgerAt(40)) - gelatinisesAtC(corn, ledgerAt(0));
    expect(rise).toBeGreaterThan(8);
    expect(rise).toBeLessThan(12);
  });

  it('is under boiling for any filling a baker makes', () => {
    for (const starch of starches) expect(gelatinisesAtC(starch, ledgerAt(55))).toBeLessThan(100);
  });
});
