import { tableOf } from '../units/index.js';

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

/** Toppings that are neither pastry nor crumb, per 100 of flour. Scones: common practice, no source; batter: estimate; browning: fit (scones to W12) and estimate. */
export const builtInToppings = tableOf<Topping>({
  scone: {
    label: 'Scone dough',
    butter: 35,
    sugar: 14,
    milk: 60,
    leaven: 5,
    browning: 1.45,
    contains: ['wheat', 'milk'],
    how: 'Rub in; stir in the milk only until it holds; drop it on in heaps with gaps between.',
  },
  batter: {
    label: 'Batter',
    butter: 50,
    sugar: 100,
    milk: 60,
    leaven: 4,
    browning: 1.75,
    contains: ['wheat', 'milk'],
    how: 'Beat butter and sugar; fold in flour and milk by turns; fold in the fruit last.',
  },
});
