import { makeTable } from '../units/index.js';

export interface Sugar {
  readonly id: string;
  readonly label: string;
  readonly solids: number;
  readonly water: number;
  readonly sweetness: number;
  readonly cupG: number;
}

/** Shares of the mass; sweetness per gram against white sugar. From memory of standard food composition tables. */
export const builtInSugars = makeTable<Sugar>({
  white: { label: 'White sugar', solids: 1, water: 0, sweetness: 1, cupG: 200 },
  light_brown: { label: 'Light brown sugar', solids: 0.96, water: 0.02, sweetness: 0.96, cupG: 220 },
  dark_brown: { label: 'Dark brown sugar', solids: 0.95, water: 0.03, sweetness: 0.95, cupG: 220 },
  honey: { label: 'Honey', solids: 0.82, water: 0.17, sweetness: 0.95, cupG: 340 },
  maple_syrup: { label: 'Maple syrup', solids: 0.67, water: 0.33, sweetness: 0.65, cupG: 315 },
  invert_syrup: { label: 'Invert syrup', solids: 0.8, water: 0.18, sweetness: 0.78, cupG: 330 },
});
