import { byId, numberIn, readTable, textIn } from '../units/index.js';

/** Toppings that are neither pastry nor crumb, per 100 of flour. Scones: common practice, no source; batter: estimate; browning: fit (scones to W12) and estimate. */
const table = `
id,label,butter,sugar,milk,leaven,browning,contains,how
scone,Scone dough,35,14,60,5,1.65,wheat;milk,Rub in; stir in the milk only until it holds; drop it on in heaps with gaps between.
batter,Batter,50,100,60,4,1.5,wheat;milk,Beat butter and sugar; fold in flour and milk by turns; fold in the fruit last.
`;

export interface Topping {
  readonly id: string;
  readonly label: string;
  readonly butter: number;
  readonly sugar: number;
  readonly milk: number;
  readonly leaven: number;
  /** Factor on the rate of browning: milk and sugar in the dough. */
  readonly browning: number;
  readonly contains: readonly string[];
  readonly how: string;
}

const toppings: ReadonlyMap<string, Topping> = byId(
  readTable(table).map((row) => ({
    id: textIn(row, 'id'),
    label: textIn(row, 'label'),
    butter: numberIn(row, 'butter'),
    sugar: numberIn(row, 'sugar'),
    milk: numberIn(row, 'milk'),
    leaven: numberIn(row, 'leaven'),
    browning: numberIn(row, 'browning'),
    contains: textIn(row, 'contains').split(';'),
    how: textIn(row, 'how'),
  })),
);

/** A topping by its id; throws for an unknown one. */
export function topping(id: 'scone' | 'batter'): Topping {
  const found = toppings.get(id);
  if (!found) throw new Error(`no topping called ${id}`);
  return found;
}
