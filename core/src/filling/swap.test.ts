import { builtInFruits, builtInLarder } from '../larder/index.js';
import { aFilling, aLid, aPart } from '../test/filling.js';
import { fruitAmounts, amountWays, preparedFrom } from './amounts.js';
import { computeFilling } from './filling.js';
import { makeUpWith, swaps } from './swap.js';

const starterFilling = aFilling();

describe('swapping thickeners', () => {
  it('gives for each what reaches the same set', () => {
    const doses = swaps(starterFilling, 800, aLid, builtInLarder);
    for (const [thickener, massG] of doses) {
      const spec = { ...starterFilling, thickeners: [{ thickener, share: 1 }], thickenerMassG: massG };
      expect(computeFilling(spec, 800, aLid, builtInLarder).reached).toBeCloseTo(4.8, 6);
    }
  });

  it('keeps gelatine for what is not baked', () => {
    expect(swaps(starterFilling, 800, aLid, builtInLarder).has('gelatine')).toBe(false);
    const glaze = { ...starterFilling, preparation: { kind: 'glaze' as const } };
    expect(swaps(glaze, 800, aLid, builtInLarder).has('gelatine')).toBe(true);
  });

  /** From memory: gelatine of 200 bloom, 1.9 g per 100 g of liquid for a slice; here for the stiffer binder of a glaze. */
  /** Leaf or powder of 200 bloom: about 1.9 g per 100 g for a slice; 3 is rubber (from memory). */
  it('asks for gelatine of the usual strength', () => {
    const glaze = {
      ...starterFilling,
      fruits: [{ ...starterFilling.fruits[0]!, fruit: 'blueberry' }],
      preparation: { kind: 'glaze' as const },
      thickeners: [{ thickener: 'gelatine', share: 1 }],
    };
    const f = computeFilling(glaze, 600, aLid, builtInLarder);
    const per100 = (100 * f.dose.massG) / f.ledger.juiceG;
    expect(per100).toBeGreaterThan(1.6);
    expect(per100).toBeLessThan(2.2);
  });
});

describe('making up a short amount', () => {
  it('reaches the set with what there is and the rest of another', () => {
    const filling = computeFilling(starterFilling, 800, aLid, builtInLarder);
    const parts = makeUpWith(
      filling,
      { thickener: 'plain_flour', massG: 16 },
      'corn_starch',
      starterFilling,
      aLid,
      builtInLarder,
    );
    const massG = parts.reduce((sum, { share }) => sum + share, 0);
    const made = computeFilling(
      { ...starterFilling, thickeners: parts, thickenerMassG: massG },
      800,
      aLid,
      builtInLarder,
    );
    expect(parts[0]).toEqual({ thickener: 'plain_flour', share: 16 });
    expect(made.reached).toBeCloseTo(4.8, 1);
  });

  it('takes nothing more when there is enough', () => {
    const filling = computeFilling(starterFilling, 800, aLid, builtInLarder);
    expect(
      makeUpWith(
        filling,
        { thickener: 'corn_starch', massG: 80 },
        'plain_flour',
        starterFilling,
        aLid,
        builtInLarder,
      ),
    ).toHaveLength(1);
  });
});

describe('one amount in four ways', () => {
  it('comes back the same from each', () => {
    for (const fruit of builtInFruits.values()) {
      const part = {
        fruit: fruit.id,
        share: 1,
        state: 'fresh' as const,
        ripeness: 0,
        cut: 'usual' as const,
        peeled: true,
      };
      const amounts = fruitAmounts(fruit, part, 640);
      for (const way of amountWays) {
        const amount = amounts[way];
        if (amount !== null) expect(preparedFrom(fruit, part, way, amount)).toBeCloseTo(640, 6);
      }
    }
  });

  it('cannot be told in pieces of a fruit that nobody counts', () => {
    const canned = builtInFruits.get('canned_peach')!;
    const part = aPart('canned_peach');
    expect(fruitAmounts(canned, part, 500).pieces).toBeNull();
    expect(() => preparedFrom(canned, part, 'pieces', 4)).toThrow(/not counted in pieces/);
  });

  /** Common practice, no source: 6 cups of apple chunks are 4 to 6 apples. */
  it('counts apples', () => {
    const apple = builtInFruits.get('apple_firm_tart')!;
    const part = {
      fruit: apple.id,
      share: 1,
      state: 'fresh' as const,
      ripeness: 0,
      cut: 'usual' as const,
      peeled: true,
    };
    const { pieces } = fruitAmounts(apple, part, preparedFrom(apple, part, 'cups', 6));
    expect(pieces).toBeGreaterThan(4);
    expect(pieces).toBeLessThan(6);
  });
});
