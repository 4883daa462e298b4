import { makeTable } from '../units/index.js';
import type { CareId } from './care.js';

/** What goes into a filling beside fruit, sugar and thickener: a liquid, a jam, a puree. Shares are of its mass. */
export interface Addition {
  readonly id: string;
  readonly label: string;
  readonly water: number;
  /** Sugar dissolved in it; what it sweetens like, as white sugar. */
  readonly sugars: number;
  readonly acid: number;
  readonly ph: number;
  readonly fat: number;
  readonly alcohol: number;
  /** What it thickens by itself, as g of corn starch per g. */
  readonly body: number;
  readonly cupG: number;
  readonly contains: readonly string[];
  readonly care: readonly CareId[];
  /** Goes in with all but its fat and alcohol free: a puree or jam is held together by its own cells and pectin. */
  readonly free: number;
}

const plain = { fat: 0, alcohol: 0, body: 0, contains: [], care: [], free: 1 } as const;
const strong = { ...plain, sugars: 0, acid: 0, ph: 5, care: ['alcohol'] } as const;

/**
 * Liquids, jams and purees. Standard food composition tables, from memory; alcohol by mass; body and the free share of jam and
 * puree are estimates.
 */
export const builtInAdditions = makeTable<Addition>({
  water: { ...plain, label: 'Water', water: 1, sugars: 0, acid: 0, ph: 7, cupG: 240 },
  apple_juice: { ...plain, label: 'Apple juice', water: 0.88, sugars: 0.11, acid: 0.005, ph: 3.5, cupG: 250 },
  orange_juice: {
    ...plain,
    label: 'Orange juice',
    water: 0.89,
    sugars: 0.085,
    acid: 0.009,
    ph: 3.7,
    cupG: 250,
  },
  cherry_juice: {
    ...plain,
    label: 'Sour cherry juice',
    water: 0.86,
    sugars: 0.11,
    acid: 0.015,
    ph: 3.4,
    cupG: 250,
  },
  canned_juice: {
    ...plain,
    label: 'Juice of canned fruit',
    water: 0.87,
    sugars: 0.12,
    acid: 0.004,
    ph: 3.7,
    cupG: 252,
  },
  heavy_syrup: {
    ...plain,
    label: 'Heavy syrup of canned fruit',
    water: 0.79,
    sugars: 0.2,
    acid: 0.003,
    ph: 3.8,
    cupG: 260,
  },
  drained_juice: {
    ...plain,
    label: 'Juice drained from thawed fruit',
    water: 0.89,
    sugars: 0.09,
    acid: 0.01,
    ph: 3.4,
    cupG: 248,
  },
  dry_cider: {
    ...strong,
    label: 'Dry cider',
    water: 0.94,
    sugars: 0.01,
    acid: 0.005,
    ph: 3.6,
    alcohol: 0.045,
    cupG: 240,
  },
  red_wine: {
    ...strong,
    label: 'Red wine',
    water: 0.865,
    sugars: 0.003,
    acid: 0.006,
    ph: 3.6,
    alcohol: 0.105,
    cupG: 238,
    contains: ['sulphites (read the label)'],
  },
  white_wine: {
    ...strong,
    label: 'White wine',
    water: 0.87,
    sugars: 0.01,
    acid: 0.007,
    ph: 3.3,
    alcohol: 0.1,
    cupG: 238,
    contains: ['sulphites (read the label)'],
  },
  spirit: { ...strong, label: 'Brandy, rum or other spirit', water: 0.66, alcohol: 0.33, cupG: 228 },
  orange_liqueur: { ...strong, label: 'Orange liqueur', water: 0.42, sugars: 0.26, alcohol: 0.31, cupG: 250 },
  cream: {
    ...plain,
    label: 'Cream',
    water: 0.58,
    sugars: 0.03,
    acid: 0.001,
    ph: 6.6,
    fat: 0.36,
    cupG: 235,
    contains: ['milk'],
    care: ['keep_cold'],
  },
  coffee: { ...plain, label: 'Coffee', water: 0.99, sugars: 0, acid: 0.001, ph: 5, cupG: 238 },
  jam: {
    ...plain,
    label: 'Jam',
    water: 0.34,
    sugars: 0.62,
    acid: 0.008,
    ph: 3.2,
    body: 0.05,
    cupG: 320,
    free: 0.5,
  },
  marmalade: {
    ...plain,
    label: 'Marmalade',
    water: 0.34,
    sugars: 0.62,
    acid: 0.008,
    ph: 3.1,
    body: 0.05,
    cupG: 320,
    free: 0.5,
  },
  apple_puree: {
    ...plain,
    label: 'Apple puree, unsweetened',
    water: 0.87,
    sugars: 0.1,
    acid: 0.005,
    ph: 3.5,
    body: 0.03,
    cupG: 244,
    free: 0.4,
  },
  pumpkin_puree: {
    ...plain,
    label: 'Pumpkin puree',
    water: 0.9,
    sugars: 0.04,
    acid: 0.001,
    ph: 5,
    body: 0.03,
    cupG: 245,
    free: 0.35,
  },
});
