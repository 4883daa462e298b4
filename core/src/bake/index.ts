export type { Bake, Band, OnProgramme, OvenWork } from './search/index.js';
export {
  bakeOnProgramme,
  bakeSteps,
  bakeWork,
  DARK_BASE,
  findStages,
  gasMarkC,
  interventionsFor,
  knobWords,
  markOnKnob,
  retimedBakeSteps,
  offsetFromLonger,
  otherKindSteps,
  otherWaysInWords,
  RIGHT_OFF,
  roughBake,
  turnAt,
} from './search/index.js';
export type { DoneRule, FillingBody, PieBody, TopBody } from './materials/index.js';
export {
  airPressurePa,
  boilingC,
  browningRate,
  colourTargets,
  conductivity,
  constant,
  crustActivity,
  enthalpyJ,
  fillingMakeup,
  freezingC,
  inBatter,
  moistAirK,
  pieceLag,
  saturationPa,
  softenedShare,
  softeningRate,
  specificHeat,
  starchRate,
  temperatureC,
  WATER_J_KG_K,
  withAir,
} from './materials/index.js';
export type { Cooling, OvenPosition, OvenState, Reading } from './simulation/index.js';
export {
  boundaryIn,
  coolDown,
  filledMin,
  homeMin,
  loadedOven,
  mostToSpareMin,
  noInterventions,
  ovenAfter,
  ovenTraits,
  simulateBake,
} from './simulation/index.js';
export type {
  BakeEvent,
  BakeEventKind,
  BakeTimes,
  DoneSign,
  Handled,
  HeatPicture,
  NextTouch,
  PlannedBake,
  RunningBake,
} from './running/index.js';
export {
  bakeEventKinds,
  endShiftMin,
  handledSoFar,
  heatPicture,
  isFinished,
  isLogged,
  isOtherwise,
  runningBake,
  standing,
} from './running/index.js';
export { cellKinds, buildMesh, meshSizes } from './mesh/index.js';
export type { Mesh } from './mesh/index.js';
export { bakeModel, evaporationKgSM2, totalEnthalpyJ, VAPOUR_J_KG } from './physics/index.js';
