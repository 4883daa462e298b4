export { chanceFrom, normalFrom } from './chance.js';
export {
  celsiusToFahrenheit,
  cmToInches,
  fahrenheitToCelsius,
  MINUTE_MS,
  ML_PER_CUP,
  roundTo,
} from './convert.js';
export type { Figure, Input, Quantity, FigureSum, Unit } from './figure.js';
export { figure, from, given, q, makeSum } from './figure.js';
export type { UnitSystem } from './present.js';
export type { SaidFirst } from './measured.js';
export { shownMeasured, showMeasured } from './measured.js';
export { household, householdWithin } from './household.js';
export { saidIn, show, showDegrees, showMinutes, showText, withFraction } from './present.js';
export { bisect } from './solve.js';
export { typedUnit } from './system.js';
export { makeTable } from './table.js';
export type { Resumable } from './resumable.js';
export { finishNow } from './resumable.js';
export { PRACTICE } from './practice.js';
