import {
  celsiusToFahrenheit,
  CM_PER_INCH,
  fahrenheitToCelsius,
  G_PER_OUNCE,
  M_PER_FOOT,
  ML_PER_FLUID_OUNCE,
} from './convert.js';
import type { Unit } from './figure.js';
import type { UnitSystem } from './present.js';

/** A number to type in: the baker's own unit, how to get there and back, and a step that a knob or scale has. */
interface TypedUnit {
  readonly word: string;
  readonly step: number;
  readonly decimals: number;
  toTyped(value: number): number;
  fromTyped(typed: number): number;
}

const same = (word: string, step: number, decimals: number): TypedUnit => ({
  word,
  step,
  decimals,
  toTyped: (value) => value,
  fromTyped: (typed) => typed,
});

/** A unit that holds so many of core's. */
const holding = (word: string, step: number, decimals: number, many: number): TypedUnit => ({
  word,
  step,
  decimals,
  toTyped: (value) => value / many,
  fromTyped: (typed) => typed * many,
});

const customary: Partial<Record<Unit, TypedUnit>> = {
  g: holding('oz', 0.5, 2, G_PER_OUNCE),
  cm: holding('in', 0.25, 2, CM_PER_INCH),
  mL: holding('fl oz', 0.5, 1, ML_PER_FLUID_OUNCE),
  m: holding('ft', 50, 0, M_PER_FOOT),
  C: { word: '°F', step: 10, decimals: 0, toTyped: celsiusToFahrenheit, fromTyped: fahrenheitToCelsius },
};

const metric: Partial<Record<Unit, TypedUnit>> = {
  g: same('g', 5, 1),
  cm: same('cm', 0.5, 1),
  C: same('°C', 5, 0),
  mL: same('mL', 10, 0),
  min: same('min', 1, 1),
  m: same('m', 10, 0),
  count: same('', 1, 1),
};

/**
 * How a quantity is typed in a system of units; minutes and counts are the same in both.
 * @param unit of core
 * @param system how it is typed
 * @returns label, factor and steps
 * @example typedUnit('g', 'us').label
 */
export const typedUnit = (unit: Unit, system: UnitSystem): TypedUnit =>
  (system === 'us' ? customary[unit] : undefined) ?? metric[unit] ?? same('', 1, 1);
