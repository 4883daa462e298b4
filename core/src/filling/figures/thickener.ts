import type { Larder } from '../../larder/index.js';
import type { FillingSpec } from '../../spec/index.js';
import type { Figure } from '../../units/index.js';
import { figure, from, given } from '../../units/index.js';
import type { Filling } from '../filling.js';
import { isBaked } from '../preparation.js';
import { setTargets } from '../set.js';
import { CHOICE_SOURCE, LEDGER_SOURCE } from './source.js';

/** Figures of set and dose. */
export function thickenerFigures(spec: FillingSpec, filling: Filling, larder: Larder): Figure[] {
  const shares = spec.thickeners.reduce((sum, part) => sum + part.share, 0);
  const { dose, thickenerG } = filling;
  const set = spec.thickenerMassG !== null;
  return [
    figure({
      id: 'thickener.target',
      label: `Set wanted: ${isBaked(spec) ? setTargets[spec.set].label : 'a glaze that binds'}`,
      value: filling.target,
      unit: 'g/100 g',
      rule: 'Corn starch, or what is worth it, per 100 g of juice.',
      source: 'fitted to doses of the trade; stiffness about 4 c^2.6 Pa',
    }),
    figure({
      id: 'thickener.body',
      label: 'The fruit’s own body',
      value: filling.body,
      unit: 'g/100 g',
      spread: 0.3,
      rule: 'Pectin and broken-down fruit, as corn starch per 100 g of juice, weighted by the juice each gives.',
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
        rule: set ? 'The amount you set.' : 'Its share of the dose.',
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
      rule: '100 x thickener x strength / juice + body.',
      inputs: from('ledger.juice', 'thickener.strength', 'thickener.body'),
      source: LEDGER_SOURCE,
    }),
  ];
}
