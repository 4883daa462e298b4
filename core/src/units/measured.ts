import type { Unit } from './figure.js';
import { household } from './household.js';
import type { UnitSystem } from './present.js';
import type { Shown } from './shown.js';
import { show } from './present.js';

/** What comes first where an amount is said: what the scale shows, or cups and spoons where there are any. */
export type SaidFirst = 'weight' | 'measure';

/** A quantity that may have a measure beside its weight. */
interface Measured {
  readonly value: number;
  readonly unit: Unit;
  /** mL of a g of it, where it can be measured by cups and spoons. */
  readonly mlPerG?: number | undefined;
}

/**
 * A quantity by cups and spoons for those who count so, where it can be; else by its unit.
 * @param quantity value, unit and mL of a g
 * @param system how it is said
 * @param first what comes first
 * @returns number and unit
 * @example shownMeasured({ value: 8, unit: 'g', mlPerG: 15 / 8 }, 'us', 'measure').unit // 'tbsp'
 */
export function shownMeasured(
  { value, unit, mlPerG }: Measured,
  system: UnitSystem,
  first: SaidFirst,
): Shown {
  const byMeasure =
    first === 'measure' && unit === 'g' && mlPerG !== undefined ? household(value * mlPerG) : null;
  return byMeasure ?? show(value, unit, system);
}

/**
 * The same as one text.
 * @param quantity value, unit and mL of a g
 * @param system how it is said
 * @param first what comes first
 * @returns as read
 * @example showMeasured({ value: 8, unit: 'g', mlPerG: 15 / 8 }, 'us', 'measure').endsWith('tbsp') // true
 */
export function showMeasured(quantity: Measured, system: UnitSystem, first: SaidFirst): string {
  const { number, unit } = shownMeasured(quantity, system, first);
  return unit === '' ? number : `${number}\u00a0${unit}`;
}
