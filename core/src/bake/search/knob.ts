import type { KnobKind } from '../../schema/index.js';
import { celsiusToFahrenheit, fahrenheitToCelsius, roundTo } from '../../units/index.js';

/** Gas marks and the set-points they stand for, C. Common model chart, from memory. */
const gasMarks: readonly (readonly [mark: string, tempC: number])[] = [
  ['½', 130],
  ['1', 140],
  ['2', 150],
  ['3', 165],
  ['4', 180],
  ['5', 190],
  ['6', 200],
  ['7', 220],
  ['8', 230],
  ['9', 240],
];

export const knobWords: Readonly<Record<KnobKind, string>> = {
  '5_c': 'steps of 5 °C',
  '10_c': 'steps of 10 °C',
  '10_f': 'steps of 10 °F',
  '25_f': 'steps of 25 °F',
  gas: 'gas marks',
};

/**
 * The set-point of a gas mark.
 * @param mark as it stands on the knob: "5", "½", "1/2"
 * @returns C, or null when there is no such mark
 * @example gasMarkC('5') // 190
 */
export const gasMarkC = (mark: string): number | null =>
  gasMarks.find(([known]) => known === mark.replace('1/2', '½'))?.[1] ?? null;

const nearestMark = (tempC: number): readonly [string, number] =>
  gasMarks.reduce((best, mark) => (Math.abs(mark[1] - tempC) < Math.abs(best[1] - tempC) ? mark : best));

/** The set-point that the baker's knob has nearest to a temperature, C. */
export function onKnob(tempC: number, knob: KnobKind = '5_c'): number {
  switch (knob) {
    case '5_c':
      return roundTo(tempC, 5);
    case '10_c':
      return roundTo(tempC, 10);
    case '10_f':
      return fahrenheitToCelsius(roundTo(celsiusToFahrenheit(tempC), 10));
    case '25_f':
      return fahrenheitToCelsius(roundTo(celsiusToFahrenheit(tempC), 25));
    case 'gas':
      return nearestMark(tempC)[1];
  }
}

/**
 * What stands on the knob there, when it is not a temperature.
 * @param tempC C
 * @param knob what the knob is marked with
 * @returns the mark nearest, or null where the knob has degrees
 * @example markOnKnob(180, 'gas') // 'gas 4'
 */
export const markOnKnob = (tempC: number, knob: KnobKind | undefined): string | null =>
  knob === 'gas' ? `gas ${nearestMark(tempC)[0]}` : null;
