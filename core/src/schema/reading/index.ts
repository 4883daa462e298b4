export type { Plain } from './plain.js';
export { isPlain } from './plain.js';
export type { FieldProblem } from './problem.js';
export { quoted } from './problem.js';
export { fieldInWords, instantMs } from './field-words.js';
