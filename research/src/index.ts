/** Reference solutions that the product is held against: slow, plain, and sharing nothing with what they check. */
export { besideBest } from './proven-day.js';
export type { BesideBest } from './proven-day.js';
export { plainBake } from './plain-bake.js';
