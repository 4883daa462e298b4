import type { Outline } from '@mardle/core';

/** A round opening, and a rectangular one, cm. */
export const disc = (acrossCm: number): Outline => ({
  kind: 'ellipse',
  lengthCm: acrossCm,
  widthCm: acrossCm,
});
export const oblong = (lengthCm: number, widthCm: number): Outline => ({
  kind: 'rectangle',
  lengthCm,
  widthCm,
});
