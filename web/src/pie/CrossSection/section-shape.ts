import type { Profile } from './geometry.js';

export type PieView = 'filled' | 'baked';

/** What is drawn of a pie from the side, whatever its form. Lengths in cm. */
export interface Section {
  /** Inside of what holds the fruit. */
  readonly profile: Profile;
  readonly filled: 'dish' | 'sheet' | 'parcel';
  /** Thickness of the pastry, and whether it lies under the fruit. */
  readonly crustCm: number;
  readonly lined: boolean;
  /** How far pastry reaches over the rim. */
  readonly rimCm: number;
  readonly edgeCm: number;
  readonly moundCm: number;
  /** How far the top rises over the rim: a lid stays where the raw heap lifted it, all else sinks with the fruit. */
  readonly topRiseCm: number;
  /** Across what a folded border leaves open. */
  readonly openCm: number;
  /** Height of the drawing over the bench. */
  readonly heightCm: number;
  readonly halfWidthCm: number;
}
