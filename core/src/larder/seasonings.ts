import { byId, numberIn, readTable, textIn } from '../units/index.js';

/** Usual grams per kg of fruit, and grams in a teaspoon. Estimates of ours; a baker's spoon is the judge. */
const table = `
id,label,g_per_kg,teaspoon_g
salt,Salt,2,6
cinnamon,Cinnamon,2.5,2.6
nutmeg,Nutmeg,.4,2.2
allspice,Allspice,.3,1.9
clove,Clove,.15,2.1
cardamom,Cardamom,.6,2
ginger,Ginger,1.5,1.8
vanilla,Vanilla extract,5,4.3
almond,Almond extract,1,4.2
`;

export interface Seasoning {
  readonly id: string;
  readonly label: string;
  readonly gPerKg: number;
  readonly teaspoonG: number;
}

export const seasonings: ReadonlyMap<string, Seasoning> = byId(
  readTable(table).map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    gPerKg: numberIn(row, 'g_per_kg'),
    teaspoonG: numberIn(row, 'teaspoon_g'),
  })),
);

/** Lemon: juice is 5.5 % acid and 2.5 % sugar, pH 2.3; one lemon gives about 45 g of juice and 6 g of zest. From memory. */
export const lemon = {
  acidPercent: 5.5,
  sugarsPercent: 2.5,
  waterPercent: 91,
  ph: 2.3,
  juicePerLemonG: 45,
  zestPerLemonG: 6,
  zestTeaspoonG: 2,
  tablespoonG: 15,
} as const;
