import { byId, numberIn, readTable, textIn } from '../units/index.js';
import type { Fruit } from './fruits.js';
import { builtInFruits, solublePercent } from './fruits.js';
import type { Larder } from './larder.js';

/** The figures of a fruit that a kitchen may set for itself: what they can be, how far the built-in ones scatter, whence. */
const table = `
id|label|unit|least|most|spread|source|what
waterPercent|Water|percent|5|99|2 points|tables|of the edible mass
sugarsPercent|Its own sugar|percent|0|80|15 %|tables|of the edible mass
juiceBrix|Sugar in its juice|Brix|0|85|15 %|tables|by a refractometer, if you have one
acidPercent|Acid|percent|0|10|25 %|tables|of the edible mass
ph|Acidity of the juice|pH|2|6.5|0.2|tables|by a strip
bodyPer100G|Its own body|g/100 g|0|6|30 %|estimate|as corn starch per 100 g of juice
releaseFirm|Juice that comes free, firm|share|-3|.97|by fruit|estimate|share of its water; below 0 for dried fruit that drinks
releaseRipe|Juice that comes free, ripe|share|-3|.97|by fruit|estimate|share of its water
collapse|How far it sinks|share|.2|2|10 %|estimate|cooked volume over heaped raw volume
refuse|Waste|share|0|.9|20 %|practice|peel, core and stones over what is bought
cupG|A cup, prepared|g|20|400|8 %|tables|grams in 240 mL
`;

const sourceWords: Readonly<Record<string, string>> = {
  tables: 'food composition tables, from memory',
  estimate: 'our estimate',
  practice: 'common practice, no source',
};

export const ownFruitFigures = [
  'waterPercent',
  'sugarsPercent',
  'juiceBrix',
  'acidPercent',
  'ph',
  'bodyPer100G',
  'releaseFirm',
  'releaseRipe',
  'collapse',
  'refuse',
  'cupG',
] as const;

export type OwnFruitFigure = (typeof ownFruitFigures)[number];

export interface OwnFigureRow {
  readonly id: OwnFruitFigure;
  readonly label: string;
  readonly unit: string;
  readonly least: number;
  readonly most: number;
  /** Half the nine-in-ten band of the built-in value, in words; juice release has a spread for each fruit. */
  readonly spread: string;
  readonly source: string;
  readonly what: string;
}

export const ownFigureRows: ReadonlyMap<string, OwnFigureRow> = byId(
  readTable(table, '|').map((row) => ({
    id: textIn(row, 'id') as OwnFruitFigure,
    label: textIn(row, 'label'),
    unit: textIn(row, 'unit'),
    least: numberIn(row, 'least'),
    most: numberIn(row, 'most'),
    spread: textIn(row, 'spread'),
    source: sourceWords[textIn(row, 'source')] ?? '',
    what: textIn(row, 'what'),
  })),
);

/** A kitchen's own fruit, or its own figures for a built-in one (`like` itself). */
export interface OwnFruit {
  readonly id: string;
  readonly label: string;
  /** The built-in fruit whose figures stand in for those not given. */
  readonly like: string;
  readonly figures: Partial<Record<OwnFruitFigure, number>>;
}

const laidOver = (base: Fruit, { id, label, figures }: OwnFruit): Fruit => ({
  ...base,
  ...figures,
  id,
  label,
  source: `this kitchen's own figures over ${base.label}: ${base.source}`,
});

/** A larder with a kitchen's own fruits laid over it. An own fruit like an unknown one is left out. */
export function withOwnFruits(larder: Larder, own: readonly OwnFruit[]): Larder {
  if (own.length === 0) return larder;
  const fruits = new Map(larder.fruits);
  for (const fruit of own) {
    const base = builtInFruits.get(fruit.like);
    if (base) fruits.set(fruit.id, laidOver(base, fruit));
  }
  return { ...larder, fruits };
}

export interface OwnFruitProblem {
  readonly field: string;
  readonly message: string;
  readonly remedy: string;
}

/** All that is wrong with a kitchen's own fruit; empty when sums can stand on it. */
export function checkOwnFruit(own: OwnFruit): OwnFruitProblem[] {
  const base = builtInFruits.get(own.like);
  if (!base) {
    return [
      {
        field: 'like',
        message: `There is no built-in fruit called "${own.like}".`,
        remedy: 'Choose the built-in fruit that it is most like.',
      },
    ];
  }
  const problems: OwnFruitProblem[] = [];
  if (own.id !== own.like && builtInFruits.has(own.id)) {
    problems.push({
      field: 'id',
      message: `"${own.id}" is a built-in fruit.`,
      remedy: 'Give the new fruit a name of its own.',
    });
  }
  for (const [key, value] of Object.entries(own.figures)) {
    const row = ownFigureRows.get(key);
    if (!row) {
      problems.push({
        field: `figures.${key}`,
        message: `A fruit has no figure called "${key}".`,
        remedy: `Figures are: ${ownFruitFigures.join(', ')}.`,
      });
    } else if (typeof value !== 'number' || !(value >= row.least && value <= row.most)) {
      problems.push({
        field: `figures.${key}`,
        message: `${row.label} is ${String(value)}; it must lie between ${row.least} and ${row.most}.`,
        remedy: `${row.label}: ${row.what}.`,
      });
    }
  }
  if (problems.length > 0) return problems;
  const fruit = laidOver(base, own);
  if (fruit.releaseFirm > fruit.releaseRipe) {
    problems.push({
      field: 'figures.releaseFirm',
      message: 'Firm fruit would give more juice than ripe fruit.',
      remedy: 'Give the firm one at most what the ripe one has.',
    });
  }
  if (fruit.waterPercent + solublePercent(fruit) > 101) {
    problems.push({
      field: 'figures.juiceBrix',
      message: `Water and what is dissolved in it come to ${Math.round(fruit.waterPercent + solublePercent(fruit))} % of the fruit.`,
      remedy: 'Lower the water or the sugar in its juice.',
    });
  }
  return problems;
}
