export type { Plain } from './plain.js';
export { isPlain } from './plain.js';
export type { FieldProblem } from './problem.js';
export { quoted } from './problem.js';
export type { Reader } from './reader.js';
export { instantMs, makeReader } from './reader.js';
