import type { LatticeSpec, Outline } from '@mardle/core';

/** Strips are never wider than their share of the top, cm: more of them are narrower. */
export const widestCm = ({ strips }: Pick<LatticeSpec, 'strips'>, top: Outline): number =>
  Math.floor((top.widthCm / strips) * 10) / 10;
