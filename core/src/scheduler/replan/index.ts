export type { Baking } from './follow-oven.js';
export { followOven, ovenHappened } from './follow-oven.js';
export type { Moved, Wish } from './move-task.js';
export { moveTask } from './move-task.js';
export type { Remedy } from './remedies.js';
export { remediesOf, shortSearch } from './remedies.js';
export type { Change, Mended } from './repair-schedule.js';
export { mendSlip } from './repair-schedule.js';
