import type { Unit } from '@mardle/core';
import Qty from 'js-quantities';

/** What a unit of core is called by the parser of units; others are typed as bare numbers. */
const parsed: Readonly<Partial<Record<Unit, string>>> = {
  g: 'g',
  cm: 'cm',
  mm: 'mm',
  m: 'm',
  mL: 'ml',
  min: 'min',
  h: 'hour',
  C: 'tempC',
};

/** Words as bakers write them, in the parser's. */
const words: readonly (readonly [RegExp, string])[] = [
  [/(tablespoons?|tbsps?|tbs)\b\.?/gi, 'tbsp'],
  [/(teaspoons?|tsps?)\b\.?/gi, 'tsp'],
  [/\bcups?\b/gi, 'cu'],
  [/(pounds?|lbs?)\b\.?/gi, 'lb'],
  [/(ounces?|ozs?)\b\.?/gi, 'oz'],
  [/(kilos?|kilograms?|kgs?)\b\.?/gi, 'kg'],
  [/(grammes?|grams?|gr)\b\.?/gi, 'g'],
  [/(?<![a-z])(?:inches|inch|in)\b\.?|["”″]/gi, 'in'],
  [/(?<![a-z])(?:hours?|hrs?|h)\b\.?/gi, 'h'],
  [/(minutes?|mins?)\b\.?/gi, 'min'],
  [/°?\s*C\b/g, 'tempC'],
  [/°?\s*F\b/g, 'tempF'],
  [/\bmls?\b/gi, 'ml'],
];

const fractions: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** A number as people write it: 1.5, 1,5, 1/2, 1 1/2, 1½; null when it is none. */
export function readNumber(text: string): number | null {
  const plain = [...text.trim()]
    .map((sign) => (fractions[sign] ? ` ${fractions[sign]}` : sign))
    .join('')
    .trim()
    .replace(/^(-?\d+),(\d+)$/, '$1.$2');
  const mixed = /^(-?\d+(?:\.\d+)?)?(?:\s*(\d+)\s*\/\s*(\d+))?$/.exec(plain);
  if (!mixed || plain === '') return null;
  const [, whole, over, under] = mixed;
  if (under !== undefined && Number(under) === 0) return null;
  return Number(whole ?? 0) + (over === undefined ? 0 : Number(over) / Number(under));
}

/** One amount with its unit, in a unit of core; null when it is of another kind, or none. */
function readOne(amount: string, unitText: string, unit: Unit): number | null {
  const number = readNumber(amount);
  const target = parsed[unit];
  if (number === null || !target) return null;
  try {
    return new Qty(number, unitText).to(target).scalar;
  } catch {
    return null;
  }
}

/**
 * An amount as bakers type it, in a unit of core: "1.5 kg", "2 lb", "1 lb 4 oz", "1/2", "1,5", "3 tbsp", "350 F". A bare number
 * is in the unit of the field, which `fromBare` turns into core's. Null when it cannot be read.
 */
export function readQuantity(text: string, unit: Unit, fromBare: (typed: number) => number): number | null {
  const bare = readNumber(text);
  if (bare !== null) return fromBare(bare);
  const plain = words.reduce((said, [written, word]) => said.replace(written, ` ${word} `), text).trim();
  const parts = [...plain.matchAll(/([-\d.,/\s½⅓⅔¼¾⅛⅜⅝⅞]+)\s*([a-zA-Z]+)\s*(?:and|,)?\s*/g)];
  if (parts.length === 0 || parts.map(([whole]) => whole).join('') !== plain) return null;
  const values = parts.map(([, amount = '', unitText = '']) => readOne(amount, unitText, unit));
  return values.every((value) => value !== null) ? values.reduce((sum, value) => sum + value, 0) : null;
}
