import fc from 'fast-check';
import { builtInAdditions, builtInLarder } from '../larder/index.js';
import type { FillingSpec, PreparationKind } from '../schema/index.js';
import { preparationKinds } from '../schema/index.js';
import { anyFilling, anyMass } from '../test/any-filling.js';
import { aFilling, aLid, aPart } from '../test/filling.js';
import { broughtBy } from './additions.js';
import type { Filling } from './filling.js';
import { computeFilling, fruitToHeapG } from './filling.js';
import { ledgerSides } from './ledger.js';
import { isCooked } from './preparation.js';

const compute = (more: Partial<FillingSpec> = {}, massG = 1000): Filling =>
  computeFilling(aFilling(more), massG, aLid, builtInLarder);
const with_ = (addition: string, massG: number): Partial<FillingSpec> => ({
  additions: [{ addition, massG }],
});

describe('liquids, jams and purees in a filling', () => {
  it.each([...builtInAdditions.keys()])('%s: its shares are no more than all of it', (id) => {
    const row = builtInAdditions.get(id)!;
    expect(row.water + row.sugars + row.acid + row.fat + row.alcohol).toBeLessThanOrEqual(1);
    expect(row.free).toBeGreaterThan(0);
    expect(row.free).toBeLessThanOrEqual(1);
    expect(row.cupG).toBeGreaterThan(200);
  });

  it('keep the ledger balanced, for any filling', () => {
    const anyAddition = fc.record({
      addition: fc.constantFrom(...builtInAdditions.keys()),
      massG: fc.double({ min: 0, max: 800, noNaN: true }),
    });
    fc.assert(
      fc.property(anyFilling, anyMass, fc.array(anyAddition, { maxLength: 4 }), (any, massG, additions) => {
        const filling = computeFilling({ ...any, additions }, massG, aLid, builtInLarder);
        const { inG, outG } = ledgerSides(filling.ledger);
        expect(Math.abs(inG - outG)).toBeLessThan(0.1);
        expect(filling.dose.massG).toBeGreaterThanOrEqual(0);
        expect(Number.isFinite(filling.massG)).toBe(true);
      }),
      { numRuns: 500 },
    );
  });

  it('bring water that wants thickening and sugar that is not weighed again', () => {
    const plain = compute();
    const juice = compute(with_('apple_juice', 200));
    expect(juice.dose.massG).toBeGreaterThan(plain.dose.massG);
    expect(plain.sugar.massG - juice.sugar.massG).toBeCloseTo(22, 6);
    expect(juice.sugar.style).toBe(plain.sugar.style);
  });

  it('lose their alcohol, and nothing else, before the pie is weighed', () => {
    const more = compute(with_('spirit', 100)).massG - compute().massG;
    expect(more).toBeGreaterThan(67);
    expect(more).toBeLessThan(75);
  });

  it('jam asks for less thickener than as much water and sugar', () => {
    const jam = compute(with_('jam', 200));
    const water = compute({ ...with_('water', 200 * 0.34) });
    expect(jam.dose.massG).toBeLessThan(water.dose.massG);
    expect(jam.sugar.massG).toBeLessThan(water.sugar.massG - 100);
  });

  it('sour ones make a flat filling sourer, coffee hardly', () => {
    const fig = { fruits: [aPart('fig')] };
    expect(compute({ ...fig, ...with_('white_wine', 200) }).ph).toBeLessThan(compute(fig).ph - 0.2);
    expect(Math.abs(compute({ ...fig, ...with_('coffee', 100) }).ph - compute(fig).ph)).toBeLessThan(0.1);
  });

  it('add up', () => {
    const both = {
      additions: [
        { addition: 'cream', massG: 100 },
        { addition: 'coffee', massG: 50 },
      ],
    };
    const brought = broughtBy(both, builtInLarder);
    expect(brought.massG).toBe(150);
    expect(brought.waterG).toBeCloseTo(58 + 49.5, 6);
    expect(brought.fatG).toBeCloseTo(36, 6);
    expect(broughtBy({}, builtInLarder).massG).toBe(0);
  });
});

describe('two sugars in one filling', () => {
  const sugar = (second?: FillingSpec['sugar']['second']): Filling['sugar'] =>
    compute({ sugar: { sugar: 'white', style: 0.16, massG: null, second } }).sugar;

  it('sweeten as one would', () => {
    const mixed = sugar({ sugar: 'maple_syrup', share: 0.4 });
    expect(mixed.sweetnessG).toBeCloseTo(sugar().sweetnessG, 6);
    expect(mixed.massG).toBeCloseTo(sugar().massG / (0.6 + 0.4 * 0.65), 6);
  });

  it('bring their water by their shares', () => {
    const mixed = sugar({ sugar: 'honey', share: 0.25 });
    expect(mixed.waterG).toBeCloseTo(mixed.massG * 0.25 * 0.17, 6);
    expect(mixed.solidsG + mixed.waterG).toBeLessThanOrEqual(mixed.massG + 1e-9);
  });

  it('the same sugar twice is that sugar', () => {
    expect(sugar({ sugar: 'white', share: 0.5 })).toEqual(sugar());
  });
});

describe('part of the fruit cooked, the rest raw', () => {
  const cooked = (kind: PreparationKind, cookedShare?: number): Filling =>
    compute({ fruits: [aPart('apple_firm_tart')], preparation: { kind, cookedShare } });

  it.each(['hold', 'stew', 'saute'] as const)('%s: lies between all raw and all cooked', (kind) => {
    const [all, half, none] = [cooked(kind), cooked(kind, 0.5), cooked('raw')];
    const between = (of: (filling: Filling) => number): void => {
      const [low, high] = [Math.min(of(all), of(none)), Math.max(of(all), of(none))];
      expect(of(half)).toBeGreaterThanOrEqual(low - 1e-6);
      expect(of(half)).toBeLessThanOrEqual(high + 1e-6);
    };
    between(({ heapMl }) => heapMl);
    between(({ prepared }) => prepared.freeFruitWaterG);
    between(({ body }) => body);
  });

  it.each(['hold', 'stew', 'saute'] as const)('%s of none of it is raw', (kind) => {
    const none = cooked(kind, 0);
    expect(none.prepared.freeFruitWaterG).toBeCloseTo(cooked('raw').prepared.freeFruitWaterG, 6);
    expect(none.prepared.boiledOffG).toBeCloseTo(0, 6);
    expect(none.heapMl).toBeCloseTo(cooked('raw').heapMl, 6);
  });

  it('counts as cooked from most of it on', () => {
    const said = (kind: PreparationKind, cookedShare?: number): boolean =>
      isCooked(aFilling({ preparation: { kind, cookedShare } }));
    expect(said('stew')).toBe(true);
    expect(said('stew', 0.8)).toBe(true);
    expect(said('stew', 0.3)).toBe(false);
    expect(preparationKinds.filter((kind) => said(kind))).toEqual(['stew', 'saute']);
  });
});

describe('a heap on purpose', () => {
  it('is found by its volume', () => {
    for (const heapMl of [900, 1500, 2400]) {
      const massG = fruitToHeapG(
        aFilling({ fruits: [aPart('apple_firm_tart')] }),
        heapMl,
        aLid,
        builtInLarder,
      );
      expect(
        Math.abs(compute({ fruits: [aPart('apple_firm_tart')] }, massG).heapMl / heapMl - 1),
      ).toBeLessThan(0.005);
    }
  });
});
