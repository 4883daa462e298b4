import type { Larder } from '../../larder/index.js';
import type { FillingSpec } from '../../schema/index.js';
import type { Figure } from '../../units/index.js';
import { figure, from, given, q, makeSum } from '../../units/index.js';
import type { Filling } from '../filling.js';
import { ownSugarCreditG, sharpness } from '../sugar.js';
import { CHOICE_SOURCE } from './source.js';

/** Figures of sweetness. */
export function sugarFigures(spec: FillingSpec, filling: Filling, larder: Larder): Figure[] {
  const { sugar, batch, massG } = filling;
  const label = larder.sugars.get(spec.sugar.sugar)?.label ?? 'Sugar';
  const acidG = Math.max(0.1, batch.acidG + 0.055 * spec.lemonJuiceG);
  const creditG = ownSugarCreditG(batch);
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
          ? 'What the sweetness asks of a middling fruit, more for a sharp one and less for one with sugar of its own; sweeter sugars take less.'
          : 'The amount you set.',
      sum:
        spec.sugar.massG === null
          ? makeSum`${q(batch.massG, 'g')} of fruit x ${q(100 * sugar.style, 'percent')} for the sweetness x ${q(sharpness(batch), 'ratio')} for how sharp it is, ${creditG < 0 ? 'and' : 'less'} ${q(Math.abs(creditG), 'g')} for ${creditG < 0 ? 'the little sugar of its own' : 'its own sugar'}`
          : [],
      narrows:
        spec.sugar.massG === null
          ? 'Most of it is taste, then how ripe the fruit is. Taste the filling and correct it at the bowl.'
          : '',
      inputs: [given('style', sugar.style, 'ratio'), ...from('fruit.mass', 'fruit.acid', 'fruit.sugars')],
      source: spec.sugar.massG === null ? 'fitted to schools of the trade' : CHOICE_SOURCE,
    }),
    figure({
      id: 'sugar.total',
      label: 'Sugar in the filling, the fruit’s own with it',
      value: (100 * totalG) / massG,
      unit: 'percent',
      spread: 0.1,
      rule: 'Added sugar and the fruit’s own over the whole filling.',
      sum: makeSum`(${q(sugar.sweetnessG, 'g')} + ${q(batch.sugarsG, 'g')} of its own) / ${q(massG, 'g')}`,
      inputs: from('sugar.mass', 'fruit.sugars', 'filling.mass'),
      source: 'arithmetic',
    }),
    figure({
      id: 'sugar.to_acid',
      label: 'Sugar to acid',
      value: totalG / acidG,
      unit: 'count',
      spread: 0.2,
      rule: 'All sugar over all acid, lemon with it: about 12 tastes sharp, 25 sweet.',
      sum: makeSum`${q(totalG, 'g')} of sugar / ${q(acidG, 'g')} of acid`,
      inputs: from('sugar.mass', 'fruit.sugars', 'fruit.acid'),
      source: 'arithmetic; words: common practice, no source',
    }),
  ];
}
