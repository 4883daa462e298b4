export { checkDay } from './check-day.js';
export type {
  Day,
  DayBatch,
  DayKitchen,
  DayPie,
  DayPlan,
  DayRun,
  DayScore,
  DayTask,
  Heat,
  Way,
} from './day.js';
export { outsOf, sameHeat, turnoverMin } from './day.js';
export { scoreOf } from './score.js';
export type { DaySearch, Solving } from './solve-day.js';
export { finishDay, solveDay } from './solve-day.js';
