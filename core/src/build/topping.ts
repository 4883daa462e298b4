import type { Topping } from '../larder/index.js';
import type { Makeup } from './makeup.js';
import { makeupOf } from './makeup.js';

/** A scone or batter topping in g. */
export interface ToppingBatch {
  readonly massG: number;
  readonly flourG: number;
  readonly butterG: number;
  readonly sugarG: number;
  readonly milkG: number;
  readonly leavenG: number;
}

export function toppingBatch(topping: Topping, massG: number): ToppingBatch {
  const { butter, sugar, milk, leaven } = topping;
  const per = massG / (100 + butter + sugar + milk + leaven);
  return {
    massG,
    flourG: 100 * per,
    butterG: butter * per,
    sugarG: sugar * per,
    milkG: milk * per,
    leavenG: leaven * per,
  };
}

export const toppingComposition = ({ flourG, butterG, sugarG, milkG, leavenG }: ToppingBatch): Makeup =>
  makeupOf({ flour: flourG, butter: butterG, milk: milkG }, { sugarG, otherG: leavenG });
