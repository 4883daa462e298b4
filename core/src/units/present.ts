import {
  celsiusToFahrenheit,
  cmToInches,
  G_PER_OUNCE,
  G_PER_POUND,
  M_PER_FOOT,
  ML_PER_FLUID_OUNCE,
  roundTo,
} from './convert.js';
import type { Unit } from './figure.js';
import { household } from './household.js';
import type { Shown } from './shown.js';

export type UnitSystem = 'metric' | 'us';

const FRACTIONS: readonly [number, string][] = [
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [3 / 8, '⅜'],
  [1 / 2, '½'],
  [5 / 8, '⅝'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [7 / 8, '⅞'],
];

/**
 * A number with the nearest kitchen fraction, as in 1½.
 * @param value any
 * @param fractions to choose from
 * @returns as read
 * @example withFraction(1.5) // '1½'
 */
export function withFraction(value: number, fractions = FRACTIONS): string {
  const whole = Math.floor(value + 1 / 24);
  const rest = value - whole;
  if (rest < 1 / 16) return String(whole);
  const [nearest] = [...fractions, [1, ''] as [number, string]].sort(
    (a, b) => Math.abs(a[0] - rest) - Math.abs(b[0] - rest),
  );
  if (!nearest || nearest[0] === 1) return String(whole + 1);
  return whole === 0 ? nearest[1] : `${whole}${nearest[1]}`;
}

const EIGHTHS = FRACTIONS.filter(([share]) => Number.isInteger(share * 8));

/** The step that a scale, and the certainty of our sums, deserve. */
export function massStepG(massG: number): number {
  if (massG < 3) return 0.1;
  if (massG < 5) return 0.5;
  if (massG < 250) return 1;
  return massG < 1000 ? 5 : 10;
}

function plain(value: number, step: number): string {
  const decimals = step < 0.1 ? 2 : step < 1 ? 1 : 0;
  const text = roundTo(value, step).toFixed(decimals);
  const trimmed = step === 0.5 || step === 0.1 ? text.replace(/\.0$/, '') : text;
  return trimmed === '-0' ? '0' : trimmed;
}

/** No scale in ounces shows less; it is said in grams, as on the other side of the scale. Common practice, no source. */
const LEAST_OUNCES = 0.1;

function showMass(massG: number, system: UnitSystem): Shown {
  if (system === 'metric' || massG < LEAST_OUNCES * G_PER_OUNCE) {
    return massG >= 1000
      ? { number: (roundTo(massG, 10) / 1000).toFixed(2), unit: 'kg' }
      : { number: plain(massG, massStepG(massG)), unit: 'g' };
  }
  if (massG >= G_PER_POUND) {
    const ounces = Math.round(massG / G_PER_OUNCE);
    const rest = ounces % 16;
    return { number: `${Math.floor(ounces / 16)} lb${rest ? ` ${rest}` : ''}`, unit: rest ? 'oz' : '' };
  }
  const ounces = massG / G_PER_OUNCE;
  return { number: ounces < 1 ? ounces.toFixed(2) : ounces.toFixed(1).replace(/\.0$/, ''), unit: 'oz' };
}

function showLength(lengthCm: number, system: UnitSystem): Shown {
  if (system === 'us') return { number: withFraction(cmToInches(lengthCm), EIGHTHS), unit: 'in' };
  return { number: plain(lengthCm, lengthCm < 10 ? 0.1 : 0.5), unit: 'cm' };
}

/** An eighth of an inch is said as such; what lies between as a hundredth. */
function showThickness(inches: number): Shown {
  const eighths = Math.round(inches * 8);
  const near = eighths > 0 && Math.abs(inches - eighths / 8) < 0.008;
  return { number: near ? withFraction(eighths / 8, EIGHTHS) : inches.toFixed(2), unit: 'in' };
}

/**
 * A difference of temperature, without a sign.
 * @param deltaC K
 * @param system how it is said
 * @returns as read
 * @example showDegrees(10, 'us') // '18 °F'
 */
export const showDegrees = (deltaC: number, system: UnitSystem = 'metric'): string =>
  system === 'us' ? `${Math.round(Math.abs(deltaC) * 1.8)} °F` : `${Math.round(Math.abs(deltaC))} °C`;

/**
 * Minutes as people say them: 45 min, 1 h 10, 4 h.
 * @param timeMin min
 * @returns number and unit
 * @example showMinutes(70).text
 */
export function showMinutes(timeMin: number): Shown {
  const minutes = Math.round(timeMin < 10 ? timeMin : timeMin < 90 ? timeMin : roundTo(timeMin, 5));
  if (minutes < 60) return { number: String(minutes), unit: 'min' };
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return rest === 0 ? { number: String(hours), unit: 'h' } : { number: `${hours} h ${rest}`, unit: 'min' };
}

const CM2_PER_SQUARE_INCH = 6.4516;

function showVolume(volumeMl: number, system: UnitSystem): Shown {
  if (system === 'metric') return { number: plain(volumeMl, volumeMl < 100 ? 5 : 10), unit: 'mL' };
  return household(volumeMl) ?? { number: plain(volumeMl / ML_PER_FLUID_OUNCE, 0.5), unit: 'fl oz' };
}

/** How figures of each unit are said. */
const shownBy: Readonly<Record<Unit, (value: number, system: UnitSystem) => Shown>> = {
  g: showMass,
  cm: showLength,
  mm: (value, system) =>
    system === 'us' ? showThickness(cmToInches(value / 10)) : { number: plain(value, 0.1), unit: 'mm' },
  cm2: (value, system) =>
    system === 'us'
      ? { number: plain(value / CM2_PER_SQUARE_INCH, 1), unit: 'sq in' }
      : { number: plain(value, 5), unit: 'cm²' },
  mL: showVolume,
  C: (value, system) =>
    system === 'us'
      ? { number: String(Math.round(celsiusToFahrenheit(value))), unit: '°F' }
      : { number: String(Math.round(value)), unit: '°C' },
  min: showMinutes,
  h: (value) => showMinutes(value * 60),
  percent: (value) => ({ number: plain(value, Math.abs(value) < 10 ? 0.1 : 1), unit: '%' }),
  count: (value) => ({ number: String(Math.round(value)), unit: '' }),
  ratio: (value) => ({ number: value.toFixed(2), unit: '' }),
  Brix: (value) => ({ number: plain(value, 1), unit: '°Bx' }),
  pH: (value) => ({ number: value.toFixed(1), unit: 'pH' }),
  'g/100 g': (value) => ({ number: plain(value, 0.1), unit: 'g per 100 g' }),
  m: (value, system) =>
    system === 'us'
      ? { number: plain(value / M_PER_FOOT, 50), unit: 'ft' }
      : { number: plain(value, 10), unit: 'm' },
};

/**
 * Any figure in the baker's own units, with no more digits than it deserves.
 * @param value in `unit`
 * @param unit of core: g, C, cm, mL, min ...
 * @param system how it is said
 * @returns number and unit
 * @example show(500, 'g', 'us').unit // 'oz'
 */
export const show = (value: number, unit: Unit, system: UnitSystem = 'metric'): Shown =>
  shownBy[unit](value, system);

/**
 * Number and unit in one string, held together by a no-break space.
 * @param value in `unit`
 * @param unit of core
 * @param system how it is said
 * @returns as read
 * @example showText(180, 'C').length // 6
 */
export function showText(value: number, unit: Unit, system: UnitSystem = 'metric'): string {
  const shown = show(value, unit, system);
  return shown.unit ? `${shown.number}\u00a0${shown.unit}` : shown.number;
}

/** A temperature or a length inside a sentence; areas and rates are sums of their own. */
const measured = /(\d*\.?\d+) ?(°C|cm|mm)(?![\w²³])/g;
const unitFor: Readonly<Record<string, Unit>> = { '°C': 'C', cm: 'cm', mm: 'mm' };

/**
 * A sentence of ours, written in metric words, in those of another system.
 * @param text as written
 * @param system how it is said
 * @returns the sentence
 * @example saidIn('keep it at 5 °C', 'us').length // 16
 */
export const saidIn = (text: string, system: UnitSystem): string =>
  system === 'metric'
    ? text
    : text.replace(measured, (_, number: string, unit: string) =>
        showText(Number(number), unitFor[unit] ?? 'count', system),
      );
