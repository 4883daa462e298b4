import { lemon } from '../larder/index.js';
import type { Batch } from './batch.js';
import type { Prepared } from './preparation.js';
import { driedUptakeG } from './release.js';

/** Shares and rates of the ledger; fitted to facts of the trade where marked so in docs/decisions/0002-juice-ledger.md. */
const ledgerRules = {
  /** Oven evaporation: g per cm2 and minute of bubbling for each 100 C above 100. */
  evaporationRate: 0.0085,
  evaporationAtMost: 0.6,
  /** Added sugar that stays with the fruit rises as less water is free. Fitted. */
  sugarHeldByFruit: 0.45,
  crumbSoakGPerCm2: 0.04,
  crustSoakGPerCm2: 0.03,
  soakAtMost: 0.6,
} as const;

/** What surrounds the filling in the oven. */
export interface Surroundings {
  /** Share of free evaporation that the top lets through: vents of a lid, gaps of a lattice. */
  readonly topFactor: number;
  readonly topAreaCm2: number;
  readonly crustAreaCm2: number;
  /** Top that lies under a crumb, which drinks by its underside. */
  readonly crumbAreaCm2: number;
  /** Sugar of a crumb topping: a tenth of it sweetens the filling. */
  readonly crumbSugarG: number;
  readonly ovenC: number;
  readonly bubblingMin: number;
  /** A thickener holds the juice; else batter or caramel does, and none is wanted. */
  readonly thickened: boolean;
  /** What the simulated bake evaporates from the filling; null while that is not known. */
  readonly evaporatedG: number | null;
}

/** The juice ledger in g: where the water comes from, where it goes, and the syrup that is left to thicken. */
export interface Ledger {
  readonly fruitWaterG: number;
  readonly liquidWaterG: number;
  readonly boundWaterG: number;
  /** All that came free of the fruit, and the liquids: before any of it boiled or steamed off. */
  readonly cameFreeG: number;
  readonly freeWaterG: number;
  readonly boiledOffG: number;
  readonly evaporatedG: number;
  readonly soakedWaterG: number;
  readonly heldWaterG: number;
  /** Share of all the water that is free when the pie is baked. */
  readonly freeShare: number;
  readonly sugarInJuiceShare: number;
  /** Juice before pastry soaks it up. */
  readonly syrupG: number;
  readonly syrupBrix: number;
  readonly soakedG: number;
  /** What crust, crumb and dried fruit would drink of juice if there were enough. */
  readonly wouldSoak: { readonly crustG: number; readonly crumbG: number; readonly driedG: number };
  /** Juice that the thickener must hold. */
  readonly juiceG: number;
}

/** Evaporation in g: what the simulated bake says, or while there is none the rule for bubbling juice. */
function evaporationG(freeG: number, around: Surroundings): number {
  const { evaporationRate, evaporationAtMost } = ledgerRules;
  if (around.evaporatedG !== null) return Math.max(0, Math.min(freeG, around.evaporatedG));
  const open =
    evaporationRate *
    (Math.max(0, around.ovenC - 100) / 100) *
    around.topAreaCm2 *
    around.bubblingMin *
    around.topFactor;
  return Math.max(0, Math.min(evaporationAtMost * freeG, open));
}

/**
 * Balances the water of one filling. All masses in g; `sugarSolidsG` is the added sugar without its water, `heldWaterG` what
 * purees and jams hold by themselves.
 */
export function balance(
  batch: Batch,
  prepared: Prepared,
  sugarSolidsG: number,
  lemonJuiceG: number,
  around: Surroundings,
  heldWaterG = 0,
): Ledger {
  const { sugarHeldByFruit, crumbSoakGPerCm2, crustSoakGPerCm2, soakAtMost } = ledgerRules;
  const broughtG = batch.waterG + heldWaterG + prepared.liquidWaterG;
  const cameFreeG = prepared.freeFruitWaterG + prepared.liquidWaterG;
  const afterBoilG = Math.max(0, cameFreeG - prepared.boiledOffG);
  const evaporatedG = evaporationG(afterBoilG, around);
  const freeWaterG = afterBoilG - evaporatedG;
  const leftG = broughtG - prepared.boiledOffG - evaporatedG;
  const freeShare = leftG > 0 ? freeWaterG / leftG : 0;
  const sugarInJuiceShare = 1 - sugarHeldByFruit * (1 - freeShare);
  const lemonSolidsG = (lemonJuiceG * (100 - lemon.waterPercent)) / 100;
  const solidsG = sugarInJuiceShare * sugarSolidsG + freeShare * batch.solublesG + lemonSolidsG;
  const syrupG = freeWaterG + solidsG;
  const wouldSoak = {
    crustG: crustSoakGPerCm2 * around.crustAreaCm2,
    crumbG: crumbSoakGPerCm2 * around.crumbAreaCm2,
    driedG: driedUptakeG(batch.fruits),
  };
  const soakedG = Math.min(soakAtMost * syrupG, wouldSoak.crustG + wouldSoak.crumbG + wouldSoak.driedG);
  const waterShare = syrupG > 0 ? freeWaterG / syrupG : 0;
  return {
    fruitWaterG: batch.waterG + heldWaterG,
    liquidWaterG: prepared.liquidWaterG,
    boundWaterG: batch.waterG + heldWaterG - prepared.freeFruitWaterG,
    cameFreeG,
    freeWaterG,
    boiledOffG: prepared.boiledOffG,
    evaporatedG,
    soakedWaterG: soakedG * waterShare,
    heldWaterG: (syrupG - soakedG) * waterShare,
    freeShare,
    sugarInJuiceShare,
    syrupG,
    syrupBrix: syrupG > 0 ? (100 * solidsG) / syrupG : 0,
    soakedG,
    wouldSoak,
    juiceG: syrupG - soakedG,
  };
}

/**
 * What the water comes to on both sides of the ledger; they agree to rounding.
 * @param ledger of a filling
 * @returns g of water in and out
 * @example ledgerSides(plan.filling.ledger).inG
 */
export const ledgerSides = (ledger: Ledger): { readonly inG: number; readonly outG: number } => ({
  inG: ledger.fruitWaterG + ledger.liquidWaterG,
  outG: ledger.boundWaterG + ledger.boiledOffG + ledger.evaporatedG + ledger.soakedWaterG + ledger.heldWaterG,
});
