import { makeTable } from '../../units/index.js';
import type { Larder } from '../larder.js';
import type { OwnRowProblem } from './own-fruit.js';
import { ownFigureProblems, takenId } from './own-fruit.js';
import type { Thickener } from '../thickeners.js';
import { builtInThickeners } from '../thickeners.js';

export const ownThickenerFigures = [
  'potencySpoonable',
  'potencyGel',
  'tablespoonG',
  'gelatinisesC',
  'boilRatePerH',
  'freezeWeep',
] as const;
export type OwnThickenerFigure = (typeof ownThickenerFigures)[number];

interface OwnFigureRow {
  readonly id: OwnThickenerFigure;
  readonly label: string;
  readonly unit: 'ratio' | 'g' | 'C';
  readonly least: number;
  readonly most: number;
  readonly what: string;
}

const rows: Readonly<Record<OwnThickenerFigure, Omit<OwnFigureRow, 'id'>>> = {
  potencySpoonable: {
    label: 'Strength, spoonable',
    unit: 'ratio',
    least: 0.05,
    most: 10,
    what: 'g of corn starch that 1 g of it stands for in a filling to be spooned',
  },
  potencyGel: {
    label: 'Strength, slice',
    unit: 'ratio',
    least: 0.05,
    most: 10,
    what: 'the same for a slice that stands',
  },
  tablespoonG: {
    label: 'A tablespoon',
    unit: 'g',
    least: 2,
    most: 25,
    what: 'grams in a level tablespoon of 15 mL',
  },
  gelatinisesC: { label: 'Swells at', unit: 'C', least: 20, most: 95, what: 'in plain water' },
  boilRatePerH: {
    label: 'Thins by boiling',
    unit: 'ratio',
    least: 0,
    most: 3,
    what: '0 for what stands boiling; .05 as corn starch; .5 as arrowroot',
  },
  freezeWeep: {
    label: 'Weeps when thawed',
    unit: 'ratio',
    least: 0,
    most: 1,
    what: 'share of the held juice that it lets go after freezing',
  },
};

/** The figures of a thickener that a kitchen may set for itself, and what they can be. */
export const ownThickenerRows = makeTable<OwnFigureRow>(rows);

/** A kitchen's own thickener, or its own figures for a built-in one (`like` itself). */
export interface OwnThickener {
  readonly id: string;
  readonly label: string;
  /** The built-in thickener whose figures stand in for those not given. */
  readonly like: string;
  readonly figures: Partial<Record<OwnThickenerFigure, number>>;
}

const laidOver = (base: Thickener, { id, label, figures }: OwnThickener): Thickener => ({
  ...base,
  ...figures,
  id,
  label,
  source: `this kitchen's own figures over ${base.label}: ${base.source}`,
});

/** Tablespoons in a cup. */
const SPOONS_A_CUP = 16;

/**
 * A larder with a kitchen's own thickeners, and its own cup of flour, laid over it. One like an unknown thickener is left out.
 * @param larder to lay over
 * @param own the kitchen's own figures
 * @param flourCupG what a cup of its flour weighs, g, where it is known
 * @returns a new larder
 * @example withOwnThickeners(builtInLarder, []).thickeners.size === builtInLarder.thickeners.size // true
 */
export function withOwnThickeners(larder: Larder, own: readonly OwnThickener[], flourCupG?: number): Larder {
  if (own.length === 0 && flourCupG === undefined) return larder;
  const thickeners = new Map(larder.thickeners);
  const flour = thickeners.get('plain_flour');
  if (flour && flourCupG !== undefined)
    thickeners.set(flour.id, { ...flour, tablespoonG: flourCupG / SPOONS_A_CUP });
  for (const one of own) {
    const base = builtInThickeners.get(one.like);
    if (base) thickeners.set(one.id, laidOver(base, one));
  }
  return { ...larder, thickeners, flourCupG: flourCupG ?? larder.flourCupG };
}

/**
 * All that is wrong with a kitchen's own thickener; empty when sums can stand on it.
 * @param own figures of a kitchen
 * @returns fields with what to do
 * @example checkOwnThickener({ id: 'mine', label: 'Mine', like: 'corn_starch', figures: {} }).length // 0
 */
export function checkOwnThickener(own: OwnThickener): OwnRowProblem[] {
  if (!builtInThickeners.has(own.like)) {
    return [
      {
        field: 'like',
        message: `There is no built-in thickener called "${own.like}".`,
        remedy: 'Choose the built-in thickener that it is most like.',
      },
    ];
  }
  return [
    ...takenId(own, builtInThickeners, 'thickener'),
    ...ownFigureProblems(own.figures, ownThickenerRows, 'thickener'),
  ];
}
