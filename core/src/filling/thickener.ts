import type { Larder, Thickener } from '../larder/index.js';
import type { SetName, ThickenerPart } from '../schema/index.js';
import type { Batch } from './batch.js';
import type { Ledger } from './ledger.js';
import { BINDER_G_PER_100G, setTargets } from './set.js';

/** How acid and sugar weaken a starch. Acid: Hansuld & Briant 1954; sugar: Spies & Hoseney 1982 (both from memory). */
export const starchRules = {
  acidPerH: 0.1,
  acidAtPh: 3.5,
  sugarFromBrix: 35,
  sugarPerBrix: 0.01,
  sugarAtLeast: 0.4,
  /** Syrup solids raise the temperature at which starch swells: C per Brix squared. */
  gelatiniseRise: 0.0061,
} as const;

/** What the starch goes through. */
export interface StarchConditions {
  readonly ph: number;
  readonly boilingH: number;
  readonly syrupBrix: number;
  readonly set: SetName | 'binder';
}

function setPotency(thickener: Thickener, set: StarchConditions['set']): number {
  if (set === 'spoonable') return thickener.potencySpoonable;
  if (set === 'soft') return (thickener.potencySpoonable + thickener.potencyGel) / 2;
  return thickener.potencyGel;
}

/** Corn-starch equivalent of one gram under these conditions. */
export function potency(thickener: Thickener, conditions: StarchConditions): number {
  const { acidPerH, acidAtPh, sugarFromBrix, sugarPerBrix, sugarAtLeast } = starchRules;
  const { ph, boilingH, syrupBrix, set } = conditions;
  const acid = Math.exp(-thickener.acidRate * acidPerH * 10 ** (acidAtPh - ph) * boilingH);
  const boiling = Math.exp(-thickener.boilRatePerH * boilingH);
  const sugar =
    thickener.kind === 'starch'
      ? Math.max(sugarAtLeast, 1 - sugarPerBrix * Math.max(0, syrupBrix - sugarFromBrix))
      : 1;
  return setPotency(thickener, set) * acid * boiling * sugar;
}

/** Corn-starch equivalent of one gram of a blend, by the shares of the parts. */
export function blendPotency(
  parts: readonly ThickenerPart[],
  conditions: StarchConditions,
  larder: Larder,
): number {
  const shares = parts.reduce((sum, part) => sum + part.share, 0);
  return parts.reduce((sum, { thickener, share }) => {
    const row = larder.thickeners.get(thickener);
    if (!row) throw new Error(`unknown thickener ${thickener}`);
    return sum + (share / shares) * potency(row, conditions);
  }, 0);
}

/** The fruit's own body in the juice, weighted by the water each fruit lets go. */
export function bodyPer100G(batch: Batch, releases: readonly number[]): number {
  let body = 0;
  let water = 0;
  batch.fruits.forEach(({ fruit, massG }, i) => {
    const free = Math.max(1e-9, massG * fruit.waterPercent * (releases[i] ?? 0));
    body += fruit.bodyPer100G * free;
    water += free;
  });
  return water > 0 ? body / water : 0;
}

export const targetPer100G = (set: StarchConditions['set']): number =>
  set === 'binder' ? BINDER_G_PER_100G : setTargets[set].gPer100G;

/** Thickener in g for a target; 0 when the fruit sets by itself. */
export function doseG(targetGPer100G: number, body: number, juiceG: number, blend: number): number {
  return Math.max(0, ((targetGPer100G - body) * juiceG) / 100 / blend);
}

/** Less than this is no juice that anything could thicken. */
const NO_JUICE_G = 1e-6;

/** What a dose gives, in g of corn-starch equivalent per 100 g of juice: the inverse of `doseG`. */
export function concentrationPer100G(massG: number, body: number, juiceG: number, blend: number): number {
  return juiceG > NO_JUICE_G ? (100 * massG * blend) / juiceG + body : body;
}

/** Temperature in C that the coldest part of the filling must pass for the starch to swell. */
export const gelatinisesAtC = (thickener: Thickener, ledger: Ledger): number =>
  thickener.gelatinisesC + starchRules.gelatiniseRise * ledger.syrupBrix ** 2 + 5;
