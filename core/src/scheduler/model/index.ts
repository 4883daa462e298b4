export { spanCost, spanOf } from './day-span.js';
export type {
  Day,
  DayBatch,
  DayDough,
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
  LEFT_OUT_MIN,
  isWhole,
  mixMinOf,
  momentsOf,
  outsOf,
  readyKinds,
  sameHeat,
  skillOf,
  skills,
  soonerMin,
  taskKinds,
  turnoverMin,
} from './day.js';
export type { DayMatters, DayWeights, Matter, MatterStop } from './objective-weights.js';
export { dayWeightsOf, matterKinds, matterStops, usualWeights } from './objective-weights.js';
export { renamePies } from './rename-pies.js';
export type { PlacedRun, RunIdea, RunTimes, WayTable } from './run-times.js';
export { keyOf, runTimesOf, wayTable } from './run-times.js';
export { sampleDay } from './sample-day.js';
export { attended, scoreOf } from './score.js';
export { emptyShellOf, shellIdOf, shellIds, shellsByIndex, wholePies } from './shells.js';
export { heatWords, isWorkOn, pieName, taskWords } from './task-words.js';
export { goOf, goesOf } from './unload-groups.js';
export { instantOf, wallTime } from './wall-time.js';
