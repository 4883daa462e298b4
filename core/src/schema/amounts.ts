import type { SpecOf } from './field.js';
import { optional } from './field.js';

/** An amount in a mixture, g. */
const amountG = (what: string, least = 0) =>
  ({
    type: 'number',
    unit: 'g',
    least,
    most: 5000,
    remedy: `Weigh it in g, ${least} to 5000.`,
    what,
  }) as const;

/** Flour of a dough or batter: all else is held against it. */
const flourAmountG = (what: string) => amountG(what, 20);

export const doughAmountsSchema = {
  flourG: flourAmountG('flour'),
  butterG: amountG('butter or other fat'),
  waterG: amountG('water or other liquid'),
  saltG: amountG('salt'),
  sugarG: amountG('sugar'),
  otherG: amountG('yolk or vinegar, as its school has it'),
} as const;
/** A batch of dough by what goes into it, g. */
export interface DoughAmounts extends SpecOf<typeof doughAmountsSchema> {}

export const crumbAmountsSchema = {
  flourG: amountG('flour'),
  butterG: amountG('butter'),
  sugarG: amountG('sugar'),
  oatsG: amountG('rolled oats'),
  nutsG: amountG('chopped nuts'),
  saltG: amountG('salt'),
  spiceG: amountG('ground spice'),
} as const;
/** A crumb by what goes into it, g. */
export interface CrumbAmounts extends SpecOf<typeof crumbAmountsSchema> {}

const toppingAmountsSchema = {
  flourG: flourAmountG('flour'),
  butterG: amountG('butter'),
  sugarG: amountG('sugar'),
  milkG: amountG('milk or other liquid'),
  eggG: amountG('egg without its shell; one is about 50 g'),
  leavenG: amountG('baking powder'),
  saltG: amountG('salt'),
  spiceG: amountG('ground spice'),
} as const;
/** A scone dough or a batter by what goes into it, g. */
export interface ToppingAmounts extends SpecOf<typeof toppingAmountsSchema> {}

export const toppingAmountsField = optional('as much as it takes', {
  type: 'part',
  name: 'ToppingAmounts',
  of: toppingAmountsSchema,
  since: 6,
  what: 'what is mixed, by its amounts: they stay as they are, and what they come to follows',
});
