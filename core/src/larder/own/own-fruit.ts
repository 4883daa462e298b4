import { PRACTICE } from '../../units/index.js';
import { makeTable } from '../../units/index.js';
import type { Fruit } from '../fruits/index.js';
import { builtInFruits, solublePercent } from '../fruits/index.js';
import type { Larder } from '../larder.js';

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

interface OwnFigureRow {
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

const TABLES = 'food composition tables, from memory';
const ESTIMATE = 'our estimate';
const rows: Readonly<Record<OwnFruitFigure, Omit<OwnFigureRow, 'id'>>> = {
  waterPercent: {
    label: 'Water',
    unit: 'percent',
    least: 5,
    most: 99,
    spread: '2 points',
    source: TABLES,
    what: 'of the edible mass',
  },
  sugarsPercent: {
    label: 'Its own sugar',
    unit: 'percent',
    least: 0,
    most: 80,
    spread: '15 %',
    source: TABLES,
    what: 'of the edible mass',
  },
  juiceBrix: {
    label: 'Sugar in its juice',
    unit: 'Brix',
    least: 0,
    most: 85,
    spread: '15 %',
    source: TABLES,
    what: 'by a refractometer, if you have one',
  },
  acidPercent: {
    label: 'Acid',
    unit: 'percent',
    least: 0,
    most: 10,
    spread: '25 %',
    source: TABLES,
    what: 'of the edible mass',
  },
  ph: {
    label: 'Acidity of the juice',
    unit: 'pH',
    least: 2,
    most: 6.5,
    spread: '0.2',
    source: TABLES,
    what: 'by a strip',
  },
  bodyPer100G: {
    label: 'Thickens by itself',
    unit: 'g/100 g',
    least: 0,
    most: 6,
    spread: '30 %',
    source: ESTIMATE,
    what: 'as corn starch per 100 g of juice',
  },
  releaseFirm: {
    label: 'Juice that comes free, firm',
    unit: 'share',
    least: -3,
    most: 0.97,
    spread: 'by fruit',
    source: ESTIMATE,
    what: 'share of its water; below 0 for dried fruit that drinks',
  },
  releaseRipe: {
    label: 'Juice that comes free, ripe',
    unit: 'share',
    least: -3,
    most: 0.97,
    spread: 'by fruit',
    source: ESTIMATE,
    what: 'share of its water',
  },
  collapse: {
    label: 'How far it sinks',
    unit: 'share',
    least: 0.2,
    most: 2,
    spread: '10 %',
    source: ESTIMATE,
    what: 'cooked volume over heaped raw volume',
  },
  refuse: {
    label: 'Waste',
    unit: 'share',
    least: 0,
    most: 0.9,
    spread: '20 %',
    source: PRACTICE,
    what: 'peel, core and stones over what is bought',
  },
  cupG: {
    label: 'A cup, prepared',
    unit: 'g',
    least: 20,
    most: 400,
    spread: '8 %',
    source: TABLES,
    what: 'grams in 240 mL',
  },
};

/** The figures of a fruit that a kitchen may set for itself: what they can be, how far the built-in ones scatter, whence. */
export const ownFigureRows = makeTable<OwnFigureRow>(rows);

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

/**
 * A larder with a kitchen's own fruits laid over it. An own fruit like an unknown one is left out.
 * @param larder to lay over
 * @param own the kitchen's own figures
 * @returns a new larder
 * @example withOwnFruits(builtInLarder, []).fruits.size === builtInLarder.fruits.size // true
 */
export function withOwnFruits(larder: Larder, own: readonly OwnFruit[]): Larder {
  if (own.length === 0) return larder;
  const fruits = new Map(larder.fruits);
  for (const fruit of own) {
    const base = builtInFruits.get(fruit.like);
    if (base) fruits.set(fruit.id, laidOver(base, fruit));
  }
  return { ...larder, fruits };
}

/** What is wrong with a row that a kitchen keeps, and what to do. */
export interface OwnRowProblem {
  readonly field: string;
  readonly message: string;
  readonly remedy: string;
}

/** What a figure of a kitchen's own may be. */
interface FigureLimits {
  readonly label: string;
  readonly least: number;
  readonly most: number;
  readonly what: string;
}

/** An own row may carry a built-in id only to lay its figures over that row. */
export const takenId = (
  { id, like }: { readonly id: string; readonly like: string },
  builtIn: ReadonlyMap<string, unknown>,
  noun: string,
): OwnRowProblem[] =>
  id !== like && builtIn.has(id)
    ? [
        {
          field: 'id',
          message: `"${id}" is a built-in ${noun}.`,
          remedy: `Give the new ${noun} a name of its own.`,
        },
      ]
    : [];

/** Figures that there are none of, or that cannot be. */
export const ownFigureProblems = (
  figures: Readonly<Record<string, unknown>>,
  rows: ReadonlyMap<string, FigureLimits>,
  noun: string,
): OwnRowProblem[] =>
  Object.entries(figures).flatMap(([key, value]): OwnRowProblem[] => {
    const field = `figures.${key}`;
    const row = rows.get(key);
    if (!row) {
      return [
        {
          field,
          message: `A ${noun} has no figure called "${key}".`,
          remedy: `Figures are: ${[...rows.keys()].join(', ')}.`,
        },
      ];
    }
    const { label, least, most, what } = row;
    return typeof value === 'number' && value >= least && value <= most
      ? []
      : [
          {
            field,
            message: `${label} is ${JSON.stringify(value)}; it must lie between ${least} and ${most}.`,
            remedy: `${label}: ${what}.`,
          },
        ];
  });

/**
 * All that is wrong with a kitchen's own fruit; empty when sums can stand on it.
 * @param own figures of a kitchen
 * @returns fields with what to do
 * @example checkOwnFruit({ id: 'damson', label: 'Damson', like: 'damson', figures: {} }).length // 0
 */
export function checkOwnFruit(own: OwnFruit): OwnRowProblem[] {
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
  const problems = [
    ...takenId(own, builtInFruits, 'fruit'),
    ...ownFigureProblems(own.figures, ownFigureRows, 'fruit'),
  ];
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
