import type { Larder, Sugar } from '../larder/index.js';
import { larderRow } from '../larder/index.js';
import type { SugarChoice } from '../schema/index.js';
import type { Batch } from './batch.js';

/**
 * Sugar by school (docs/decisions/0003-sugar.md): white sugar per g of fruit = style x (base + sharp (acid % / .8)^.7)
 * - credit x (the fruit's own sugar - a middling fruit's) / 100. A middling fruit (acid .8 %, sugar 10 %) takes just the style;
 * the sharpest ones take less than in proportion, as practice has it.
 */
const sugarRule = {
  base: 0.52,
  sharp: 0.48,
  middlingAcidPercent: 0.8,
  acidPower: 0.7,
  credit: 0.3,
  middlingSugarsPercent: 10,
  lowest: 0.05,
  highest: 0.3,
} as const;

/** The named stops of the sweetness dial. */
export const sugarStops = [
  { id: 'lean', label: 'lean', style: 0.08 },
  { id: 'light', label: 'light', style: 0.12 },
  { id: 'balanced', label: 'balanced', style: 0.16 },
  { id: 'sweet', label: 'sweet', style: 0.22 },
  { id: 'very_sweet', label: 'very sweet', style: 0.3 },
] as const;

const need = (batch: Batch): number =>
  batch.fruits.reduce((sum, { fruit, massG }) => {
    const { base, sharp, middlingAcidPercent, acidPower } = sugarRule;
    return sum + massG * (base + sharp * (fruit.acidPercent / middlingAcidPercent) ** acidPower);
  }, 0);

export const ownSugarCreditG = (batch: Batch): number =>
  sugarRule.credit * (batch.sugarsG - (batch.massG * sugarRule.middlingSugarsPercent) / 100);

/** How sharp a batch is beside a middling fruit, and the sugar that its own takes off, g. */
export const sharpness = (batch: Batch): number => need(batch) / batch.massG;

/**
 * White-sugar equivalent in g that a style asks for; crumb sugar on top takes a tenth of itself off.
 * @param batch the fruit
 * @param style sweetness asked for
 * @param crumbSugarG g in a crumb above
 * @returns g of white sugar
 * @example sugarForStyleG(makeBatch(starterSpec.filling, 1000, builtInLarder), 0.16) // 242.1
 */
export function sugarForStyleG(batch: Batch, style: number, crumbSugarG = 0): number {
  return Math.max(0, style * need(batch) - ownSugarCreditG(batch) - 0.1 * crumbSugarG);
}

/**
 * The style that an amount of white sugar amounts to: the inverse of `sugarForStyleG`.
 * @param batch the fruit
 * @param whiteSugarG g
 * @param crumbSugarG g in a crumb above
 * @returns style
 * @example styleOfSugar(makeBatch(starterSpec.filling, 1000, builtInLarder), 200) // 0.1318
 */
export function styleOfSugar(batch: Batch, whiteSugarG: number, crumbSugarG = 0): number {
  return (whiteSugarG + ownSugarCreditG(batch) + 0.1 * crumbSugarG) / need(batch);
}

export interface SugarAmount {
  readonly massG: number;
  readonly solidsG: number;
  readonly waterG: number;
  /** What it sweetens like, as g of white sugar. */
  readonly sweetnessG: number;
  readonly style: number;
}

/** What a gram of the sugars of a choice comes to, both in their shares. */
function sugarBlend(
  { sugar, second }: SugarChoice,
  larder: Larder,
): Pick<Sugar, 'solids' | 'water' | 'sweetness'> {
  const first = larderRow(larder.sugars, sugar);
  if (!second) return first;
  const other = larderRow(larder.sugars, second.sugar);
  const mix = (of: (row: Sugar) => number): number =>
    (1 - second.share) * of(first) + second.share * of(other);
  return {
    solids: mix((row) => row.solids),
    water: mix((row) => row.water),
    sweetness: mix((row) => row.sweetness),
  };
}

/** The sugar to weigh for a choice; what other things in the filling sweeten, in g as white sugar, is taken off. */
export function sugarAmount(
  batch: Batch,
  choice: SugarChoice,
  larder: Larder,
  crumbSugarG = 0,
  broughtG = 0,
): SugarAmount {
  const blend = sugarBlend(choice, larder);
  const massG =
    choice.massG ??
    Math.max(0, sugarForStyleG(batch, choice.style, crumbSugarG) - broughtG) / blend.sweetness;
  const sweetnessG = massG * blend.sweetness;
  return {
    massG,
    solidsG: massG * blend.solids,
    waterG: massG * blend.water,
    sweetnessG,
    style: choice.massG === null ? choice.style : styleOfSugar(batch, sweetnessG + broughtG, crumbSugarG),
  };
}

/**
 * "Still sharp": white sugar in g that moves the filling one named step of taste (a fifth of its sweetness).
 * @param batch the fruit
 * @param sugar what is in it
 * @returns g of white sugar
 * @example tasteStepG(plan.filling.batch, plan.filling.sugar)
 */
export const tasteStepG = (batch: Batch, sugar: SugarAmount): number =>
  Math.max(5, 0.12 * (sugar.sweetnessG + batch.sugarsG));

/**
 * Acid in g that bicarbonate takes away: sodium hydrogencarbonate 84.01 g/mol; malic acid 134.09 with two protons.
 * @param bicarbonateG g
 * @returns g of malic acid
 * @example acidNeutralisedG(1) // 0.7981
 */
export const acidNeutralisedG = (bicarbonateG: number): number => (bicarbonateG * 134.09) / 84.01 / 2;
