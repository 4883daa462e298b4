export { factorize, solve } from './cholesky.js';
export { onCurve, reaches } from './grid-table.js';
export type { Evidence, Fitted, Observation } from './laplace.js';
export { combined, fitLatent } from './laplace.js';
export type { WordScale } from './likelihood.js';
export { measured, wordChances, wordSaid } from './likelihood.js';
export type { Belief } from './mixture.js';
export { mixture, normalise } from './mixture.js';
export { normalDensity } from './normal.js';
