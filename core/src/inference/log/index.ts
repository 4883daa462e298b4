export { asBaked } from './as-baked.js';
export type {
  BakeLog,
  LoggedBake,
  LoggedEvent,
  LoggedReading,
  Tasting,
  TastingQuestion,
  Weighed,
} from './log.js';
export {
  crustWords,
  goodWords,
  nothingTasted,
  nothingWeighed,
  setAnswers,
  sweetnessWords,
  tappedMin,
  tastingWords,
  topWords,
} from './log.js';
export type { PiePart, PieTable } from './pie-table.js';
export {
  PROBE_PASSES_C,
  browningAt,
  byOffset,
  colouredAt,
  concentrationAt,
  logWeepAt,
  lostAt,
  makePieTable,
  pieParts,
  probePassesAt,
  tableKey,
} from './pie-table.js';
export type { ProbeFault } from './probe.js';
export { SETTLED_MIN, probeFault, probeReadings, soundReadings } from './probe.js';
export { LOG_VERSION, logSchema } from './log-schema.js';
export { logFile, readLog } from './read-log.js';
