import type { Larder } from '../../larder/index.js';
import { solublePercent } from '../../larder/index.js';
import type { FillingSpec } from '../../schema/index.js';
import type { Figure, FigureSum } from '../../units/index.js';
import { figure, from, given, q, makeSum } from '../../units/index.js';
import type { Filling } from '../filling.js';
import { stirredInG } from '../glaze.js';
import { fruitFigures } from './fruit.js';
import { ledgerFigures } from './ledger.js';
import { preparationFigures } from './preparation.js';
import { sugarFigures } from './sugar.js';
import { thickenerFigures } from './thickener.js';

/** All that a filling is weighed from, and what boils off before the oven. */
function massSum(spec: FillingSpec, { batch, sugar, thickenerG, brought, prepared }: Filling): FigureSum {
  const parts: readonly (readonly [massG: number, what: string])[] = [
    [batch.massG, 'of fruit'],
    [sugar.massG, 'of sugar'],
    [thickenerG, 'of thickener'],
    [spec.lemonJuiceG, 'of lemon juice'],
    [spec.butterG, 'of butter'],
    [stirredInG(spec, batch.massG), 'of water stirred in'],
    [brought.massG - brought.alcoholG, 'of liquids and jam'],
  ];
  const added = parts.filter(([massG]) => massG > 0);
  return [
    ...added.flatMap(([massG, what], i): FigureSum => makeSum`${i > 0 ? ' + ' : ''}${q(massG, 'g')} ${what}`),
    ...(prepared.boiledOffG > 0 ? makeSum` - ${q(prepared.boiledOffG, 'g')} boiled away` : []),
  ];
}

/** All figures of a filling, each with its story. */
export function fillingFigures(spec: FillingSpec, filling: Filling, larder: Larder): Figure[] {
  const soluble = filling.batch.fruits.map(({ fruit }) => solublePercent(fruit));
  return [
    ...fruitFigures(spec, filling),
    ...sugarFigures(spec, filling, larder),
    ...preparationFigures(filling),
    ...ledgerFigures(spec, filling),
    figure({
      id: 'filling.ph',
      label: 'Acidity',
      value: filling.ph,
      unit: 'pH',
      low: filling.ph - 0.2,
      high: filling.ph + 0.2,
      sum: filling.batch.fruits.flatMap(({ fruit, massG }, i): FigureSum => [
        i > 0 ? ', ' : '',
        q(massG, 'g'),
        ' at ',
        q(fruit.ph, 'pH'),
      ]),
      rule: 'Hydrogen ions averaged by mass over fruit and lemon.',
      inputs: [given('soluble solids of the first fruit', soluble[0] ?? 0, 'percent')],
      source: 'published pH ranges of fruits, from memory',
    }),
    figure({
      id: 'filling.mass',
      label: 'Filling',
      value: filling.massG,
      unit: 'g',
      spread: 0.03,
      rule: 'Fruit, sugar, thickener, lemon, liquid and butter, less what was boiled away.',
      sum: massSum(spec, filling),
      inputs: from('fruit.mass', 'sugar.mass', 'thickener.dose', 'ledger.boiled_off'),
      source: 'arithmetic',
    }),
    ...thickenerFigures(spec, filling, larder),
  ];
}
