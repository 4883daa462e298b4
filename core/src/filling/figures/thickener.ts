import type { Larder } from '../../larder/index.js';
import type { FillingSpec } from '../../schema/index.js';
import type { Figure, FigureSum } from '../../units/index.js';
import { figure, from, given, q, makeSum } from '../../units/index.js';
import type { Filling } from '../filling.js';
import { isBaked } from '../preparation.js';
import { setTargets } from '../set.js';
import { CHOICE_SOURCE, LEDGER_SOURCE } from './source.js';

/** Figures of set and dose. */
// eslint-disable-next-line max-lines-per-function -- one list: each figure with its story
export function thickenerFigures(spec: FillingSpec, filling: Filling, larder: Larder): Figure[] {
  const shares = spec.thickeners.reduce((sum, part) => sum + part.share, 0);
  const { dose, thickenerG } = filling;
  const set = spec.thickenerMassG !== null;
  const { juiceG } = filling.ledger;
  const own = filling.batch.fruits.length === 1 ? 'the fruit sets by itself' : 'the fruits set by themselves';
  const sum =
    dose.massG > 0
      ? makeSum`${q(juiceG, 'g')} of juice x (${q(filling.target, 'g/100 g')} wanted, less the ${q(filling.body, 'g/100 g')} that ${own}) / ${q(filling.blend, 'ratio')} of the strength of corn starch`
      : makeSum`none: ${own} to ${q(filling.body, 'g/100 g')}, and ${q(filling.target, 'g/100 g')} is wanted`;
  const { learned } = spec;
  const inAll: FigureSum =
    learned && dose.massG > 0
      ? [
          ...sum,
          `: `,
          q(learned.dose, 'ratio'),
          ` of the book’s, as ${learned.bakes} bake${learned.bakes === 1 ? '' : 's'} of this kitchen taught`,
        ]
      : sum;
  const narrows =
    'Most of it is how much juice this fruit gives. A weep test of twenty minutes, or a spoonful on a cold saucer, narrows it.';
  return [
    figure({
      id: 'thickener.target',
      label: `Set wanted: ${isBaked(spec) ? setTargets[spec.set].label : 'a glaze that binds'}`,
      value: filling.target,
      unit: 'g/100 g',
      rule: 'Corn starch, or what is worth it, in 100 g of juice: what that set takes.',
      source: 'fitted to doses of the trade; stiffness about 4 c^2.6 Pa',
    }),
    figure({
      id: 'thickener.body',
      label: 'The fruit’s own body',
      value: filling.body,
      unit: 'g/100 g',
      spread: 0.3,
      rule: 'Pectin and broken-down fruit, as corn starch per 100 g of juice, weighted by the juice each gives.',
      narrows: 'A spoonful of the cooked juice on a cold saucer shows it: say how it ran.',
      sum: filling.batch.fruits.flatMap(({ fruit }, i): FigureSum => [
        `${i > 0 ? ', ' : ''}${fruit.label.toLowerCase()} `,
        q(fruit.bodyPer100G, 'g/100 g'),
      ]),
      inputs: from('fruit.0.mass'),
      source: 'our estimate per fruit',
    }),
    figure({
      id: 'thickener.strength',
      label: 'Strength against corn starch',
      value: filling.blend,
      unit: 'ratio',
      spread: 0.13,
      rule: 'Potency of the blend, weakened by acid, by minutes of boiling, and by sugar past 35 Brix.',
      sum: makeSum`a gram stands for ${q(filling.blend, 'ratio')} g of corn starch at ${q(filling.ph, 'pH')} in a syrup of ${q(filling.ledger.syrupBrix, 'Brix')}`,
      inputs: [given('pH', filling.ph, 'pH'), ...from('ledger.brix')],
      source: 'acid: Hansuld & Briant 1954; sugar: Spies & Hoseney 1982; both from memory',
    }),
    figure({
      id: 'thickener.dose',
      label: 'Thickener for that set',
      value: dose.massG,
      unit: 'g',
      low: dose.lowG,
      high: dose.highG,
      rule: '(target - body) x juice / 100 / strength. The band comes from how far this fruit’s juice and the starch vary; a weep or saucer test narrows it.',
      sum: inAll,
      narrows,
      inputs: from('thickener.target', 'thickener.body', 'ledger.juice', 'thickener.strength'),
      source: LEDGER_SOURCE,
    }),
    ...spec.thickeners.map((part, i) =>
      figure({
        id: `thickener.${i}.mass`,
        label: larder.thickeners.get(part.thickener)?.label ?? part.thickener,
        value: (thickenerG * part.share) / shares,
        unit: 'g',
        low: set ? undefined : (dose.lowG * part.share) / shares,
        high: set ? undefined : (dose.highG * part.share) / shares,
        rule: set
          ? 'The amount you set.'
          : spec.thickeners.length === 1
            ? 'All of the dose is of it: juice to hold, times the set wanted less the fruit’s own body, by its strength.'
            : 'Its part of the dose.',
        sum: set
          ? []
          : spec.thickeners.length === 1
            ? inAll
            : makeSum`${q((100 * part.share) / shares, 'percent')} of ${q(dose.massG, 'g')}`,
        narrows: set ? '' : narrows,
        inputs: from('thickener.dose'),
        source: set ? CHOICE_SOURCE : LEDGER_SOURCE,
      }),
    ),
    figure({
      id: 'thickener.reached',
      label: 'Set reached',
      value: filling.reached,
      unit: 'g/100 g',
      spread: dose.massG > 0 ? (dose.highG - dose.massG) / dose.massG : 0.1,
      rule: 'What the thickener gives to the juice, and the fruit’s own body.',
      sum: makeSum`${q(thickenerG, 'g')} x ${q(filling.blend, 'ratio')} in ${q(juiceG, 'g')} of juice, and ${q(filling.body, 'g/100 g')} of the fruit’s own`,
      narrows,
      inputs: from('ledger.juice', 'thickener.strength', 'thickener.body'),
      source: LEDGER_SOURCE,
    }),
  ];
}
