import type { FreeFormSpec } from '../../schema/index.js';
import { bisect } from '../../units/index.js';
import { discAreaCm2 } from '../outline.js';

/** A disc folded in over its fruit. Lengths in cm. */
export interface FreeForm {
  readonly discCm: number;
  readonly borderCm: number;
  /** Across the fruit. */
  readonly fillingCm: number;
  /** How high the folded border stands. */
  readonly wallCm: number;
  /** Across what stays open; 0 when the border closes over the fruit. */
  readonly apertureCm: number;
  /** Edge of the disc that has to be pleated away, and into how many pleats. */
  readonly excessCm: number;
  readonly pleats: number;
  readonly capacityMl: number;
}

/** Share of the cylinder over the fruit that a heap fills. Fitted to one fact of the trade. */
const HEAP_SHARE = 0.458;
const HIGHEST_WALL_CM = 3.5;

export function foldFreeForm({ discCm, borderCm }: FreeFormSpec): FreeForm {
  const fillingCm = Math.max(2, discCm - 2 * borderCm);
  const wallCm = Math.min(HIGHEST_WALL_CM, 0.6 * borderCm + 0.4, borderCm);
  const overCm = Math.min(5, Math.max(1.5, 0.55 * borderCm));
  const excessCm = 2 * Math.PI * Math.max(0, 2 * borderCm - wallCm);
  return {
    discCm,
    borderCm,
    fillingCm,
    wallCm,
    apertureCm: Math.max(0, fillingCm - 2 * Math.max(0, borderCm - wallCm)),
    excessCm,
    pleats: Math.ceil(excessCm / (2 * overCm)),
    capacityMl: HEAP_SHARE * discAreaCm2(fillingCm) * wallCm,
  };
}

/** The disc whose filling has a capacity, keeping the border; lengths in cm. Newton is not needed: capacity rises with it. */
export function discForCapacityCm(capacityMl: number, borderCm: number): number {
  return bisect(
    2 * borderCm + 2,
    120,
    1e-9,
    (discCm) => foldFreeForm({ discCm, borderCm }).capacityMl >= capacityMl,
  );
}

/** A folded wall keeps juice in up to this share of its height. Estimate. */
const HOLDS_JUICE_SHARE = 0.25;

/** Loose juice in g that the fold keeps in; more than that finds the lowest pleat. */
export const juiceHeldG = ({ fillingCm, wallCm }: FreeForm): number =>
  HOLDS_JUICE_SHARE * discAreaCm2(fillingCm) * wallCm;
