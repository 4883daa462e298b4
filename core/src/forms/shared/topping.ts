import type { ToppingBatch } from '../../geometry/index.js';
import type { Larder, Topping } from '../../larder/index.js';
import { cupG, gPerMl } from '../../larder/index.js';
import type { OwnTopping } from '../../schema/index.js';
import type { SlipLine } from '../slip-line.js';
import { inCupsMl } from '../slip-line.js';

/** What is mixed: the Larder's, or the baker's own parts in its way. */
export const chosenTopping = (row: Topping, own: OwnTopping | undefined): Topping =>
  own ? { ...row, ...own, contains: ['wheat', 'milk', ...(own.egg > 0 ? ['egg'] : [])] } : row;

/** An egg without its shell, g. Common practice, no source. */
const EGG_G = 50;

/** What to weigh for scones or batter. */
export const toppingLines = (
  { how }: Topping,
  { flourG, butterG, sugarG, milkG, eggG, leavenG, saltG, spiceG }: ToppingBatch,
  { flourCupG }: Larder,
): SlipLine[] => [
  {
    id: 'topping_flour',
    label: 'Plain flour',
    massG: flourG,
    volumeMl: inCupsMl(flourG, flourCupG),
    note: how,
    figure: 'topping.mass',
  },
  { id: 'topping_butter', label: 'Butter', massG: butterG, volumeMl: inCupsMl(butterG, cupG.butter) },
  { id: 'topping_sugar', label: 'Sugar', massG: sugarG, volumeMl: inCupsMl(sugarG, cupG.whiteSugar) },
  { id: 'topping_milk', label: 'Milk', massG: milkG, volumeMl: milkG / gPerMl.milk },
  {
    id: 'topping_egg',
    label: 'Egg, beaten',
    massG: eggG,
    volumeMl: inCupsMl(eggG, cupG.egg),
    buys: [{ label: 'Eggs', pieces: eggG / EGG_G }],
    note: `about ${(eggG / EGG_G).toFixed(1)} eggs of ${EGG_G} g without shell`,
  },
  { id: 'topping_leaven', label: 'Baking powder', massG: leavenG, volumeMl: leavenG / gPerMl.leaven },
  { id: 'topping_salt', label: 'Salt', massG: saltG, volumeMl: saltG / gPerMl.salt },
  { id: 'topping_spice', label: 'Ground spice', massG: spiceG, volumeMl: inCupsMl(spiceG, cupG.spice) },
];
