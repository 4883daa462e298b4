export { spanCost, makeDaySpan } from './day-span.js';
export type {
  Day,
  DayBatch,
  DoughRule,
  DayKitchen,
  DayOven,
  DayPie,
  DayPlan,
  DayRun,
  DayScore,
  DayTask,
  Worker,
  BakeProgramme,
  ReadyAs,
  Skill,
  TaskId,
  TaskKind,
  BakeOption,
} from './day.js';
export {
  taskId,
  LEFT_OUT_MIN,
  isComplete,
  batchMixMin,
  batchTimes,
  readyKinds,
  isSameProgramme,
  skillFor,
  skills,
  readyBufferMin,
  taskKinds,
  turnoverMin,
} from './day.js';
export type { ObjectiveEmphasis, ObjectiveWeights, ObjectiveKind, Emphasis } from './objective-weights.js';
export { objectiveWeights, objectiveKinds, emphases, usualWeights } from './objective-weights.js';
export type { NightWork } from './night.js';
export { nightHours, nightWork, nightsBetween, withNightsShut } from './night.js';
export { renamePies } from './rename-pies.js';
export type { PlacedRun, RunDecision, RunTimes, OptionTable } from './run-times.js';
export { programmeKey, makeRunTimes, makeOptionTable } from './run-times.js';
export { sampleDay } from './sample-day.js';
export { attended, scorePlan } from './score.js';
export { emptyShellSpec, shellId, shellIds, shellsByIndex, withoutShells } from './shells.js';
export { heatWords, isWorkOn, pieName, taskWords } from './task-words.js';
export { unloadGroupWith, unloadGroups, unloadTimes } from './unload-groups.js';
export { instantAt, wallTime } from './wall-time.js';
