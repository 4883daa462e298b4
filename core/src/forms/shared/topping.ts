import type { ToppingBatch } from '../../build/index.js';
import type { Topping } from '../../larder/index.js';
import { cupG, gPerMl } from '../../larder/index.js';
import type { SlipLine } from '../slip-line.js';
import { inCupsMl } from '../slip-line.js';

/** What to weigh for scones or batter. */
export const toppingLines = (
  { how }: Topping,
  { flourG, butterG, sugarG, milkG, leavenG }: ToppingBatch,
): SlipLine[] => [
  {
    id: 'topping_flour',
    label: 'Plain flour',
    massG: flourG,
    volumeMl: inCupsMl(flourG, cupG.flour),
    note: how,
    figure: 'topping.mass',
  },
  { id: 'topping_butter', label: 'Butter', massG: butterG, volumeMl: inCupsMl(butterG, cupG.butter) },
  { id: 'topping_sugar', label: 'Sugar', massG: sugarG, volumeMl: inCupsMl(sugarG, cupG.whiteSugar) },
  { id: 'topping_milk', label: 'Milk', massG: milkG, volumeMl: milkG / gPerMl.milk },
  { id: 'topping_leaven', label: 'Baking powder', massG: leavenG, volumeMl: leavenG / gPerMl.leaven },
];
