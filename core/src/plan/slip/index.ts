export { onPaper } from './on-paper.js';
export type { SlipWords } from './slip-words.js';
export { slipWords } from './slip-words.js';
export type { SlipAmount } from './slip-amount.js';
export { crumbAmounts, doughAmounts, slipAmount, toppingAmounts, withSlipAmount } from './slip-amount.js';
export { makeSlip } from './slip.js';
