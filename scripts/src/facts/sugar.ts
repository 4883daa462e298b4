import { builtInLarder, makeBatch, styleOfSugar, sugarForStyleG, sugarStops } from '@mardle/core';
import type { Fact } from './fact.js';
import { around, fact, tolerances } from './fact.js';
import { filling, only } from './pies.js';

/**
 * Sugar of a pie against the nearest named stop of the dial. Which school a baker belongs to cannot be predicted: the check
 * is that the dial spans what bakers do, with one rule for all fruit.
 */
function sugarFact(
  id: string,
  what: string,
  fruit: string,
  fruitG: number,
  sugarG: number,
  crumbSugarG = 0,
): Fact {
  const batch = makeBatch(filling({ fruits: only(fruit) }), fruitG, builtInLarder);
  const style = styleOfSugar(batch, sugarG, crumbSugarG);
  const stop = sugarStops.reduce((best, other) =>
    Math.abs(Math.log(other.style / style)) < Math.abs(Math.log(best.style / style)) ? other : best,
  );
  return fact({
    id,
    figure: `sugar, ${what}, at the stop "${stop.label}"`,
    unit: 'g',
    predicted: sugarForStyleG(batch, stop.style, crumbSugarG),
    ...around(sugarG, tolerances.amount),
  });
}

/** Sugar of the trade's pies. */
export function sugarFacts(): Fact[] {
  return [
    sugarFact('W2.sugar', '3 lb tart apples as bought', 'apple_firm_tart', 1061, 125),
    sugarFact('W4.sugar', '6 cups sour cherries', 'sour_cherry', 930, 200),
    sugarFact(
      'W5.sugar',
      'apples under a lattice, brown sugar as white (750 g taken)',
      'apple_mixed',
      750,
      157,
    ),
    sugarFact('W6.sugar', '1 lb apples under crumb', 'apple_mixed', 354, 100, 70),
    sugarFact('W7.sugar', '8 cups tart apple under crumb', 'apple_firm_tart', 880, 205, 210),
    sugarFact('W8.sugar', '3 sweet apples, free-form', 'apple_firm_sweet', 433, 67),
    sugarFact('W9.sugar', '4 cups blueberries and a third', 'blueberry', 641, 67),
    sugarFact('W10.sugar', '6 cups tart apple, crisp', 'apple_firm_tart', 660, 200),
    sugarFact('W11.sugar', '6 quartered apples, upside-down', 'apple_mixed', 867, 150),
    sugarFact('W12.sugar', '3 cups cranberries, cobbler', 'cranberry', 300, 100),
    sugarFact('W13.sugar', '425 g mixed berries', 'blackberry', 425, 50),
  ];
}
