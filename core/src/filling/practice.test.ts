import { builtInFruits, builtInLarder } from '../larder/index.js';
import type { FillingSpec } from '../schema/index.js';
import { aFilling, aLid, aPart } from '../test/filling.js';
import type { Filling } from './filling.js';
import { computeFilling } from './filling.js';

const compute = (more: Partial<FillingSpec> = {}): Filling =>
  computeFilling(aFilling(more), 1000, aLid, builtInLarder);

/**
 * Sugar at "balanced", % of the fruit, and corn starch for a clean slice, g per kg of fruit, in a 23 cm pie: ranges over
 * several schools, from memory.
 */
const practice: readonly (readonly [
  fruit: string,
  sugar: readonly [number, number],
  starch: readonly [number, number],
])[] = [
  ['apple_firm_tart', [10, 20], [10, 25]],
  ['apple_firm_sweet', [7, 15], [8, 20]],
  ['pear_firm', [7, 16], [10, 25]],
  ['quince', [12, 24], [3, 15]],
  ['sour_cherry', [16, 28], [28, 45]],
  ['sweet_cherry', [9, 18], [20, 40]],
  ['plum', [13, 24], [20, 38]],
  ['damson', [18, 30], [12, 30]],
  ['greengage', [12, 22], [18, 36]],
  ['apricot', [13, 24], [20, 36]],
  ['peach', [10, 20], [22, 38]],
  ['blueberry', [10, 20], [25, 42]],
  ['blackberry', [14, 26], [25, 42]],
  ['raspberry', [16, 28], [28, 45]],
  ['strawberry', [14, 26], [30, 48]],
  ['gooseberry_green', [20, 30], [12, 35]],
  ['redcurrant', [18, 30], [10, 32]],
  ['blackcurrant', [18, 30], [10, 30]],
  ['cranberry', [18, 32], [5, 25]],
  ['rhubarb', [18, 30], [28, 50]],
];

describe('twenty fruits against ranges of practice (several schools, from memory)', () => {
  it.each(practice)(
    '%s: sugar %j %%, starch %j g per kg',
    (fruit, [leastSugar, mostSugar], [least, most]) => {
      const { sugar, dose } = compute({ fruits: [aPart(fruit)] });
      expect(sugar.massG / 10).toBeGreaterThanOrEqual(leastSugar);
      expect(sugar.massG / 10).toBeLessThanOrEqual(mostSugar);
      expect(dose.massG).toBeGreaterThanOrEqual(least);
      expect(dose.massG).toBeLessThanOrEqual(most);
    },
  );

  it('asks for no more than 28 % of sugar at "balanced"', () => {
    for (const fruit of builtInFruits.values()) {
      if (fruit.group === 'dried') continue;
      expect(compute({ fruits: [aPart(fruit.id)] }).sugar.massG).toBeLessThanOrEqual(285);
    }
  });
});
