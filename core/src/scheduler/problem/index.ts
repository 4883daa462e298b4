export { buildDayProblem } from './build-problem.js';
export type { DayRequest, Nights, OvenRequest, PiesRequest } from './day-request.js';
export { usualDay, usualEarliest } from './day-request.js';
export type { Freezer, Portion } from './freezer.js';
export { emptyFreezer, portionIds, makePortions, shellsIn } from './freezer.js';
export { DAY_VERSION, daySchema } from './day-schema.js';
export { readDay } from './read-day.js';
