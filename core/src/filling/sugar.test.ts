import { builtInLarder } from '../larder/index.js';
import { aFilling, aLid, aPart } from '../test/filling.js';
import { batchPh, makeBatch } from './batch.js';
import type { Filling } from './filling.js';
import { computeFilling } from './filling.js';
import { acidNeutralisedG, styleOfSugar, sugarForStyleG, sugarStops, tasteStepG } from './sugar.js';
import { syrupBoilingC, syrupDensity, syrupWaterActivity } from './syrup.js';
import { once } from '../test/once.js';

describe('sugar by school', () => {
  const sugarOf = (sugar: string): Filling['sugar'] =>
    computeFilling(aFilling({ sugar: { sugar, style: 0.16, massG: null } }), 1000, aLid, builtInLarder).sugar;
  const batch = once(() => makeBatch(aFilling(), 1000, builtInLarder));

  it('turns round: the style of the sugar for a style is that style', () => {
    for (const { style } of sugarStops)
      expect(styleOfSugar(batch(), sugarForStyleG(batch(), style))).toBeCloseTo(style, 8);
  });

  it('spans a factor of three and more between lean and very sweet', () => {
    expect(sugarForStyleG(batch(), 0.3) / sugarForStyleG(batch(), 0.08)).toBeGreaterThan(3);
  });

  /** "Still sharp": a spoon or two of sugar to a pie of some 900 g (common practice, no source). */
  it('a step of taste is a fifth of its sweetness at most, and never less than a teaspoon', () => {
    const white = sugarOf('white');
    const step = tasteStepG(batch(), white);
    expect(step).toBeGreaterThan(12);
    expect(step).toBeLessThan(0.2 * (white.sweetnessG + batch().sugarsG));
    expect(tasteStepG({ ...batch(), sugarsG: 0 }, { ...white, sweetnessG: 0 })).toBe(5);
  });

  it('weighs more of a sugar that sweetens less', () => {
    const maple = sugarOf('maple_syrup');
    expect(maple.massG * 0.65).toBeCloseTo(sugarOf('white').massG, 6);
    expect(maple.waterG).toBeCloseTo(maple.massG * 0.33, 6);
  });
});

describe('published values', () => {
  /** Density at 20 C, ICUMSA / NBS Circular 440 (from memory). */
  it.each([
    [10, 1.0381],
    [20, 1.081],
    [30, 1.127],
    [40, 1.1764],
    [50, 1.2296],
    [60, 1.2865],
    [70, 1.3472],
  ])('sucrose of %d Brix weighs %d g/mL', (brix, density) => {
    expect(Math.abs(syrupDensity(brix) / density - 1)).toBeLessThan(0.004);
  });

  /** Boiling point elevation, Hugot (from memory); 65 Brix lies between two rows. */
  it('boils a 65 Brix syrup near 104 C', () => {
    expect(syrupBoilingC(65)).toBeGreaterThan(103);
    expect(syrupBoilingC(65)).toBeLessThan(105);
  });

  /** Norrish 1966 against measured sucrose solutions (from memory): 58.5 Brix .900, 67.2 Brix .850. */
  it('gives water activities of strong syrups', () => {
    expect(syrupWaterActivity(58.5)).toBeCloseTo(0.9, 1);
    expect(syrupWaterActivity(67.2)).toBeCloseTo(0.85, 1);
  });

  /** Stoichiometry: NaHCO3 84.01 g/mol, malic acid 134.09 g/mol with two protons. */
  it('neutralises .80 g of malic acid with 1 g of bicarbonate; a pinch is 3 % of the acid in 500 g of rhubarb', () => {
    expect(acidNeutralisedG(1)).toBeCloseTo(0.798, 3);
    expect(acidNeutralisedG(0.3) / (500 * 0.015)).toBeCloseTo(0.032, 2);
  });

  it('averages acidity by hydrogen ions, not by pH', () => {
    const mix = makeBatch(aFilling({ fruits: [aPart('cranberry'), aPart('fig')] }), 1000, builtInLarder);
    expect(batchPh(mix, 0)).toBeCloseTo(-Math.log10((10 ** -2.55 + 10 ** -4.8) / 2), 6);
  });
});
