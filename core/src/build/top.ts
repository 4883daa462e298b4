import { crumbs } from '../larder/index.js';
import type { CrumbBatch } from './crumb.js';
import { crumbBatch } from './crumb.js';
import { discAreaCm2 } from './dish.js';
import type { Lattice } from './lattice.js';
import { makeLattice } from './lattice.js';
import type { Disc } from './pastry.js';
import { lidDisc } from './pastry.js';
import type { DishSpec, FormSpec, PastrySpec } from './spec.js';
import { usualCrumb, usualLattice } from './spec.js';
import { lidTopFactor, ventShare } from './vents.js';

/** What goes over the filling. */
export type Top =
  | { readonly kind: 'lid'; readonly disc: Disc; readonly openShare: number }
  | { readonly kind: 'lattice'; readonly lattice: Lattice; readonly openShare: number }
  | { readonly kind: 'crumb'; readonly crumb: CrumbBatch; readonly openShare: number };

/** Sizes the top of a form over a heap that stands above the rim. Throws for an unknown crumb; `checkSpec` finds it first. */
export function makeTop(form: FormSpec, dish: DishSpec, pastry: PastrySpec, moundCm: number): Top {
  const topAreaCm2 = discAreaCm2(dish.topCm);
  if (form.kind === 'lattice') {
    const lattice = makeLattice(form.lattice ?? usualLattice, dish.topCm, pastry.thicknessMm);
    return { kind: 'lattice', lattice, openShare: lattice.openShare };
  }
  if (form.kind === 'crumb_top') {
    const { school, cover } = form.crumb ?? usualCrumb;
    const crumb = crumbs.get(school);
    if (!crumb) throw new Error(`unknown crumb ${school}`);
    // A cap's surface is larger than its disc by (H/a)^2.
    const surface = topAreaCm2 * (1 + (moundCm / (dish.topCm / 2)) ** 2);
    return { kind: 'crumb', crumb: crumbBatch(crumb, surface, cover), openShare: 0 };
  }
  return {
    kind: 'lid',
    disc: lidDisc(dish, pastry.thicknessMm, moundCm),
    openShare: ventShare(form, topAreaCm2),
  };
}

/** How much of an open surface's evaporation a top lets through. Fitted (03-filling). */
export function topFactor(top: Top): number {
  if (top.kind === 'lattice') return 0.05 + 0.8 * top.openShare;
  return top.kind === 'crumb' ? 0.3 : lidTopFactor(top.openShare);
}

/** Dough in g that a top takes; a crumb takes none. */
export function topDoughG(top: Top): number {
  if (top.kind === 'lid') return top.disc.massG;
  return top.kind === 'lattice' ? top.lattice.massG : 0;
}
