export { leastLengthMin, lowerBound } from './lower-bound.js';
export { tailMin } from './work-feasibility.js';
