import type { TopBody } from '../bake/index.js';
import { constant } from '../bake/index.js';
import type { Build, Makeup, PastrySpec } from '../build/index.js';
import {
  crumbComposition,
  DOUGH_KG_M3,
  doughComposition,
  latticeCover,
  toppingComposition,
} from '../build/index.js';
import type { Dough } from '../larder/index.js';
import { crumbTraits } from '../larder/index.js';

/** A strip or a cut-out lies closer to the fruit than a lid does: a quarter of the air. Fit (05-bake). */
const LAID_GAP_SHARE = 0.25;
/** Vapour that finds its way through loose crumbs. Estimate. */
const CRUMB_VENTED = 0.5;
/** A folded border lies in pleats, so many sheets thick on average. Estimate. */
const PLEATS_THICK = 1.4;
/** Raw scone dough and batter, kg/m3, and how thick the skin of a batter is that colours. Estimates. */
const SCONE_KG_M3 = 1000;
const BATTER_KG_M3 = 950;
const BATTER_SKIN_M = 0.008;

/** The top of a pie as the oven meets it; null when nothing lies over the filling. */
export function topBody({ top, dish }: Build, pastry: PastrySpec, dough: Dough): TopBody | null {
  const pastryTop = {
    cover: 1,
    thicknessM: (pastry.thicknessMm / 1000) * dough.lifts,
    densityKgM3: DOUGH_KG_M3 / dough.lifts,
    composition: doughComposition(dough),
    conductivityDry: constant('crust_k_dry'),
    conductivityWet: constant('crust_k_wet'),
    gapM2KW: constant('lid_gap'),
    startsLowerC: 0,
    vented: top.openShare > 0 ? constant('lid_vent_share') : 0,
  };
  const laid = { ...pastryTop, gapM2KW: pastryTop.gapM2KW * LAID_GAP_SHARE, vented: top.openShare };
  const soft = (composition: Makeup, densityKgM3: number, thicknessM: number): TopBody => ({
    ...pastryTop,
    cover: 1 - top.openShare,
    thicknessM,
    densityKgM3,
    composition,
    gapM2KW: 0,
    startsLowerC: crumbTraits.startsLowerC,
    vented: Math.max(CRUMB_VENTED, top.openShare),
  });
  switch (top.kind) {
    case 'lid':
    case 'parcel':
      return { ...pastryTop, gapM2KW: top.kind === 'parcel' ? 0 : pastryTop.gapM2KW };
    case 'lattice': {
      const { cover, layers } = latticeCover(top.lattice);
      return { ...laid, cover, thicknessM: pastryTop.thicknessM * layers };
    }
    case 'cut_outs':
      return { ...laid, cover: 1 - top.openShare };
    case 'border':
      return top.openShare > 0.98
        ? null
        : { ...laid, cover: 1 - top.openShare, thicknessM: pastryTop.thicknessM * PLEATS_THICK };
    case 'open':
      return null;
    case 'scones': {
      const coveredM2 = (dish.topAreaCm2 * (1 - top.openShare)) / 1e4;
      const thicknessM = top.scones.massG / 1000 / SCONE_KG_M3 / coveredM2;
      return soft(toppingComposition(top.scones), SCONE_KG_M3, thicknessM);
    }
    case 'batter':
      return soft(toppingComposition(top.batter), BATTER_KG_M3, BATTER_SKIN_M);
    case 'crumb':
      return {
        ...soft(crumbComposition(top.crumb), crumbTraits.densityKgM3, top.crumb.thicknessCm / 100),
        conductivityDry: crumbTraits.conductivityDry,
        conductivityWet: crumbTraits.conductivityWet,
        vented: CRUMB_VENTED + (1 - CRUMB_VENTED) * top.openShare,
      };
  }
}
