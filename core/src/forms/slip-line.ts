import { ML_PER_CUP } from '../units/index.js';

/** A thing as a shop sells it: by the piece, as an egg, or by its mass in g. */
export type Purchase =
  { readonly label: string; readonly pieces: number } | { readonly label: string; readonly massG: number };

/** One thing to weigh. Mass in g; the household measure is a volume in mL or a count of pieces, when there is one. */
export interface SlipLine {
  readonly id: string;
  readonly label: string;
  readonly massG: number;
  readonly highG?: number;
  /** What one pie takes of it, where more is mixed than that: several pies share it. */
  readonly usesG?: number;
  readonly volumeMl?: number;
  /** Its volume is a least amount: more goes in by feel. */
  readonly least?: boolean;
  readonly pieces?: { readonly count: number; readonly word: string };
  readonly note?: string;
  /** As bought, for fruit. */
  readonly boughtG?: number;
  /** What is bought for its `massG`, where that is not the thing itself: eggs and milk for a wash. */
  readonly buys?: readonly Purchase[];
  /** Bought as it is: nothing to weigh. */
  readonly bought?: boolean;
  /** There already, out of the cold: nothing to buy. */
  readonly ready?: boolean;
  /** The figure that tells its story. */
  readonly figure?: string;
}

export interface SlipGroup {
  readonly title: string;
  readonly lines: readonly SlipLine[];
}

/** Volume in mL of a mass, from what a cup of it weighs. */
export const inCupsMl = (massG: number, cupMassG: number): number => (massG / cupMassG) * ML_PER_CUP;
