import { makeTable } from '../units/index.js';

/** A crumb topping: parts per 100 of flour, and grams that cover a cm2. */
export interface Crumb {
  readonly id: string;
  readonly label: string;
  readonly butter: number;
  readonly sugar: number;
  readonly oats: number;
  readonly nuts: number;
  readonly salt?: number;
  readonly spice?: number;
  readonly coverGPerCm2: number;
  /** Factor on the rate of browning of bare pastry. */
  readonly browning: number;
  readonly contains: readonly string[];
  readonly how: string;
}

/** Schools of crumb: common practice, no source; browning: fit over W6, W7, W10. */
export const builtInCrumbs = makeTable<Crumb>({
  rubbed: {
    label: 'Rubbed cold',
    butter: 60,
    sugar: 60,
    oats: 0,
    nuts: 0,
    coverGPerCm2: 0.55,
    browning: 1.65,
    contains: ['wheat', 'milk'],
    how: 'Rub cold butter in to wet sand; leave it loose.',
  },
  melted: {
    label: 'Melted in lumps',
    butter: 88,
    sugar: 160,
    oats: 0,
    nuts: 0,
    coverGPerCm2: 0.6,
    browning: 1.32,
    contains: ['wheat', 'milk'],
    how: 'Pour melted butter over and press into big lumps.',
  },
  oat_nut: {
    label: 'Oats and nuts',
    butter: 88,
    sugar: 160,
    oats: 46,
    nuts: 62,
    coverGPerCm2: 0.72,
    browning: 0.95,
    contains: ['wheat', 'milk', 'nuts', 'oats'],
    how: 'Stir melted butter through; leave it loose.',
  },
});

/**
 * A loose crumb as the oven meets it; conductivity in W/(m K): flour, sugar and butter, .35, .6 and .2 (handbooks, from memory), half
 * of it air, come to .14 by Maxwell's rule when butter lies between them, and steam carries some more. Estimates; it starts
 * 25 F lower than two crusts: common practice, no source.
 */
export const crumbTraits = {
  densityKgM3: 620,
  conductivityDry: 0.16,
  conductivityWet: 0.21,
  startsLowerC: 14,
} as const;
