import type { SetName } from '../schema/index.js';

/** How thick, in g of corn-starch equivalent per 100 g of syrup. Fitted to the trade's doses; G' is about 4 c^2.6 Pa. */
export const setTargets: Readonly<Record<SetName, { readonly label: string; readonly gPer100G: number }>> = {
  spoonable: { label: 'spoonable', gPer100G: 2.4 },
  soft: { label: 'soft', gPer100G: 3.4 },
  clean_slice: { label: 'clean slice', gPer100G: 4.8 },
  in_the_hand: { label: 'in the hand', gPer100G: 6.5 },
};

/** A glaze that binds raw fruit. */
export const BINDER_G_PER_100G = 7.7;
/** A glaze still binds at about four fifths of that. */
const BINDS_FROM_G_PER_100G = 6;
export const GLUEY_G_PER_100G = 7.5;

/** `binds` is a glaze that holds its raw fruit. */
export type SetReached = 'runs' | SetName | 'gluey' | 'binds';

/** The set that a concentration gives: the bounds lie at the geometric means of neighbouring targets. */
export function setReached(gPer100G: number): SetReached {
  if (gPer100G < 1.4) return 'runs';
  if (gPer100G < 2.86) return 'spoonable';
  if (gPer100G < 4.04) return 'soft';
  if (gPer100G < 5.59) return 'clean_slice';
  return gPer100G < GLUEY_G_PER_100G ? 'in_the_hand' : 'gluey';
}

/** What a glaze of a concentration does. */
export const glazeReached = (gPer100G: number): SetReached =>
  gPer100G >= BINDS_FROM_G_PER_100G ? 'binds' : 'runs';

/**
 * Shear modulus of the set juice in Pa (order of magnitude; starch gels, Evans & Haisman 1979, from memory).
 * @param gPer100G corn starch by strength, g per 100 g of juice
 * @returns Pa
 * @example gelStiffnessPa(5) // 262.7
 */
export const gelStiffnessPa = (gPer100G: number): number => 4 * Math.max(0, gPer100G) ** 2.6;

export type RunWord = 'moist' | 'a little loose juice' | 'runs a little' | 'runs';

/**
 * Loose juice on the plate: juice over filling, less what the set holds. 0 nothing runs. Fitted.
 * @param juiceG g
 * @param fillingG g
 * @param gPer100G set reached
 * @returns share of the filling, 0 to 1
 * @example runIndex(300, 1200, 5) // 0
 */
export const runIndex = (juiceG: number, fillingG: number, gPer100G: number): number =>
  (juiceG / fillingG) * Math.max(0, 1 - gPer100G / 2.5);

export function runWord(index: number): RunWord {
  if (index < 0.06) return 'moist';
  if (index < 0.13) return 'a little loose juice';
  return index < 0.25 ? 'runs a little' : 'runs';
}
