export { colourTargets } from './colour.js';
export { constant } from './constants.js';
export type { CrustTable } from './crust.js';
export { crustActivity, crustAt, crustSlope, crustTable } from './crust.js';
export { enthalpyJ, temperatureC } from './enthalpy.js';
export type { RateTable } from './kinetics.js';
export {
  browningRate,
  dryBrowningRate,
  pieceLag,
  rateAt,
  rateTable,
  softenedShare,
  softeningRate,
  softeningTable,
  starchRate,
  starchTable,
} from './kinetics.js';
export type { Composition } from './properties.js';
export { conductivity, density, moistAirK, specificHeat, withAir, withVoids } from './properties.js';
export { fromBelow } from './support-surface.js';
export type { DoneRule, FillingBody, PieBody, TopBody } from './thermal-model-input.js';
export { cylinderRadiusM, fillingMakeup, inBatter } from './thermal-model-input.js';
export {
  FUSION_J_KG,
  ICE_J_KG_K,
  WATER_J_KG_K,
  airPressurePa,
  boilingC,
  freezingC,
  saturationPa,
  vaporisationJKg,
} from './water.js';
