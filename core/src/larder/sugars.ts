import { byId, numberIn, readTable, textIn } from '../units/index.js';

/** Shares of the mass; sweetness per gram against white sugar. From memory of standard food composition tables. */
const table = `
id,label,solids,water,sweetness,cup_g
white,White sugar,1,0,1,200
light_brown,Light brown sugar,.96,.02,.96,220
dark_brown,Dark brown sugar,.95,.03,.95,220
honey,Honey,.82,.17,.95,340
maple_syrup,Maple syrup,.67,.33,.65,315
invert_syrup,Invert syrup,.80,.18,.78,330
`;

export interface Sugar {
  readonly id: string;
  readonly label: string;
  readonly solids: number;
  readonly water: number;
  readonly sweetness: number;
  readonly cupG: number;
}

export const builtInSugars: ReadonlyMap<string, Sugar> = byId(
  readTable(table).map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    solids: numberIn(row, 'solids'),
    water: numberIn(row, 'water'),
    sweetness: numberIn(row, 'sweetness'),
    cupG: numberIn(row, 'cup_g'),
  })),
);
