export { celsiusToFahrenheit, cmToInches, fahrenheitToCelsius, ML_PER_CUP, roundTo } from './convert.js';
export type { Figure, Input, Quantity, Sum, Unit } from './figure.js';
export { figure, from, given, q, sumOf } from './figure.js';
export type { UnitSystem } from './present.js';
export { household, HOUSEHOLD_WITHIN } from './household.js';
export { saidIn, show, showDegrees, showMinutes, showText, withFraction } from './present.js';
export { bisect } from './solve.js';
export { typedUnit } from './system.js';
export { tableOf } from './table.js';
