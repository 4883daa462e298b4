import { crumbs, topping } from '../larder/index.js';
import type { CrumbBatch } from './crumb.js';
import { crumbBatch, lumpGaps } from './crumb.js';
import type { CutOuts } from './cut-out.js';
import { packCutOuts } from './cut-out.js';
import { topOutline } from './dish.js';
import type { FreeForm } from './free-form.js';
import { foldFreeForm } from './free-form.js';
import type { Lattice } from './lattice.js';
import { makeLattice } from './lattice.js';
import { areaCm2, disc, discAreaCm2, equalDiscCm } from './outline.js';
import type { Rolled } from './rolled.js';
import { cutterYield, doughOverG, lidSheet, roll, TRIM_FACTOR } from './rolled.js';
import type { DishSpec, FormSpec, PastrySpec } from './spec.js';
import { usualCobbler, usualCrumb, usualCutOut, usualFreeForm, usualHandPie, usualLattice } from './spec.js';
import type { ToppingBatch } from './topping.js';
import { toppingBatch } from './topping.js';
import { lidTopFactor, ventShare } from './vents.js';

/** What goes over the filling. `openShare` is the share of the top that stays open. */
export type Top =
  | { readonly kind: 'lid'; readonly sheet: Rolled; readonly openShare: number }
  | { readonly kind: 'lattice'; readonly lattice: Lattice; readonly openShare: number }
  | { readonly kind: 'cut_outs'; readonly cutOuts: CutOuts; readonly openShare: number }
  | { readonly kind: 'crumb'; readonly crumb: CrumbBatch; readonly openShare: number }
  | { readonly kind: 'border'; readonly freeForm: FreeForm; readonly openShare: number }
  | { readonly kind: 'open'; readonly openShare: number }
  | { readonly kind: 'scones'; readonly scones: ToppingBatch; readonly openShare: number }
  | { readonly kind: 'batter'; readonly batter: ToppingBatch; readonly openShare: number }
  | { readonly kind: 'parcel'; readonly disc: Rolled; readonly count: number; readonly openShare: number };

export type TopOf<Kind extends Top['kind']> = Extract<Top, { kind: Kind }>;

/** Scone dough lies this heavy where it lies, g/cm2; docking opens this share of an upside-down lid. Estimates. */
const SCONE_G_PER_CM2 = 0.9;
const DOCKED_SHARE = 0.01;
const TUCKED_CM = 1;
/** Batter by mass for its fruit. Common practice, no source. */
export const BATTER_PER_FRUIT = 1.4;

/** Sizes the top of a form over a heap that stands above the rim. Throws for an unknown crumb; `checkSpec` finds it first. */
export function makeTop(
  form: FormSpec,
  dish: DishSpec,
  pastry: PastrySpec,
  moundCm: number,
  fruitG: number,
): Top {
  const outline = topOutline(dish);
  const topAreaCm2 = areaCm2(outline);
  switch (form.kind) {
    case 'double_crust':
      return {
        kind: 'lid',
        sheet: lidSheet(dish, pastry.thicknessMm, moundCm),
        openShare: ventShare(form, topAreaCm2),
      };
    case 'upside_down':
      return {
        kind: 'lid',
        sheet: roll(
          { ...outline, lengthCm: outline.lengthCm + TUCKED_CM, widthCm: outline.widthCm + TUCKED_CM },
          pastry.thicknessMm,
        ),
        openShare: DOCKED_SHARE,
      };
    case 'lattice': {
      const lattice = makeLattice(form.lattice ?? usualLattice, dish, pastry.thicknessMm);
      return { kind: 'lattice', lattice, openShare: lattice.openShare };
    }
    case 'cut_out': {
      const cutOuts = packCutOuts(form.cutOut ?? usualCutOut, dish, pastry.thicknessMm);
      return { kind: 'cut_outs', cutOuts, openShare: cutOuts.openShare };
    }
    case 'crumb_top':
    case 'crisp': {
      const { school, cover, lumpCm } = form.crumb ?? usualCrumb;
      const crumb = crumbs.get(school);
      if (!crumb) throw new Error(`unknown crumb ${school}`);
      // A cap's surface is larger than its disc by (H/a)^2.
      const surface = topAreaCm2 * (1 + (moundCm / (equalDiscCm(outline) / 2)) ** 2);
      const batch = crumbBatch(crumb, surface, cover);
      const openShare = lumpCm === undefined ? 0 : lumpGaps(lumpCm, batch.thicknessCm);
      return { kind: 'crumb', crumb: batch, openShare };
    }
    case 'free_form': {
      const freeForm = foldFreeForm(form.freeForm ?? usualFreeForm);
      return { kind: 'border', freeForm, openShare: (freeForm.apertureCm / freeForm.fillingCm) ** 2 };
    }
    case 'open_shell':
      return { kind: 'open', openShare: 1 };
    case 'cobbler': {
      const { cover } = form.cobbler ?? usualCobbler;
      return {
        kind: 'scones',
        scones: toppingBatch(topping('scone'), SCONE_G_PER_CM2 * cover * topAreaCm2),
        openShare: 1 - cover,
      };
    }
    case 'buckle':
      return {
        kind: 'batter',
        batter: toppingBatch(topping('batter'), BATTER_PER_FRUIT * fruitG),
        openShare: 0,
      };
    case 'hand_pie': {
      const { discCm, count } = form.handPie ?? usualHandPie;
      const each = roll(disc(discCm), pastry.thicknessMm);
      return {
        kind: 'parcel',
        // Discs come out of one sheet; what is left between them is rolled again.
        disc: { ...each, massG: each.massG / TRIM_FACTOR },
        count,
        openShare: Math.min(0.05, ventShare({ ...form, vents: 1, ventLengthCm: 2 }, discAreaCm2(discCm) / 2)),
      };
    }
  }
}

/** How much of an open surface's evaporation a top lets through. Fitted (03-filling); scones and batter estimated. */
export function topFactor(top: Top): number {
  switch (top.kind) {
    case 'lid':
    case 'parcel':
      return lidTopFactor(top.openShare);
    case 'lattice':
    case 'cut_outs':
    case 'border':
    case 'open':
      return 0.05 + 0.8 * top.openShare;
    case 'crumb':
      return 0.3 + 0.5 * top.openShare;
    case 'scones':
      return 0.15 + 0.7 * top.openShare;
    case 'batter':
      return 0.05;
  }
}

/** Dough in g that a top takes; crumb, scones and batter take none. A free-form's border belongs to its base. */
export function topDoughG(top: Top): number {
  switch (top.kind) {
    case 'lid':
      return top.sheet.massG;
    case 'lattice':
      return top.lattice.massG;
    case 'cut_outs':
      return top.cutOuts.massG;
    case 'parcel':
      return (top.count * top.disc.massG) / cutterYield.rerolled;
    default:
      return 0;
  }
}

/** Of the dough for a top, what lies on the pie in the end; the rest is scraps. */
export function topLiesG(top: Top, pastry: PastrySpec): number {
  switch (top.kind) {
    case 'lid':
      return doughOverG(areaCm2(top.sheet.outline), pastry.thicknessMm);
    case 'lattice': {
      const { sheetCm } = top.lattice;
      return doughOverG(sheetCm.lengthCm * sheetCm.widthCm, pastry.thicknessMm) * (1 - sheetCm.wasteShare);
    }
    case 'cut_outs':
      return top.cutOuts.liesG;
    case 'parcel':
      return top.count * top.disc.massG;
    default:
      return 0;
  }
}
