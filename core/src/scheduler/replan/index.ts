export type { BakeOnDay } from './follow-oven.js';
export { followOven, ovenActuals } from './follow-oven.js';
export type { MoveResult, MoveRequest } from './move-task.js';
export { moveTask } from './move-task.js';
export type { Remedy } from './remedies.js';
export { findRemedies, shortSearch } from './remedies.js';
export type { ChangedTask, Repair } from './repair-schedule.js';
export { repairSchedule } from './repair-schedule.js';
