export { baseFigures, dishFigures, doughFigures } from './build-figures.js';
export type { CrumbBatch } from './crumb.js';
export { crumbBatch, crumbComposition, lumpGaps } from './crumb.js';
export type { CutOuts } from './cut-out.js';
export { cutOutLabels, cutOutPoints, packCutOuts, placedPoints } from './cut-out.js';
export { baseFromWaterCm, capMl, measureDish, outlineAt, rims, topOutline, volumeMl } from './dish.js';
export type { Drawing, LineRole, Mark, Point } from './drawing.js';
export { clipLine, clipSegment, line, text } from './drawing.js';
export { discForCapacityCm, foldFreeForm, juiceHeldG } from './free-form.js';
export type { Lattice } from './lattice.js';
export { latticeCover, makeLattice } from './lattice.js';
export type { Makeup } from './makeup.js';
export type { Outline } from './outline.js';
export { areaCm2, disc, discAreaCm2, equalDiscCm, isRound, perimeterCm } from './outline.js';
export { addDough, doughBatch, doughComposition, timesDough } from './pastry.js';
export type { Build } from './pie-build.js';
export type { Rolled } from './rolled.js';
export {
  baseSheet,
  cutterYield,
  DOUGH_DENSITY,
  DOUGH_KG_M3,
  doughOverG,
  lidSheet,
  roll,
  TRIM_FACTOR,
  tuckedLid,
} from './rolled.js';
export { isSameDish, isSheet } from './same-dish.js';
export type { Say } from './template.js';
export { about, edgeOf, sheetOf } from './template.js';
export type { Top, TopOf } from './top.js';
export { topAs } from './top.js';
export type { ToppingBatch } from './topping.js';
export { toppingBatch, toppingComposition } from './topping.js';
export { lidTopFactor, usualVentShare, ventShare } from './vents.js';
export type { FillHeights, Vessel } from './vessel.js';
export {
  dishHeights,
  dishVessel,
  FILLING_G_PER_ML,
  foldHeights,
  foldVessel,
  layRules,
  parcelVessel,
} from './vessel.js';
export type { WeaveStep } from './weave.js';
export { weaveSteps } from './weave.js';
