import type { Dough } from './doughs.js';
import { builtInDoughs } from './doughs.js';
import type { Fruit, FruitTable } from './fruits.js';
import { builtInFruits } from './fruits.js';
import type { Sugar } from './sugars.js';
import { builtInSugars } from './sugars.js';
import type { Thickener } from './thickeners.js';
import { builtInThickeners } from './thickeners.js';

/** Everything the sums may draw on. A kitchen's own figures replace the built-in ones row by row. */
export interface Larder {
  readonly fruits: FruitTable;
  readonly thickeners: ReadonlyMap<string, Thickener>;
  readonly sugars: ReadonlyMap<string, Sugar>;
  readonly doughs: ReadonlyMap<string, Dough>;
}

export const builtInLarder: Larder = {
  fruits: builtInFruits,
  thickeners: builtInThickeners,
  sugars: builtInSugars,
  doughs: builtInDoughs,
};

/** The figures of a fruit that a kitchen may set for itself. */
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

/** A kitchen's own fruit, or its own figures for a built-in one (`like` itself). */
export interface OwnFruit {
  readonly id: string;
  readonly label: string;
  /** The built-in fruit whose figures stand in for those not given. */
  readonly like: string;
  readonly figures: Partial<Record<OwnFruitFigure, number>>;
}

/** A larder with a kitchen's own fruits laid over it. An own fruit like an unknown one is left out. */
export function withOwnFruits(larder: Larder, own: readonly OwnFruit[]): Larder {
  const fruits = new Map(larder.fruits);
  for (const { id, label, like, figures } of own) {
    const base = builtInFruits.get(like);
    if (!base) continue;
    const changed: Fruit = {
      ...base,
      ...figures,
      id,
      label,
      source: `this kitchen's own figures over ${base.label}: ${base.source}`,
    };
    fruits.set(id, changed);
  }
  return { ...larder, fruits };
}
