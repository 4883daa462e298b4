import type { Unit } from '@mardle/core';
import { EGG_G, gasMarkC } from '@mardle/core';
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
  [/\bsticks?\b/gi, 'stick'],
  [/\bpinch(?:es)?\b/gi, 'pinch'],
  [/\beggs?\b/gi, 'egg'],
  [/\blit(?:er|re)s?\b/gi, 'l'],
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

/** Numbers and shares as people say them. */
const spoken: readonly (readonly [RegExp, string])[] = [
  [/^\s*(?:about|abt\.?|approx\.?|approximately|around|roughly|some|circa|ca\.?|~|≈)\s*/i, ''],
  [/\bthree[- ]quarters?(?:\s+(?:of\s+)?an?)?\b/gi, '3/4'],
  [/\b(?:a\s+)?half(?:\s+(?:of\s+)?an?)?\b/gi, '1/2'],
  [/\b(?:a\s+)?third(?:\s+of\s+an?)?\b/gi, '1/3'],
  [/\b(?:a\s+)?quarter(?:\s+of\s+an?)?\b/gi, '1/4'],
  [/\b(?:an?|one)(?=\s)/gi, '1'],
  ...['two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'].map(
    (word, i): [RegExp, string] => [new RegExp(`\\b${word}\\b`, 'gi'), String(i + 2)],
  ),
  // 1,300 of something are thirteen hundred; 0,300 is a share.
  [/\b([1-9]\d{0,2}),(\d{3})(?!\d)/g, '$1$2'],
];

const inFigures = (text: string): string =>
  spoken.reduce((said, [word, figure]) => said.replace(word, figure), text);

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

/** What a stick of butter weighs, g: half a US cup (R11). Common practice, no source. */
const STICK_G = 113;
/** Things that are counted and weighed, g. */
const pieceG: Readonly<Partial<Record<string, number>>> = { stick: STICK_G, egg: EGG_G };
/** Cups and spoons as the tables of weights count them, mL: a cup of sugar is 200 g as it goes in and as the slip says it. */
const measuresMl: Readonly<Partial<Record<string, number>>> = {
  cu: 240,
  tbsp: 15,
  tsp: 5,
  // A sixteenth of a teaspoon. Common practice, no source.
  pinch: 5 / 16,
};
const CUP_ML = 240;

/** Millilitres of an amount in a unit of volume. */
const inMl = (number: number, unitText: string): number =>
  number * (measuresMl[unitText] ?? new Qty(1, unitText).to('ml').scalar);

/** One amount with its unit, in a unit of core; null when it is of another kind, or none. */
function readOne(amount: string, unitText: string, unit: Unit, cupG: number | undefined): number | null {
  const number = readNumber(amount);
  const target = parsed[unit];
  if (number === null || !target) return null;
  const onePieceG = pieceG[unitText];
  if (unit === 'g' && onePieceG !== undefined) return number * onePieceG;
  if (unit === 'g' && cupG !== undefined && isVolume(unitText))
    return (inMl(number, unitText) * cupG) / CUP_ML;
  try {
    return new Qty(number, unitText).to(target).scalar;
  } catch {
    return null;
  }
}

const isVolume = (unitText: string): boolean => ['cu', 'tbsp', 'tsp', 'pinch', 'ml', 'l'].includes(unitText);

const GAS_MARK = /^\s*gas\s*(?:mark)?\s*(½|1\/2|\d)\s*$/i;

/**
 * An amount as bakers type it, in a unit of core: "1.5 kg", "2 lb", "1 lb 4 oz", "1/2", "1,5", "3 tbsp", "350 F". A bare number
 * is in the unit of the field, which `fromBare` turns into core's; cups and spoons of a mass are read where it is known what a cup
 * of it weighs. Null when it cannot be read.
 */
export function readQuantity(
  text: string,
  unit: Unit,
  fromBare: (typed: number) => number,
  cupG?: number,
): number | null {
  const gas = unit === 'C' ? GAS_MARK.exec(text)?.[1] : undefined;
  if (gas !== undefined) return gasMarkC(gas);
  const said = inFigures(text);
  const bare = readNumber(said);
  if (bare !== null) return fromBare(bare);
  const plain = words.reduce((so, [written, word]) => so.replace(written, ` ${word} `), said).trim();
  const parts = [...plain.matchAll(/([-\d.,/\s½⅓⅔¼¾⅛⅜⅝⅞]+)\s*([a-zA-Z]+)\s*(?:and|,)?\s*/g)];
  if (parts.length === 0 || parts.map(([whole]) => whole).join('') !== plain) return null;
  const values = parts.map(([, amount = '', unitText = '']) => readOne(amount, unitText, unit, cupG));
  return values.every((value) => value !== null) ? values.reduce((sum, value) => sum + value, 0) : null;
}
