export { asBaked } from './as-baked.js';
export type { Answers } from './causes/blame.js';
export type { CauseId } from './causes/causes.js';
export type { QuestionId } from './causes/questions.js';
export { questionIds, questions } from './causes/questions.js';
export type { CauseFound, SliceSaid, Why } from './causes/why.js';
export { whyOf } from './causes/why.js';
export type { Bank } from './forecast/bank.js';
export { bankSteps } from './forecast/bank.js';
export type { Forecast, OvenBelief, SeenSoFar } from './forecast/forecast.js';
export { forecast } from './forecast/forecast.js';
export type { SimulatedFault } from './forecast/simulated-probe.js';
export { probeFaults, simulatedProbe } from './forecast/simulated-probe.js';
export type { Banded, Learned, LearnedFigure, LearnedKind, PieTables } from './learn.js';
export { learnLog } from './learn.js';
export { learnedDose } from './learned-dose.js';
export type {
  BakeLog,
  LoggedBake,
  LoggedEvent,
  LoggedReading,
  Tasting,
  TastingQuestion,
  Weighed,
} from './log.js';
export { goodWords, nothingTasted, nothingWeighed, tastingWords } from './log.js';
export { makePieTable } from './pie-table.js';
export type { ProbeFault } from './probe.js';
export { probeFault } from './probe.js';
export { logFile, readLog } from './read-log.js';
export { sampleLog, sampleTruth } from './sample-log.js';
export type { Trend, TrendPoint } from './trend.js';
export { trendSteps } from './trend.js';
