export {
  asBaked,
  goodWords,
  logFile,
  makePieTable,
  nothingTasted,
  nothingWeighed,
  probeFault,
  LOG_VERSION,
  logSchema,
  readLog,
  tastingWords,
} from './log/index.js';
export type { Answers, CauseFound, CauseId, QuestionId, SliceSaid, Why } from './causes/index.js';
export { questionIds, questions, explainFault } from './causes/index.js';
export type { Bank, Forecast, OvenBelief, SeenSoFar, SimulatedFault } from './forecast/index.js';
export { bankSteps, forecast, probeFaults, simulatedProbe } from './forecast/index.js';
export type {
  Banded,
  Learned,
  LearnedFigure,
  LearnedKind,
  PieTables,
  Trend,
  TrendPoint,
} from './learned/index.js';
export { learnedDose, learnLog, trendSteps } from './learned/index.js';
export type {
  BakeLog,
  LoggedBake,
  LoggedEvent,
  LoggedReading,
  ProbeFault,
  Tasting,
  TastingQuestion,
  Weighed,
} from './log/index.js';
export { sampleLog, sampleTruth } from './models/index.js';
