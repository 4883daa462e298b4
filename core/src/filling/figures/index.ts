import type { Larder } from '../../larder/index.js';
import { solublePercent } from '../../larder/index.js';
import type { FillingSpec } from '../../spec/index.js';
import type { Figure, Sum } from '../../units/index.js';
import { figure, from, given, q, sumOf } from '../../units/index.js';
import type { Filling } from '../filling.js';
import { fruitFigures } from './fruit.js';
import { ledgerFigures } from './ledger.js';
import { preparationFigures } from './preparation.js';
import { sugarFigures } from './sugar.js';
import { thickenerFigures } from './thickener.js';

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
      sum: filling.batch.fruits.flatMap(({ fruit, massG }, i): Sum => [
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
      sum: sumOf`${q(filling.batch.massG, 'g')} of fruit + ${q(filling.sugar.massG, 'g')} of sugar + ${q(filling.thickenerG, 'g')} of thickener + ${q(filling.massG - filling.batch.massG - filling.sugar.massG - filling.thickenerG, 'g')} of all else, boiling taken off`,
      inputs: from('fruit.mass', 'sugar.mass', 'thickener.dose', 'ledger.boiled_off'),
      source: 'arithmetic',
    }),
    ...thickenerFigures(spec, filling, larder),
  ];
}
