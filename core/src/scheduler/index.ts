export type { AskedDay, AskedOven, AskedPies, Freezer, Portion } from './problem/index.js';
export {
  emptyFreezer,
  idsOf,
  portionsOf,
  readDay,
  shellsIn,
  usualDay,
  usualEarliest,
  workOutDay,
} from './problem/index.js';
export { leastLengthMin, lowerBound } from './bounds/index.js';
export type { Bought, Buying, DayAmount, DayAmounts, PieCost, Stocked, ToBuy } from './lists/index.js';
export { buyDay, nothingStocked, usualBuying, weighDay } from './lists/index.js';
export { checkDay, whatBreaks } from './validate/index.js';
export type {
  Day,
  DayBatch,
  DayKitchen,
  DayMatters,
  DayOven,
  DayPie,
  DayPlan,
  DayRun,
  DayScore,
  DayTask,
  DayWeights,
  Hand,
  Heat,
  Matter,
  MatterStop,
  ReadyAs,
  Skill,
  TaskKind,
  Way,
} from './model/index.js';
export {
  dayWeightsOf,
  emptyShellOf,
  goesOf,
  heatWords,
  instantOf,
  isWhole,
  isWorkOn,
  matterKinds,
  matterStops,
  mixMinOf,
  momentsOf,
  outsOf,
  pieName,
  readyKinds,
  renamePies,
  sameHeat,
  sampleDay,
  scoreOf,
  shellIdOf,
  skills,
  taskKinds,
  taskWords,
  turnoverMin,
  wallTime,
  wholePies,
} from './model/index.js';
export { firstCome, pushRight } from './timetable/index.js';
export type { Baking, Change, Mended, Moved, Remedy, Wish } from './replan/index.js';
export { followOven, mendSlip, moveTask, ovenHappened, remediesOf, shortSearch } from './replan/index.js';
export type { DaySearch, Holds, SolveOptions, Solving } from './search/index.js';
export { finishDay, holdsOf, solveDay } from './search/index.js';
export type { Happened } from './timetable/index.js';
