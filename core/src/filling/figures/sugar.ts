import type { Larder } from '../../larder/index.js';
import type { FillingSpec } from '../../spec/index.js';
import type { Figure } from '../../units/index.js';
import { figure, from, given } from '../../units/index.js';
import type { Filling } from '../filling.js';
import { CHOICE_SOURCE } from './source.js';

/** Figures of sweetness. */
export function sugarFigures(spec: FillingSpec, filling: Filling, larder: Larder): Figure[] {
  const { sugar, batch, massG } = filling;
  const label = larder.sugars.get(spec.sugar.sugar)?.label ?? 'Sugar';
  const totalG = sugar.sweetnessG + batch.sugarsG;
  return [
    figure({
      id: 'sugar.mass',
      label,
      value: sugar.massG,
      unit: 'g',
      spread: spec.sugar.massG === null ? 0.1 : 0,
      rule:
        spec.sugar.massG === null
          ? 'style x (.52 + .60 x acid %) per g of fruit, less .3 of what the fruit’s own sugar is above a middling 10 %, divided by how sweet this sugar is.'
          : 'The amount you set.',
      inputs: [given('style', sugar.style, 'ratio'), ...from('fruit.mass', 'fruit.acid', 'fruit.sugars')],
      source:
        spec.sugar.massG === null
          ? 'fitted to schools of the trade (docs/decisions/0003-sugar.md)'
          : CHOICE_SOURCE,
    }),
    figure({
      id: 'sugar.total',
      label: 'Sugar in the filling, the fruit’s own with it',
      value: (100 * totalG) / massG,
      unit: 'percent',
      spread: 0.1,
      rule: 'Added sugar and the fruit’s own over the whole filling.',
      inputs: from('sugar.mass', 'fruit.sugars', 'filling.mass'),
      source: 'arithmetic',
    }),
    figure({
      id: 'sugar.to_acid',
      label: 'Sugar to acid',
      value: totalG / Math.max(0.1, batch.acidG + 0.055 * spec.lemonJuiceG),
      unit: 'count',
      spread: 0.2,
      rule: 'All sugar over all acid, lemon with it: about 12 tastes sharp, 25 sweet.',
      inputs: from('sugar.mass', 'fruit.sugars', 'fruit.acid'),
      source: 'arithmetic; words: common practice, no source',
    }),
  ];
}
