import { lemon } from '../larder/index.js';
import type { Preparation } from '../spec/index.js';
import type { Batch } from './batch.js';
import type { Ledger } from './ledger.js';

/** Glaze and raw fruit: what the cooked berries give up, and what the raw ones weep. Estimates. */
export const glazeRules = {
  cookedRelease: 0.9,
  rawWeep: 0.03,
  usualCookedShare: 0.12,
  usualLiquidShare: 0.3,
} as const;

/** The little ledger of a glaze: boiled liquid and cooked berries bind the raw rest; nothing evaporates in an oven. */
export function glazeLedger(
  batch: Batch,
  preparation: Preparation,
  sugarSolidsG: number,
  sugarWaterG: number,
  lemonJuiceG: number,
): Ledger {
  const { cookedRelease, rawWeep, usualCookedShare, usualLiquidShare } = glazeRules;
  const cooked = preparation.cookedShare ?? usualCookedShare;
  const freeShareOfFruit = cooked * cookedRelease + (1 - cooked) * rawWeep;
  const liquidG = preparation.liquidG ?? usualLiquidShare * batch.massG;
  const liquidWaterG = liquidG + sugarWaterG + (lemonJuiceG * lemon.waterPercent) / 100;
  const freeWaterG = batch.waterG * freeShareOfFruit + liquidWaterG;
  const solidsG =
    sugarSolidsG + batch.solublesG * freeShareOfFruit + (lemonJuiceG * (100 - lemon.waterPercent)) / 100;
  const syrupG = freeWaterG + solidsG;
  return {
    fruitWaterG: batch.waterG,
    liquidWaterG,
    boundWaterG: batch.waterG * (1 - freeShareOfFruit),
    freeWaterG,
    boiledOffG: 0,
    evaporatedG: 0,
    soakedWaterG: 0,
    heldWaterG: freeWaterG,
    freeShare: freeWaterG / (batch.waterG + liquidWaterG),
    sugarInJuiceShare: 1,
    syrupG,
    syrupBrix: syrupG > 0 ? (100 * solidsG) / syrupG : 0,
    soakedG: 0,
    juiceG: syrupG,
  };
}
