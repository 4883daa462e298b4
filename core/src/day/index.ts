export type { AskedDay, AskedOven, AskedPies } from './ask.js';
export { usualDay, usualEarliest } from './ask.js';
export { leastLengthMin, lowerBound } from './bound.js';
export type { Bought, Buying, PieCost, Stocked, ToBuy } from './buy.js';
export { buyDay, nothingStocked, usualBuying } from './buy.js';
export { checkDay } from './check-day.js';
export type {
  Day,
  DayBatch,
  DayKitchen,
  DayOven,
  DayPie,
  DayPlan,
  DayRun,
  DayScore,
  DayTask,
  Hand,
  Heat,
  ReadyAs,
  Skill,
  TaskKind,
  Way,
} from './day.js';
export {
  isWhole,
  mixMinOf,
  momentsOf,
  outsOf,
  readyKinds,
  sameHeat,
  skills,
  taskKinds,
  turnoverMin,
} from './day.js';
export { firstCome } from './first-come.js';
export type { Baking } from './follow-oven.js';
export { followOven, ovenHappened } from './follow-oven.js';
export type { Freezer, Portion } from './freezer.js';
export { emptyFreezer, idsOf, portionsOf, shellsIn } from './freezer.js';
export type { Holds } from './hold.js';
export { holdsOf } from './hold.js';
export type { DayMatters, DayWeights, Matter, MatterStop } from './matters.js';
export { dayWeightsOf, matterKinds, matterStops } from './matters.js';
export type { Change, Mended } from './mend-slip.js';
export { mendSlip } from './mend-slip.js';
export type { Moved, Wish } from './move-task.js';
export { moveTask } from './move-task.js';
export type { Happened } from './push-right.js';
export { pushRight } from './push-right.js';
export { readDay } from './read-day.js';
export { instantOf, wallTime } from './label.js';
export type { Remedy } from './remedies.js';
export { remediesOf, shortSearch } from './remedies.js';
export { renamePies } from './rename.js';
export { sampleDay } from './sample-day.js';
export { emptyShellOf, shellIdOf, wholePies } from './shells.js';
export { scoreOf } from './score.js';
export type { DaySearch, SolveOptions, Solving } from './solve-day.js';
export { finishDay, solveDay } from './solve-day.js';
export { goesOf } from './goes.js';
export { heatWords, isWorkOn, pieName, taskWords } from './task-words.js';
export type { DayAmount, DayAmounts } from './weigh.js';
export { whatBreaks } from './what-breaks.js';
export { weighDay } from './weigh.js';
export { workOutDay } from './work-out.js';
