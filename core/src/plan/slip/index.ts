export { onPaper } from './on-paper.js';
export type { SlipWords } from './slip-words.js';
export { slipWords } from './slip-words.js';
export type { SlipAmount } from './line-kind.js';
export { crumbAmounts, doughAmounts, toppingAmounts } from './mixture-lines.js';
export { slipAmount, withSlipAmount } from './slip-amount.js';
export { makeSlip } from './slip.js';
