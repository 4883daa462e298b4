/** Exact or defined conversions. Sources: international yard and pound agreement 1959; US cup as 240 mL by common practice. */
export const G_PER_OUNCE = 28.349523125;
export const G_PER_POUND = 453.59237;
export const CM_PER_INCH = 2.54;
export const M_PER_FOOT = 0.3048;
/** US fluid ounce: a 128th of 231 cubic inches. */
export const ML_PER_FLUID_OUNCE = 29.5735295625;
export const ML_PER_CUP = 240;
export const ML_PER_TABLESPOON = 15;
export const ML_PER_TEASPOON = 5;

export const celsiusToFahrenheit = (tempC: number): number => (tempC * 9) / 5 + 32;
/**
 * Exact by definition.
 * @param tempF F
 * @returns C
 * @example fahrenheitToCelsius(350) // 176.7
 */
export const fahrenheitToCelsius = (tempF: number): number => ((tempF - 32) * 5) / 9;
export const gToOunces = (massG: number): number => massG / G_PER_OUNCE;
/**
 * Exact by definition.
 * @param lengthCm cm
 * @returns inches
 * @example cmToInches(2.54) // 1
 */
export const cmToInches = (lengthCm: number): number => lengthCm / CM_PER_INCH;
export const inchesToCm = (lengthIn: number): number => lengthIn * CM_PER_INCH;

/** The nearest multiple of a step. */
export const roundTo = (value: number, step: number): number => {
  const rounded = Math.round(value / step) * step;
  return Number(rounded.toFixed(6));
};

/** Milliseconds of a minute. */
export const MINUTE_MS = 60_000;
