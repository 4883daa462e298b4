export type { BakeModel, BoundaryConditions, Cover } from './model.js';
export { bakeModel, bareTop, evenSurroundings } from './model.js';
export type { BakeState } from './state.js';
export { VAPOUR_J_KG, copyState, startState, totalEnthalpyJ } from './state.js';
export { SLOW_EVERY, heatSteps } from './step.js';
export { evaporationKgSM2 } from './surface.js';
