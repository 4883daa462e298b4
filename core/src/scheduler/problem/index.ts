export { workOutDay } from './build-problem.js';
export type { AskedDay, AskedOven, AskedPies } from './day-request.js';
export { usualDay, usualEarliest } from './day-request.js';
export type { Freezer, Portion } from './freezer.js';
export { emptyFreezer, idsOf, portionsOf, shellsIn } from './freezer.js';
export { readDay } from './read-day.js';
