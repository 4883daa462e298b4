import type { FillingSpec } from '../../schema/index.js';
import type { Figure, Input, FigureSum } from '../../units/index.js';
import { figure, from, given, q, makeSum } from '../../units/index.js';
import { boughtMassG } from '../batch.js';
import { BAND_DEVIATIONS } from '../evidence.js';
import type { Filling } from '../filling.js';
import { CHOICE_SOURCE } from './source.js';

/** Figures of the fruit itself. */
// eslint-disable-next-line max-lines-per-function -- one list: each figure with its story
export function fruitFigures(spec: FillingSpec, filling: Filling): Figure[] {
  const { batch, release } = filling;
  const chosen = spec.fruitMassG !== null;
  const perFruit = batch.fruits.flatMap((item, i): Figure[] => [
    figure({
      id: `fruit.${i}.mass`,
      label: `${item.fruit.label}, prepared`,
      value: item.massG,
      unit: 'g',
      spread: chosen ? 0 : 0.08,
      rule: batch.fruits.length === 1 ? 'It is all of the fruit.' : 'Its part of the fruit.',
      sum:
        batch.fruits.length === 1
          ? makeSum`all of ${q(batch.massG, 'g')}`
          : makeSum`${q((100 * item.massG) / batch.massG, 'percent')} of ${q(batch.massG, 'g')}`,
      inputs: from('fruit.mass'),
      source: chosen ? CHOICE_SOURCE : 'heap and collapse of the fruit table',
    }),
    figure({
      id: `fruit.${i}.bought`,
      label: `${item.fruit.label}, as bought`,
      value: boughtMassG(item),
      unit: 'g',
      spread: chosen ? 0.05 : 0.1,
      rule: 'Prepared fruit divided by the share that is left after peel, core and stone.',
      sum: makeSum`${q(item.massG, 'g')} / ${q((100 * item.massG) / boughtMassG(item), 'percent')} left after peel, core or stone`,
      narrows: 'Weigh a kilogram before and after: the larder takes your own figure.',
      inputs: [
        ...from(`fruit.${i}.mass`),
        given('refuse', 100 * item.fruit.refuse, 'percent', item.fruit.id),
      ],
      source: item.fruit.source,
    }),
    figure({
      id: `fruit.${i}.release`,
      label: `${item.fruit.label}, juice that comes free`,
      value: 100 * (filling.prepared.releases[i] ?? 0),
      unit: 'percent',
      spread: BAND_DEVIATIONS * release.deviation,
      sum: makeSum`${q(((filling.prepared.releases[i] ?? 0) * item.massG * item.fruit.waterPercent) / 100, 'g')} of its ${q((item.massG * item.fruit.waterPercent) / 100, 'g')} of water`,
      rule: 'Share of its water that ends free: firm to ripe by the table, then cutting, freezing and sugar each keep less in; a weep test moves it.',
      narrows:
        'Fruit differs from tree to tree and week to week. A weep test of twenty minutes narrows it most.',
      inputs: [
        given('when firm', 100 * item.fruit.releaseFirm, 'percent', item.fruit.id),
        given('when ripe', 100 * item.fruit.releaseRipe, 'percent', item.fruit.id),
        given('ripeness, -2 to 2', item.part.ripeness, 'ratio'),
        given('factor of this batch', release.factor, 'ratio'),
      ],
      source: item.fruit.source,
    }),
  ]);
  const composition: [string, string, number][] = [
    ['water', 'Water in the fruit', batch.waterG],
    ['sugars', 'The fruit’s own sugar', batch.sugarsG],
    ['acid', 'The fruit’s acid', batch.acidG],
  ];
  const columns: Record<string, (f: (typeof batch.fruits)[number]) => number> = {
    water: (f) => f.fruit.waterPercent,
    sugars: (f) => f.fruit.sugarsPercent,
    acid: (f) => f.fruit.acidPercent,
  };
  return [
    figure({
      id: 'fruit.mass',
      label: 'Fruit, prepared',
      value: batch.massG,
      unit: 'g',
      spread: chosen ? 0 : 0.08,
      rule: chosen
        ? 'The mass you set.'
        : 'Fruit whose cooked filling comes level with the lined dish: its heaped volume, how far it sinks, and what sugar and juice add.',
      sum: chosen
        ? []
        : makeSum`heaped raw it takes ${q(filling.heapMl, 'mL')}, cooked with sugar and juice ${q(filling.cookedMl, 'mL')}`,
      inputs: chosen ? [] : from('dish.net'),
      source: chosen ? CHOICE_SOURCE : 'cup weights and collapse of the fruit table; 240 mL to the cup',
    }),
    ...perFruit,
    ...composition.map(([key, label, value]) =>
      figure({
        id: `fruit.${key}`,
        label,
        value,
        unit: 'g',
        spread: key === 'water' ? 0.02 : 0.15,
        rule: 'Percent of each fruit times its mass, added up.',
        sum: batch.fruits.flatMap((f, i): FigureSum => [
          ...(i > 0 ? [' + '] : []),
          ...makeSum`${q(f.massG, 'g')} x ${q(columns[key]?.(f) ?? 0, 'percent')}`,
        ]),
        inputs: batch.fruits.flatMap((f, i): Input[] => [
          { figure: `fruit.${i}.mass` },
          given(f.fruit.label, columns[key]?.(f) ?? 0, 'percent', f.fruit.id),
        ]),
        source: 'standard food composition tables, from memory',
      }),
    ),
  ];
}
