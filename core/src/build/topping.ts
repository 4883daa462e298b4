import type { Topping } from '../larder/index.js';
import type { Makeup } from './pastry.js';

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

export function toppingComposition({ massG, flourG, butterG, sugarG, milkG }: ToppingBatch): Makeup {
  return {
    water: (0.13 * flourG + 0.16 * butterG + 0.88 * milkG) / massG,
    fat: (0.02 * flourG + 0.81 * butterG + 0.035 * milkG) / massG,
    carbohydrate: (0.74 * flourG + sugarG + 0.048 * milkG) / massG,
    protein: (0.11 * flourG + 0.034 * milkG) / massG,
  };
}
