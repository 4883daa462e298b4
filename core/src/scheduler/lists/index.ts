export type { BuyingList, BuyingSettings, PieCost, StockedItem, BuyingLine } from './buying-list.js';
export { makeBuyingList, nothingStocked, usualBuying } from './buying-list.js';
export type { WeighingLine, WeighingList } from './weighing-list.js';
export { makeWeighingList } from './weighing-list.js';
