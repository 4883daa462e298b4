import { byId, numberIn, readTable, textIn } from '../units/index.js';

/**
 * Crumb toppings: per 100 of flour, and grams that cover a cm2. Thermal values of a loose crumb: conductivity dry and wet
 * in W/(m K). Schools: common practice, no source; thermal values: estimate.
 */
const table = `
id,label,butter,sugar,oats,nuts,cover_g_cm2,contains,how
rubbed,Rubbed cold,60,60,0,0,.55,wheat;milk,Rub cold butter in to wet sand; leave it loose.
melted,Melted in lumps,88,160,0,0,.60,wheat;milk,Pour melted butter over and press into big lumps.
oat_nut,Oats and nuts,88,160,46,62,.72,wheat;milk;nuts;oats,Stir melted butter through; leave it loose.
`;

export interface Crumb {
  readonly id: string;
  readonly label: string;
  readonly butter: number;
  readonly sugar: number;
  readonly oats: number;
  readonly nuts: number;
  readonly coverGPerCm2: number;
  readonly contains: readonly string[];
  readonly how: string;
}

export const crumbs: ReadonlyMap<string, Crumb> = byId(
  readTable(table).map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    butter: numberIn(row, 'butter'),
    sugar: numberIn(row, 'sugar'),
    oats: numberIn(row, 'oats'),
    nuts: numberIn(row, 'nuts'),
    coverGPerCm2: numberIn(row, 'cover_g_cm2'),
    contains: textIn(row, 'contains').split(';'),
    how: textIn(row, 'how'),
  })),
);

/**
 * A loose crumb as the oven meets it. Estimates (05-bake); it starts 25 F lower than two crusts: common practice, no source.
 */
export const crumbTraits = {
  densityKgM3: 620,
  conductivityDry: 0.11,
  conductivityWet: 0.16,
  browning: 1,
  startsLowerC: 14,
} as const;
