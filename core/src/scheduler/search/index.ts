export type { Holds } from './robustness.js';
export { holdsOf } from './robustness.js';
export type { DaySearch, SolveOptions, Solving } from './solve-day.js';
export { finishDay, solveDay } from './solve-day.js';
