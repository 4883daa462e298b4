export type { Answers } from './blame.js';
export type { CauseId } from './causes.js';
export type { QuestionId } from './questions.js';
export { questionIds, questions } from './questions.js';
export type { CauseFound, SliceSaid, Why } from './why.js';
export { explainFault } from './why.js';
