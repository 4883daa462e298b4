import { lemon } from '../larder/index.js';
import type { FillingSpec, Preparation } from '../schema/index.js';
import type { Batch } from './batch.js';
import type { Ledger } from './ledger.js';
import { isBaked } from './preparation.js';

/** Glaze and raw fruit: what the cooked berries give up, and what the raw ones weep. Estimates. */
export const glazeRules = {
  cookedRelease: 0.9,
  rawWeep: 0.03,
  usualCookedShare: 0.12,
  usualLiquidShare: 0.3,
} as const;

/**
 * Liquid that a glaze is boiled with, g.
 * @param fruitMassG g, ready for the bowl
 * @param options the preparation
 * @returns g
 * @example glazeLiquidG(1000, { kind: 'glaze' }) // 300
 */
export const glazeLiquidG = (fruitMassG: number, { liquidG }: Preparation): number =>
  liquidG ?? glazeRules.usualLiquidShare * fruitMassG;

/**
 * Water or other plain liquid that is stirred into a filling, g: what was said, or what a glaze wants.
 * @param spec the filling
 * @param fruitMassG g, ready for the bowl
 * @returns g
 * @example stirredInG(starterSpec.filling, 900) // 0
 */
export const stirredInG = (spec: Pick<FillingSpec, 'preparation'>, fruitMassG: number): number =>
  isBaked(spec) ? (spec.preparation.liquidG ?? 0) : glazeLiquidG(fruitMassG, spec.preparation);

/**
 * The little ledger of a glaze: boiled liquid and cooked berries bind the raw rest; nothing evaporates in an oven. `solids`
 * and `water` are what sugar and additions bring, g; `held` is water that they keep to themselves.
 */
export function glazeLedger(
  batch: Batch,
  preparation: Preparation,
  added: { readonly solidsG: number; readonly waterG: number; readonly heldG: number },
  lemonJuiceG: number,
): Ledger {
  const { cookedRelease, rawWeep, usualCookedShare } = glazeRules;
  const cooked = preparation.cookedShare ?? usualCookedShare;
  const freeShareOfFruit = cooked * cookedRelease + (1 - cooked) * rawWeep;
  const liquidWaterG =
    glazeLiquidG(batch.massG, preparation) + added.waterG + (lemonJuiceG * lemon.waterPercent) / 100;
  const freeWaterG = batch.waterG * freeShareOfFruit + liquidWaterG;
  const solidsG =
    added.solidsG + batch.solublesG * freeShareOfFruit + (lemonJuiceG * (100 - lemon.waterPercent)) / 100;
  const syrupG = freeWaterG + solidsG;
  return {
    fruitWaterG: batch.waterG + added.heldG,
    liquidWaterG,
    boundWaterG: batch.waterG * (1 - freeShareOfFruit) + added.heldG,
    cameFreeG: freeWaterG,
    freeWaterG,
    boiledOffG: 0,
    evaporatedG: 0,
    soakedWaterG: 0,
    heldWaterG: freeWaterG,
    freeShare: freeWaterG / (batch.waterG + added.heldG + liquidWaterG),
    sugarInJuiceShare: 1,
    syrupG,
    syrupBrix: syrupG > 0 ? (100 * solidsG) / syrupG : 0,
    soakedG: 0,
    wouldSoak: { crustG: 0, crumbG: 0, driedG: 0 },
    juiceG: syrupG,
  };
}
