import { rims } from './dish.js';
import { DOUGH_DENSITY } from './pastry.js';
import type { LatticeSpec } from './spec.js';

/** A lattice over a round top. Lengths in cm, masses in g. */
export interface Lattice {
  readonly widthCm: number;
  readonly gapCm: number;
  /** Length to cut of each strip of one way, first to last; the other way is the same. */
  readonly lengthsCm: readonly number[];
  /** Distance of each strip's middle from the middle of the pie. */
  readonly offsetsCm: readonly number[];
  /** Share of the top that stays open. */
  readonly openShare: number;
  /** Sheet of dough that all strips of both ways are cut from. */
  readonly sheetCm: { readonly lengthCm: number; readonly widthCm: number };
  readonly massG: number;
}

/** Cutting straight strips from a sheet wastes only its ends. Estimate. */
const SHEET_TRIM = 1.05;

/** Strips spread evenly over the top: each has the diameter over their number to itself. */
export function makeLattice({ strips, widthCm }: LatticeSpec, topCm: number, thicknessMm: number): Lattice {
  const pitch = topCm / strips;
  const width = Math.min(widthCm, pitch);
  const gapCm = pitch - width;
  const radius = topCm / 2;
  const offsetsCm = Array.from({ length: strips }, (_, i) => (i - (strips - 1) / 2) * pitch);
  const lengthsCm = offsetsCm.map((y) => {
    const nearest = Math.max(0, Math.abs(y) - width / 2);
    return 2 * Math.sqrt(Math.max(0, radius ** 2 - nearest ** 2)) + 2 * (rims.widthCm + rims.overhangCm);
  });
  const sheetCm = { lengthCm: Math.max(...lengthsCm), widthCm: 2 * strips * width };
  return {
    widthCm: width,
    gapCm,
    lengthsCm,
    offsetsCm,
    openShare: (gapCm / pitch) ** 2,
    sheetCm,
    massG: sheetCm.lengthCm * sheetCm.widthCm * (thicknessMm / 10) * DOUGH_DENSITY * SHEET_TRIM,
  };
}

/** Share of a top's area that a strip lies on, and how thick the pastry is there on average, in strips. */
export function latticeCover(openShare: number): { readonly cover: number; readonly layers: number } {
  const covered = 1 - Math.sqrt(openShare);
  const cover = 1 - openShare;
  return { cover, layers: cover > 0 ? (2 * covered) / cover : 1 };
}
