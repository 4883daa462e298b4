import type { Fruit } from '../larder/index.js';
import type { FruitPart } from '../schema/index.js';
import { boughtMassG } from './batch.js';

/** One amount of a fruit said in every way a baker says it. */
interface FruitAmount {
  readonly preparedG: number;
  readonly boughtG: number;
  readonly cups: number;
  /** Null for fruit that is not counted. */
  readonly pieces: number | null;
}

export const amountWays = ['preparedG', 'boughtG', 'cups', 'pieces'] as const;
export type AmountWay = (typeof amountWays)[number];

/**
 * Prepared grams said in every way.
 * @param fruit a row of the larder
 * @param part as the spec has it
 * @param preparedG g, ready for the bowl
 * @returns grams bought, cups, pieces; null where it is not counted so
 * @example fruitAmounts(fruit, part, 500).boughtG
 */
export function fruitAmounts(fruit: Fruit, part: FruitPart, preparedG: number): FruitAmount {
  const boughtG = boughtMassG({ fruit, part, massG: preparedG });
  return {
    preparedG,
    boughtG,
    cups: preparedG / fruit.cupG,
    pieces: fruit.piecesPerKg === null ? null : (boughtG * fruit.piecesPerKg) / 1000,
  };
}

/**
 * Prepared grams from any way of saying the amount: the inverse of `fruitAmounts`. Throws for pieces of uncounted fruit.
 * @param fruit a row of the larder
 * @param part as the spec has it
 * @param way how it is said
 * @param amount in that way
 * @returns g, ready for the bowl
 * @example preparedFrom(fruit, part, 'bought', 1000)
 */
export function preparedFrom(fruit: Fruit, part: FruitPart, way: AmountWay, amount: number): number {
  const one = fruitAmounts(fruit, part, 1)[way];
  if (one === null) throw new Error(`${fruit.label} is not counted in pieces`);
  return amount / one;
}
