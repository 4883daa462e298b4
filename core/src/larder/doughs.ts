import { makeTable } from '../units/index.js';

export interface Dough {
  readonly id: string;
  readonly label: string;
  readonly butter: number;
  readonly waterLow: number;
  readonly waterHigh: number;
  readonly salt: number;
  readonly sugar: number;
  readonly other: number;
  readonly otherLabel: string;
  /** g of it that a whole egg gives, where it is part of one. A yolk: common practice, no source. */
  readonly otherPerEggG?: number;
  readonly contains: readonly string[];
  readonly chillLeastMin: number;
  readonly chillGoodMin: number;
  readonly chillMostMin: number;
  /** How many times as thick a lid of it stands when baked; layers lift off the wet fruit. Estimate. */
  readonly lifts: number;
  readonly note: string;
}

/**
 * Doughs as baker's percentages: everything per 100 of flour. Water is a band, because flour and the day differ.
 * Chill times in minutes: least, good, most. Common practice, no source.
 */
export const builtInDoughs = makeTable<Dough>({
  all_butter: {
    label: 'All-butter',
    butter: 70,
    waterLow: 28,
    waterHigh: 36,
    salt: 1.5,
    sugar: 3,
    other: 0,
    otherLabel: '',
    contains: ['wheat', 'milk'],
    chillLeastMin: 30,
    chillGoodMin: 120,
    chillMostMin: 1440,
    lifts: 1,
    note: 'Butter in pea to marble pieces.',
  },
  vinegar: {
    label: 'Butter and vinegar',
    butter: 70,
    waterLow: 27,
    waterHigh: 35,
    salt: 1.5,
    sugar: 0,
    other: 1.5,
    otherLabel: 'Vinegar',
    contains: ['wheat', 'milk'],
    chillLeastMin: 30,
    chillGoodMin: 120,
    chillMostMin: 1440,
    lifts: 1,
    note: 'The vinegar keeps it from going grey on its second day.',
  },
  cornmeal: {
    label: 'Cornmeal',
    butter: 65,
    waterLow: 30,
    waterHigh: 36,
    salt: 1.5,
    sugar: 3,
    other: 0,
    otherLabel: '',
    contains: ['wheat', 'milk'],
    chillLeastMin: 30,
    chillGoodMin: 120,
    chillMostMin: 1440,
    lifts: 1,
    note: '15 of every 100 of the flour is cornmeal; it cracks when very cold.',
  },
  lean: {
    label: 'Lean',
    butter: 50,
    waterLow: 30,
    waterHigh: 36,
    salt: 1.5,
    sugar: 0,
    other: 0,
    otherLabel: '',
    contains: ['wheat', 'milk'],
    chillLeastMin: 30,
    chillGoodMin: 60,
    chillMostMin: 1440,
    lifts: 1,
    note: 'Firmer and plainer; good for free-form.',
  },
  puff: {
    label: 'Puff',
    butter: 90,
    waterLow: 48,
    waterHigh: 54,
    salt: 1.8,
    sugar: 0,
    other: 1,
    otherLabel: 'Vinegar',
    contains: ['wheat', 'milk'],
    chillLeastMin: 60,
    chillGoodMin: 120,
    chillMostMin: 1440,
    lifts: 3,
    note: 'Rolled and folded; docked all over before it bakes. For lids that are turned out.',
  },
  rich: {
    label: 'Rich egg',
    butter: 85,
    waterLow: 12,
    waterHigh: 18,
    salt: 1,
    sugar: 4,
    other: 6,
    otherLabel: 'Egg yolk',
    otherPerEggG: 18,
    contains: ['wheat', 'milk', 'egg'],
    chillLeastMin: 60,
    chillGoodMin: 180,
    chillMostMin: 1440,
    lifts: 1,
    note: 'Tender and short; keep it cold.',
  },
});
