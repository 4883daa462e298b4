import fc from 'fast-check';
import { builtInLarder } from '../larder/index.js';
import type { FillingSpec } from '../schema/index.js';
import { aFilling, aLid, aPart } from '../test/filling.js';
import type { Filling } from './filling.js';
import { computeFilling } from './filling.js';
import { glazeLiquidG } from './glaze.js';
import { ledgerSides } from './ledger.js';

const glaze = (more: Partial<FillingSpec> = {}, massG = 1000): Filling =>
  computeFilling(
    aFilling({ fruits: [aPart('raspberry')], preparation: { kind: 'glaze' }, ...more }),
    massG,
    aLid,
    builtInLarder,
  );

/** A glaze from part of the fruit, folded through the raw rest (common practice, no source). */
describe('a glaze with raw fruit', () => {
  it('is boiled with about a third of the fruit in liquid, or what is said', () => {
    expect(glazeLiquidG(900, { kind: 'glaze' })).toBeCloseTo(270, 9);
    expect(glazeLiquidG(900, { kind: 'glaze', liquidG: 120 })).toBe(120);
  });

  it('weighs its liquid, whether it was said or not', () => {
    const usual = glaze();
    const said = glaze({ preparation: { kind: 'glaze', liquidG: 300 } });
    expect(usual.massG).toBeCloseTo(said.massG, 6);
    expect(glaze({ preparation: { kind: 'glaze', liquidG: 0 } }).massG).toBeLessThan(usual.massG - 250);
  });

  it('leaves nearly all the fruit whole and its juice in it', () => {
    const { ledger } = glaze();
    expect(ledger.boundWaterG / ledger.fruitWaterG).toBeGreaterThan(0.8);
    expect(ledger.evaporatedG).toBe(0);
    expect(ledger.soakedG).toBe(0);
  });

  it('takes more binder for more of the fruit cooked into it, and for more liquid', () => {
    const dose = (preparation: FillingSpec['preparation']): number => glaze({ preparation }).dose.massG;
    expect(dose({ kind: 'glaze', cookedShare: 0.5 })).toBeGreaterThan(
      dose({ kind: 'glaze', cookedShare: 0.1 }),
    );
    expect(dose({ kind: 'glaze', liquidG: 500 })).toBeGreaterThan(dose({ kind: 'glaze', liquidG: 200 }));
  });

  it('gelatine binds it with less than starch', () => {
    const by = (thickener: string): number => glaze({ thickeners: [{ thickener, share: 1 }] }).dose.massG;
    expect(by('gelatine')).toBeLessThan(by('corn_starch'));
  });

  it('balances, with anything in it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 3000, noNaN: true }),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        fc.double({ min: 0, max: 800, noNaN: true }),
        fc.constantFrom('jam', 'white_wine', 'apple_puree', 'cream'),
        (massG, cookedShare, additionG, addition) => {
          const filling = glaze(
            { preparation: { kind: 'glaze', cookedShare }, additions: [{ addition, massG: additionG }] },
            massG,
          );
          const { inG, outG } = ledgerSides(filling.ledger);
          expect(Math.abs(inG - outG)).toBeLessThan(0.1);
          expect(filling.ledger.freeShare).toBeGreaterThanOrEqual(0);
          expect(filling.ledger.freeShare).toBeLessThanOrEqual(1);
        },
      ),
    );
  });
});
