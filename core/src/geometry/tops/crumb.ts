import type { Crumb } from '../../larder/index.js';
import { crumbTraits } from '../../larder/index.js';
import type { CrumbAmounts } from '../../schema/index.js';
import type { Makeup } from '../makeup.js';
import { mixedMakeup } from '../makeup.js';
import { mixedG } from '../pastry.js';

/** A crumb topping in g. */
export interface CrumbBatch {
  readonly massG: number;
  readonly flourG: number;
  readonly butterG: number;
  readonly sugarG: number;
  readonly oatsG: number;
  readonly nutsG: number;
  readonly saltG: number;
  readonly spiceG: number;
  /** What lies on a cm2 of the surface, and the surface that it covers, its mound with it. */
  readonly perCm2G: number;
  readonly surfaceCm2: number;
  readonly thicknessCm: number;
}

/** Bulk density of a loose crumb, g/cm3. */
const BULK_G_CM3 = crumbTraits.densityKgM3 / 1000;

/**
 * Share of the top that lumps leave bare: none while a few lie over each other, more as one lump alone is as thick as the
 * cover. Estimate.
 */
const BARE_AT_ONE_DEEP = 0.12;
const MOST_BARE = 0.25;

export const lumpGaps = (lumpCm: number, thicknessCm: number): number =>
  Math.min(MOST_BARE, BARE_AT_ONE_DEEP * Math.max(0, (2 * lumpCm) / thicknessCm - 1));

/** A crumb that covers an area: bare fruit at a crumb top burns, so it covers all of it. */
export function crumbBatch(crumb: Crumb, surfaceCm2: number, cover: number): CrumbBatch {
  const perCm2G = crumb.coverGPerCm2 * cover;
  const massG = perCm2G * surfaceCm2;
  const { salt = 0, spice = 0 } = crumb;
  const per = massG / (100 + crumb.butter + crumb.sugar + crumb.oats + crumb.nuts + salt + spice);
  return {
    massG,
    flourG: 100 * per,
    butterG: crumb.butter * per,
    sugarG: crumb.sugar * per,
    oatsG: crumb.oats * per,
    nutsG: crumb.nuts * per,
    saltG: salt * per,
    spiceG: spice * per,
    perCm2G,
    surfaceCm2,
    thicknessCm: perCm2G / BULK_G_CM3,
  };
}

/** A crumb by what goes into it, over whatever it covers. */
export function crumbFromAmounts(amounts: CrumbAmounts, surfaceCm2: number): CrumbBatch {
  const massG = mixedG(amounts);
  const perCm2G = massG / surfaceCm2;
  return { ...amounts, massG, perCm2G, surfaceCm2, thicknessCm: perCm2G / BULK_G_CM3 };
}

/** Composition of a crumb as shares of its mass, for the bake. */
export const crumbComposition = (crumb: CrumbBatch): Makeup => {
  const { flourG, butterG, sugarG, oatsG, nutsG, saltG, spiceG } = crumb;
  return mixedMakeup(
    { flour: flourG, butter: butterG, oats: oatsG, nuts: nutsG },
    { sugarG, otherG: saltG + spiceG },
  );
};
