import type { TopBody } from '../bake/index.js';
import { constant } from '../bake/index.js';
import type { Build, PastrySpec } from '../build/index.js';
import { crumbComposition, DOUGH_KG_M3, doughComposition, latticeCover } from '../build/index.js';
import type { Dough } from '../larder/index.js';
import { crumbTraits } from '../larder/index.js';

/** A strip lies closer to the fruit than a lid does: a quarter of the air. Fit (05-bake). */
const STRIP_GAP_SHARE = 0.25;
/** Vapour that finds its way through loose crumbs. Estimate. */
const CRUMB_VENTED = 0.5;

/** The top of a pie as the oven meets it. */
export function topBody(build: Build, pastry: PastrySpec, dough: Dough): TopBody {
  const { top } = build;
  const pastryTop = {
    cover: 1,
    thicknessM: pastry.thicknessMm / 1000,
    densityKgM3: DOUGH_KG_M3,
    composition: doughComposition(dough),
    conductivityDry: constant('crust_k_dry'),
    conductivityWet: constant('crust_k_wet'),
    gapM2KW: constant('lid_gap'),
    startsLowerC: 0,
    vented: top.openShare > 0 ? constant('lid_vent_share') : 0,
  };
  if (top.kind === 'lid') return pastryTop;
  if (top.kind === 'lattice') {
    const { cover, layers } = latticeCover(top.openShare);
    return {
      ...pastryTop,
      cover,
      thicknessM: pastryTop.thicknessM * layers,
      gapM2KW: pastryTop.gapM2KW * STRIP_GAP_SHARE,
      vented: top.openShare,
    };
  }
  return {
    cover: 1,
    thicknessM: top.crumb.thicknessCm / 100,
    densityKgM3: crumbTraits.densityKgM3,
    composition: crumbComposition(top.crumb),
    conductivityDry: crumbTraits.conductivityDry,
    conductivityWet: crumbTraits.conductivityWet,
    gapM2KW: 0,
    startsLowerC: crumbTraits.startsLowerC,
    vented: CRUMB_VENTED,
  };
}
