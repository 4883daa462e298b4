import type { Larder } from '../larder/index.js';
import { solublePercent } from '../larder/index.js';
import type { Figure, Input } from '../units/index.js';
import { figure, from, given } from '../units/index.js';
import { boughtMassG } from './batch.js';
import { BAND_DEVIATIONS } from './evidence.js';
import type { Filling } from './filling.js';
import type { FillingSpec } from './spec.js';
import { setTargets } from './set.js';

const RULES = 'the juice ledger (docs/decisions/0002-juice-ledger.md)';
const CHOICE = 'your choice';

/** Figures of the fruit itself. */
function fruitFigures(spec: FillingSpec, filling: Filling): Figure[] {
  const { batch, release } = filling;
  const chosen = spec.fruitMassG !== null;
  const perFruit = batch.fruits.flatMap((item, i): Figure[] => [
    figure({
      id: `fruit.${i}.mass`,
      label: `${item.fruit.label}, prepared`,
      value: item.massG,
      unit: 'g',
      spread: chosen ? 0 : 0.08,
      rule: 'Its share of the fruit.',
      inputs: from('fruit.mass'),
      source: chosen ? CHOICE : 'heap and collapse of the fruit table',
    }),
    figure({
      id: `fruit.${i}.bought`,
      label: `${item.fruit.label}, as bought`,
      value: boughtMassG(item),
      unit: 'g',
      spread: chosen ? 0.05 : 0.1,
      rule: 'Prepared fruit divided by the share that is left after peel, core and stone.',
      inputs: [...from(`fruit.${i}.mass`), given('refuse', 100 * item.fruit.refuse, 'percent')],
      source: item.fruit.source,
    }),
    figure({
      id: `fruit.${i}.release`,
      label: `${item.fruit.label}, juice that comes free`,
      value: 100 * (filling.prepared.releases[i] ?? 0),
      unit: 'percent',
      spread: BAND_DEVIATIONS * release.deviation,
      rule: 'Share of its water that ends free: firm to ripe by the table, then cutting, freezing and sugar each keep less in; a weep test moves it.',
      inputs: [
        given('when firm', 100 * item.fruit.releaseFirm, 'percent'),
        given('when ripe', 100 * item.fruit.releaseRipe, 'percent'),
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
      inputs: chosen ? [] : from('dish.net'),
      source: chosen ? CHOICE : 'cup weights and collapse of the fruit table; 240 mL to the cup',
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
        inputs: batch.fruits.flatMap((f, i): Input[] => [
          { figure: `fruit.${i}.mass` },
          given(f.fruit.label, columns[key]?.(f) ?? 0, 'percent'),
        ]),
        source: 'standard food composition tables, from memory',
      }),
    ),
  ];
}

function sugarFigures(spec: FillingSpec, filling: Filling, larder: Larder): Figure[] {
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
        spec.sugar.massG === null ? 'fitted to schools of the trade (docs/decisions/0003-sugar.md)' : CHOICE,
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

function ledgerFigures(filling: Filling): Figure[] {
  const { ledger, release } = filling;
  const wet = BAND_DEVIATIONS * release.deviation;
  const line = (
    id: string,
    label: string,
    value: number,
    spread: number,
    rule: string,
    inputs: Input[],
  ): Figure => figure({ id: `ledger.${id}`, label, value, unit: 'g', spread, rule, inputs, source: RULES });
  return [
    line(
      'fruit_water',
      'Water the fruit brings',
      ledger.fruitWaterG,
      0.02,
      'Water of all fruit.',
      from('fruit.water'),
    ),
    line(
      'liquid_water',
      'Water of lemon, sugar and liquid',
      ledger.liquidWaterG,
      0,
      'Lemon juice is 91 % water; liquid sugars bring theirs.',
      from('sugar.mass'),
    ),
    line(
      'bound',
      'Stays in the fruit',
      ledger.boundWaterG,
      wet / 2,
      'Water that does not come free.',
      from('ledger.fruit_water', 'fruit.0.release'),
    ),
    line(
      'boiled_off',
      'Boiled away before the oven',
      ledger.boiledOffG,
      0.15,
      'What the preparation takes off on the hob.',
      [],
    ),
    line(
      'evaporated',
      'Out through the top',
      ledger.evaporatedG,
      0.4,
      'Grows with oven heat, area, minutes of bubbling and how open the top is; never over .6 of the free water.',
      from('dish.top_area', 'build.vent_share'),
    ),
    line(
      'soaked',
      'Drunk by pastry and dried fruit',
      ledger.soakedWaterG,
      0.4,
      '.03 g per cm2 of crust, a fifth of the crumb, and what dried fruit takes.',
      from('build.crust_area'),
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
    ),
    line(
      'juice',
      'Juice to thicken, with its sugar',
      ledger.juiceG,
      wet,
      'Held water with the sugar, acid and fruit solids dissolved in it.',
      from('ledger.held', 'sugar.mass', 'ledger.brix'),
    ),
    figure({
      id: 'ledger.brix',
      label: 'Sugar in that juice',
      value: ledger.syrupBrix,
      unit: 'Brix',
      spread: wet / 2,
      rule: 'Solids over juice. Part of the added sugar stays with the fruit: 1 - .45 x the share of water that is not free.',
      inputs: from('sugar.mass', 'ledger.held'),
      source: RULES,
    }),
  ];
}

function thickenerFigures(spec: FillingSpec, filling: Filling, larder: Larder): Figure[] {
  const shares = spec.thickeners.reduce((sum, part) => sum + part.share, 0);
  const { dose, thickenerG } = filling;
  const set = spec.thickenerMassG !== null;
  return [
    figure({
      id: 'thickener.target',
      label: `Set wanted: ${spec.preparation.kind === 'glaze' ? 'a glaze that binds' : setTargets[spec.set].label}`,
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
      source: RULES,
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
        source: set ? CHOICE : RULES,
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
      source: RULES,
    }),
  ];
}

/** All figures of a filling, each with its story. */
export function fillingFigures(spec: FillingSpec, filling: Filling, larder: Larder): Figure[] {
  const soluble = filling.batch.fruits.map(({ fruit }) => solublePercent(fruit));
  return [
    ...fruitFigures(spec, filling),
    ...sugarFigures(spec, filling, larder),
    ...ledgerFigures(filling),
    figure({
      id: 'filling.ph',
      label: 'Acidity',
      value: filling.ph,
      unit: 'pH',
      low: filling.ph - 0.2,
      high: filling.ph + 0.2,
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
      inputs: from('fruit.mass', 'sugar.mass', 'thickener.dose', 'ledger.boiled_off'),
      source: 'arithmetic',
    }),
    ...thickenerFigures(spec, filling, larder),
  ];
}
