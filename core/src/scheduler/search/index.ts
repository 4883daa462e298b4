export type { DayFault, Robustness } from './robustness.js';
export { estimateRobustness } from './robustness.js';
export type { SleptDay } from './solve-with-sleep.js';
export { solveWithSleep } from './solve-with-sleep.js';
export type { DaySearch, SolveOptions, SearchProgress } from './solve-day.js';
export { finishDay, solveDay } from './solve-day.js';
