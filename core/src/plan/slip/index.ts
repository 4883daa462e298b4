export { onPaper } from './on-paper.js';
export type { SlipWords } from './slip-words.js';
export { slipWords } from './slip-words.js';
export { makeSlip } from './slip.js';
