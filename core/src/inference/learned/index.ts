export type { Learned, PieTables } from './learn.js';
export type { Banded, LearnedFigure, LearnedKind } from './learned-figure.js';
export { learnLog } from './learn.js';
export { learnedDose } from './learned-dose.js';
export type { Trend, TrendPoint } from './trend.js';
export { trendSteps } from './trend.js';
