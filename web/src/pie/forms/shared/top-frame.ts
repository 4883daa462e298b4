import type { Section } from '../../CrossSection/section-shape.js';
import { capAt, halfWidthAt } from '../../CrossSection/geometry.js';
import type { SliceShape } from '../../SliceOnPlate/slice-shape.js';

/** Where a top lies in the section; lengths in cm, y upwards negative. */
export interface TopFrame {
  /** Half of what it lies across. */
  readonly half: number;
  /** Where it rests over the bench. */
  readonly restsCm: number;
  /** Thickness of the pastry on the rim. */
  readonly pastryCm: number;
  /** Where its underside meets the rim. */
  readonly rimY: number;
  /** Its underside at a place. */
  readonly surfaceY: (x: number) => number;
}

export function topFrame({ profile, crustCm, topRiseCm, edgeCm, lined, filled }: Section): TopFrame {
  // Without pastry over the rim, what lies on top lies within the dish.
  const half = lined ? profile.topCm / 2 : halfWidthAt(profile, edgeCm);
  const pastryCm = lined && filled === 'dish' ? crustCm : 0;
  const restsCm = lined ? profile.depthCm : edgeCm;
  const rimY = -restsCm - pastryCm;
  return { half, restsCm, pastryCm, rimY, surfaceY: (x) => rimY - capAt(half, topRiseCm, x) };
}

/** The upper side of the fruit in a slice, from its rim to its tip. */
export const sliceFrame = ({ lengthCm, baseCm, fillingCm, gapCm }: SliceShape) => ({
  left: -lengthCm / 2,
  right: lengthCm / 2,
  y: -baseCm - fillingCm - gapCm,
});
