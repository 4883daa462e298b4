import type { Topping } from '../../larder/index.js';
import type { Makeup } from '../makeup.js';
import { mixedMakeup } from '../makeup.js';

/** A scone or batter topping in g. */
export interface ToppingBatch {
  readonly massG: number;
  readonly flourG: number;
  readonly butterG: number;
  readonly sugarG: number;
  readonly milkG: number;
  readonly eggG: number;
  readonly leavenG: number;
  readonly saltG: number;
  readonly spiceG: number;
}

export function toppingBatch(topping: Topping, massG: number): ToppingBatch {
  const { butter, sugar, milk, egg, leaven, salt, spice } = topping;
  const per = massG / (100 + butter + sugar + milk + egg + leaven + salt + spice);
  return {
    massG,
    flourG: 100 * per,
    butterG: butter * per,
    sugarG: sugar * per,
    milkG: milk * per,
    eggG: egg * per,
    leavenG: leaven * per,
    saltG: salt * per,
    spiceG: spice * per,
  };
}

export const toppingComposition = (topping: ToppingBatch): Makeup => {
  const { flourG, butterG, sugarG, milkG, eggG, leavenG, saltG, spiceG } = topping;
  return mixedMakeup(
    { flour: flourG, butter: butterG, milk: milkG, egg: eggG },
    { sugarG, otherG: leavenG + saltG + spiceG },
  );
};
