import { makeTable } from '../units/index.js';

export interface Topping {
  readonly id: string;
  readonly label: string;
  readonly butter: number;
  readonly sugar: number;
  readonly milk: number;
  readonly egg: number;
  readonly leaven: number;
  readonly salt: number;
  readonly spice: number;
  /** Factor on the rate of browning: milk and sugar in the dough. */
  readonly browning: number;
  readonly contains: readonly string[];
  readonly how: string;
}

/** Toppings that are neither pastry nor crumb, per 100 of flour. Scones: common practice, no source; batter: estimate; browning: fit (scones to W12) and estimate. */
export const builtInToppings = makeTable<Topping>({
  scone: {
    label: 'Scone dough',
    butter: 35,
    sugar: 14,
    milk: 60,
    egg: 0,
    leaven: 5,
    salt: 1,
    spice: 0,
    browning: 1.25,
    contains: ['wheat', 'milk'],
    how: 'Rub in; stir in the milk only until it holds; drop it on in heaps with gaps between.',
  },
  batter: {
    label: 'Batter',
    butter: 50,
    sugar: 80,
    milk: 45,
    egg: 35,
    leaven: 4,
    salt: 1,
    spice: 0,
    browning: 1.75,
    contains: ['wheat', 'milk', 'egg'],
    how: 'Beat butter and sugar, then the egg; fold in flour and milk by turns; fold in the fruit last.',
  },
});
