export type { Bake, OvenWork } from './bake.js';
export {
  bakeSteps,
  bakeWork,
  interventionsFor,
  mendSteps,
  otherKindSteps,
  roughBake,
  turnAt,
} from './bake.js';
export type { Band } from './bands.js';
export { DARK_BASE } from './bands.js';
export type { DoneRule, FillingBody, PieBody, TopBody } from './body.js';
export { fillingMakeup, inBatter } from './body.js';
export { colourTargets } from './colour.js';
export { constant } from './constants.js';
export type { Cooling } from './cooling.js';
export { coolDown } from './cooling.js';
export { crustActivity } from './crust.js';
export type { Handled, PlannedBake } from './end-shift.js';
export { endShiftMin, handledSoFar, isOtherwise } from './end-shift.js';
export { enthalpyJ, temperatureC } from './enthalpy.js';
export type { HeatPicture } from './heat-picture.js';
export { heatPicture } from './heat-picture.js';
export { browningRate, pieceLag, softenedShare, softeningRate, starchRate } from './kinetics.js';
export { gasMarkC, knobWords, markOnKnob } from './knob.js';
export { layMesh } from './lay-mesh.js';
export { meshSizes } from './mesh-size.js';
export type { Mesh } from './mesh.js';
export { cellKinds } from './mesh.js';
export { bakeModel } from './model.js';
export { offsetFromLonger } from './oven-offset.js';
export type { OvenState } from './oven.js';
export { boundaryIn, loadedOven, ovenAfter, ovenTraits } from './oven.js';
export type { Paused } from './paused.js';
export { finishNow } from './paused.js';
export { conductivity, moistAirK, specificHeat, withAir } from './properties.js';
export type { OnProgramme } from './programme.js';
export { bakeOnProgramme } from './programme.js';
export type { Reading } from './readings.js';
export type { BakeEvent, BakeEventKind, BakeTimes, DoneSign, NextTouch, RunningBake } from './running.js';
export { bakeEventKinds, isFinished, isLogged, runningBake, standing } from './running.js';
export { findStages } from './search.js';
export type { OvenPlace } from './simulate.js';
export { filledMin, homeMin, mostToSpareMin } from './events.js';
export { noInterventions, simulateBake } from './simulate.js';
export { totalEnthalpyJ, VAPOUR_J_KG } from './state.js';
export { evaporationKgSM2 } from './surface.js';
export { airPressurePa, boilingC, freezingC, saturationPa, WATER_J_KG_K } from './water.js';
export { otherWaysInWords, RIGHT_OFF } from './ways.js';
