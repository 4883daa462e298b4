export { baseFigures, dishFigures, doughFigures } from './build-figures.js';
export type { CrumbBatch, CutOuts, Lattice, Top, TopOf, ToppingBatch, WeaveStep } from './tops/index.js';
export {
  crumbBatch,
  crumbFromAmounts,
  crumbComposition,
  cutOutLabels,
  cutOutPoints,
  discForCapacityCm,
  foldFreeForm,
  juiceHeldG,
  latticeCover,
  lidTopFactor,
  lumpGaps,
  makeLattice,
  packCutOuts,
  placedPoints,
  topAs,
  toppingBatch,
  toppingFromAmounts,
  withWholeEggs,
  toppingComposition,
  usualVentShare,
  ventShare,
  weaveSteps,
} from './tops/index.js';
export { baseFromWaterCm, capMl, measureDish, outlineAt, rims, topOutline, volumeMl } from './dish.js';
export type { Drawing, LineRole, Mark, Point } from './drawing.js';
export { clipLine, clipSegment, line, text } from './drawing.js';
export type { Makeup } from './makeup.js';
export type { Outline } from './outline.js';
export { areaCm2, disc, discAreaCm2, equalDiscCm, isRound, perimeterCm } from './outline.js';
export {
  addDough,
  chosenDough,
  doughBatch,
  doughComposition,
  mixedG,
  ownDough,
  timesDough,
  timesMixed,
} from './pastry.js';
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
export type { TemplateText } from './template.js';
export { about, outlinePoints, sheetDrawing } from './template.js';
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
