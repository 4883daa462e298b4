import type { ToppingBatch } from '../../geometry/index.js';
import type { Larder, Topping } from '../../larder/index.js';
import { cupG, EGG_G, gPerMl } from '../../larder/index.js';
import type { OwnTopping, ToppingAmounts } from '../../schema/index.js';
import type { FigureSum } from '../../units/index.js';
import { AMOUNTS_SET, containedIn } from './crumb.js';
import type { SlipLine } from '../slip-line.js';
import { inCupsMl } from '../slip-line.js';

/** What is mixed: the Larder's, or the baker's own parts in its way. */
export function chosenTopping(row: Topping, { own, amounts }: OwnMix): Topping {
  if (amounts) {
    const { flourG, butterG, milkG, eggG } = amounts;
    return { ...row, contains: containedIn({ wheat: flourG, milk: butterG + milkG, egg: eggG }) };
  }
  return own ? { ...row, ...own, contains: containedIn({ wheat: 100, milk: 100, egg: own.egg }) } : row;
}

/** What the baker mixes otherwise than the Larder has it: parts, or the amounts themselves. */
interface OwnMix {
  readonly own?: OwnTopping;
  readonly amounts?: ToppingAmounts;
}

/** Why a topping weighs what it weighs, where the baker said so. */
export const amountsRule = (amounts: ToppingAmounts | undefined, rule: string, sum: FigureSum) =>
  amounts ? { rule: AMOUNTS_SET, sum: [] } : { rule, sum };

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
    buys: [{ label: 'Eggs', pieces: eggG / EGG_G }],
    pieces: { count: eggG / EGG_G, word: 'egg' },
    note: `eggs of ${EGG_G} g without shell`,
  },
  { id: 'topping_leaven', label: 'Baking powder', massG: leavenG, volumeMl: leavenG / gPerMl.leaven },
  { id: 'topping_salt', label: 'Salt', massG: saltG, volumeMl: saltG / gPerMl.salt },
  { id: 'topping_spice', label: 'Ground spice', massG: spiceG, volumeMl: inCupsMl(spiceG, cupG.spice) },
];
