import type { Figure, Input, FigureSum } from '../../units/index.js';
import { figure, from, q, makeSum } from '../../units/index.js';
import { lemon } from '../../larder/index.js';
import type { FillingSpec } from '../../schema/index.js';
import { BAND_DEVIATIONS } from '../evidence.js';
import type { Filling } from '../filling.js';
import type { Ledger } from '../ledger.js';
import { LEDGER_SOURCE } from './source.js';

const NARROWS = 'Most of it is how much juice this fruit gives. A weep test of twenty minutes narrows it.';

/** Who drinks how much of the juice, and what of that is water. */
function soakedSum({ wouldSoak, soakedG, soakedWaterG }: Ledger): FigureSum {
  const drinkers = (
    [
      ['crust', wouldSoak.crustG],
      ['crumb', wouldSoak.crumbG],
      ['dried fruit', wouldSoak.driedG],
    ] as const
  ).filter(([, massG]) => massG > 0);
  if (drinkers.length === 0) return makeSum`nothing drinks of it`;
  const all = drinkers.flatMap(
    ([who, massG], i): FigureSum => makeSum`${i > 0 ? ' + ' : ''}${q(massG, 'g')} in ${who}`,
  );
  const wanted = drinkers.reduce((sum, [, massG]) => sum + massG, 0);
  const short = soakedG < wanted ? makeSum`, but only ${q(soakedG, 'g')} is there for them` : [];
  return [...all, ...short, ...makeSum`; ${q((100 * soakedWaterG) / soakedG, 'percent')} of that is water`];
}

/** Figures of the juice ledger. */
// eslint-disable-next-line max-lines-per-function -- one list: each figure with its story
export function ledgerFigures({ lemonJuiceG }: FillingSpec, filling: Filling): Figure[] {
  const { ledger, release } = filling;
  const g = (massG: number) => q(massG, 'g');
  const wet = BAND_DEVIATIONS * release.deviation;
  const line = (
    id: string,
    label: string,
    value: number,
    spread: number,
    rule: string,
    inputs: Input[],
    sum: FigureSum = [],
  ): Figure =>
    figure({
      id: `ledger.${id}`,
      label,
      value,
      unit: 'g',
      spread,
      rule,
      sum,
      narrows: spread >= wet / 2 && spread > 0 ? NARROWS : '',
      inputs,
      source: LEDGER_SOURCE,
    });
  return [
    line(
      'fruit_water',
      'Water the fruit brings',
      ledger.fruitWaterG,
      0.02,
      'Water of all fruit.',
      from('fruit.water'),
      makeSum`${g(filling.batch.massG)} of fruit x ${q((100 * ledger.fruitWaterG) / filling.batch.massG, 'percent')} of water`,
    ),
    line(
      'liquid_water',
      'Water of lemon, sugar and liquid',
      ledger.liquidWaterG,
      0,
      'Lemon juice is 91 % water; liquid sugars bring theirs.',
      from('sugar.mass'),
      makeSum`${g(lemonJuiceG * (lemon.waterPercent / 100))} of lemon juice + ${g(ledger.liquidWaterG - lemonJuiceG * (lemon.waterPercent / 100))} of sugar and liquids`,
    ),
    line(
      'bound',
      'Stays in the fruit',
      ledger.boundWaterG,
      wet / 2,
      'Water that does not come free.',
      from('ledger.fruit_water', 'fruit.0.release'),
      makeSum`${g(ledger.fruitWaterG)} of water, less ${g(ledger.fruitWaterG - ledger.boundWaterG)} that comes free`,
    ),
    line(
      'boiled_off',
      'Boiled away before the oven',
      ledger.boiledOffG,
      0.15,
      'What the preparation takes off on the hob.',
      [],
      ledger.boiledOffG > 0
        ? makeSum`${g(ledger.boiledOffG)} of the ${g(ledger.cameFreeG)} that came free`
        : makeSum`nothing is boiled down`,
    ),
    line(
      'evaporated',
      'Steam out of the filling, through the top',
      ledger.evaporatedG,
      0.4,
      'Steam that leaves by vents, gaps and bare fruit, less the steam that the pastry under it gives: under a lid the two are nearly even. Before the bake is worked out by oven heat, area, minutes of bubbling and how open the top is.',
      from('dish.top_area', 'build.vent_share'),
      makeSum`${q(ledger.cameFreeG > 0 ? (100 * ledger.evaporatedG) / ledger.cameFreeG : 0, 'percent')} of the ${g(ledger.cameFreeG)} that came free`,
    ),
    line(
      'soaked',
      'Drunk by pastry and dried fruit',
      ledger.soakedWaterG,
      0.4,
      'What a cm2 of crust drinks, what a cm2 of crumb does, and what dried fruit takes.',
      from('build.crust_area'),
      soakedSum(ledger),
    ),
    line(
      'held',
      'Left for the thickener to hold',
      ledger.heldWaterG,
      wet,
      'What came free, less all that left.',
      from(
        'ledger.fruit_water',
        'ledger.liquid_water',
        'ledger.bound',
        'ledger.boiled_off',
        'ledger.evaporated',
        'ledger.soaked',
      ),
      makeSum`${g(ledger.fruitWaterG)} + ${g(ledger.liquidWaterG)} - ${g(ledger.boundWaterG)} - ${g(ledger.boiledOffG)} - ${g(ledger.evaporatedG)} - ${g(ledger.soakedWaterG)}`,
    ),
    line(
      'juice',
      'Juice to thicken, with its sugar',
      ledger.juiceG,
      wet,
      'Held water with the sugar, acid and fruit solids dissolved in it.',
      from('ledger.held', 'sugar.mass', 'ledger.brix'),
      makeSum`${g(ledger.heldWaterG)} of water + ${g(ledger.juiceG - ledger.heldWaterG)} dissolved in it`,
    ),
    figure({
      id: 'ledger.brix',
      label: 'Sugar in that juice',
      value: ledger.syrupBrix,
      unit: 'Brix',
      spread: wet / 2,
      rule: 'What is dissolved over the juice. Part of the added sugar stays with the water in the fruit.',
      sum: makeSum`${g(ledger.juiceG - ledger.heldWaterG)} / ${g(ledger.juiceG)}`,
      inputs: from('sugar.mass', 'ledger.held'),
      source: LEDGER_SOURCE,
    }),
  ];
}
