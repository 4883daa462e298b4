export type { Bought, Buying, PieCost, Stocked, ToBuy } from './buying-list.js';
export { buyDay, nothingStocked, usualBuying } from './buying-list.js';
export type { DayAmount, DayAmounts } from './weighing-list.js';
export { weighDay } from './weighing-list.js';
