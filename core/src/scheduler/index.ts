export type { DayRequest, Freezer, Nights, OvenRequest, PiesRequest, Portion } from './problem/index.js';
export {
  emptyFreezer,
  portionIds,
  makePortions,
  DAY_VERSION,
  daySchema,
  readDay,
  shellsIn,
  usualDay,
  usualEarliest,
  buildDayProblem,
} from './problem/index.js';
export { leastLengthMin, lowerBound } from './bounds/index.js';
export type {
  BuyingList,
  BuyingSettings,
  WeighingLine,
  WeighingList,
  PieCost,
  StockedItem,
  BuyingLine,
} from './lists/index.js';
export { makeBuyingList, nothingStocked, usualBuying, makeWeighingList } from './lists/index.js';
export { checkPlan, brokenRules } from './validate/index.js';
export type {
  Day,
  DayBatch,
  DayKitchen,
  ObjectiveEmphasis,
  DayOven,
  DayPie,
  DayPlan,
  DayRun,
  DayScore,
  DayTask,
  ObjectiveWeights,
  Worker,
  BakeProgramme,
  ObjectiveKind,
  Emphasis,
  ReadyAs,
  Skill,
  TaskKind,
  BakeOption,
} from './model/index.js';
export {
  objectiveWeights,
  emptyShellSpec,
  unloadGroups,
  heatWords,
  instantAt,
  isComplete,
  isWorkOn,
  objectiveKinds,
  emphases,
  batchMixMin,
  batchTimes,
  unloadTimes,
  nightHours,
  nightWork,
  pieName,
  readyKinds,
  renamePies,
  isSameProgramme,
  sampleDay,
  scorePlan,
  shellId,
  skills,
  taskId,
  taskKinds,
  taskWords,
  turnoverMin,
  wallTime,
  withoutShells,
} from './model/index.js';
export { firstCome, rightShift } from './timetable/index.js';
export type { BakeOnDay, ChangedTask, Repair, MoveResult, Remedy, MoveRequest } from './replan/index.js';
export {
  followOven,
  repairSchedule,
  moveTask,
  ovenActuals,
  findRemedies,
  shortSearch,
} from './replan/index.js';
export type {
  DayFault,
  DaySearch,
  Robustness,
  SleptDay,
  SolveOptions,
  SearchProgress,
} from './search/index.js';
export { finishDay, estimateRobustness, solveDay, solveWithSleep } from './search/index.js';
export type { Actuals } from './timetable/index.js';
