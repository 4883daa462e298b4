import { byId, numberIn, readTable, textIn } from '../units/index.js';

/**
 * Doughs as baker's percentages: everything per 100 of flour. Water is a band, because flour and the day differ.
 * Chill times in minutes: least, good, most. Common practice, no source.
 */
const table = `
id,label,butter,water_low,water_high,salt,sugar,other,other_label,contains,chill_least,chill_good,chill_most,lifts,note
all_butter,All-butter,70,28,36,1.5,3,0,,wheat;milk,30,120,1440,1,Butter in pea to marble pieces.
vinegar,Butter and vinegar,70,27,35,1.5,0,1.5,vinegar,wheat;milk,30,120,1440,1,The vinegar keeps it from going grey on its second day.
cornmeal,Cornmeal,65,30,36,1.5,3,0,,wheat;milk,30,120,1440,1,15 of every 100 of the flour is cornmeal; it cracks when very cold.
lean,Lean,50,30,36,1.5,0,0,,wheat;milk,30,60,1440,1,Firmer and plainer; good for free-form.
puff,Puff,90,48,54,1.8,0,1,vinegar,wheat;milk,60,120,1440,3,Rolled and folded; docked all over before it bakes. For lids that are turned out.
rich,Rich egg,85,20,26,1,4,6,egg yolk,wheat;milk;egg,60,180,1440,1,Tender and short; keep it cold.
`;

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
  readonly contains: readonly string[];
  readonly chillLeastMin: number;
  readonly chillGoodMin: number;
  readonly chillMostMin: number;
  /** How many times as thick a lid of it stands when baked; layers lift off the wet fruit. Estimate. */
  readonly lifts: number;
  readonly note: string;
}

export const builtInDoughs: ReadonlyMap<string, Dough> = byId(
  readTable(table).map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    butter: numberIn(row, 'butter'),
    waterLow: numberIn(row, 'water_low'),
    waterHigh: numberIn(row, 'water_high'),
    salt: numberIn(row, 'salt'),
    sugar: numberIn(row, 'sugar'),
    other: numberIn(row, 'other'),
    otherLabel: textIn(row, 'other_label'),
    contains: textIn(row, 'contains').split(';').filter(Boolean),
    chillLeastMin: numberIn(row, 'chill_least'),
    chillGoodMin: numberIn(row, 'chill_good'),
    chillMostMin: numberIn(row, 'chill_most'),
    lifts: numberIn(row, 'lifts'),
    note: textIn(row, 'note'),
  })),
);

/** Grams of plain flour in a 240 mL cup. Common practice, no source. */
export const FLOUR_CUP_G = 130;
