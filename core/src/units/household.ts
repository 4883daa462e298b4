import { ML_PER_CUP, ML_PER_TABLESPOON, ML_PER_TEASPOON } from './convert.js';
import type { Shown } from './shown.js';

/**
 * A measure that hands can take: its words and what it holds, mL; `parts` counts the spoons and cups to fill, `level` says
 * that none of them is filled scant or heaped.
 */
interface Measure {
  readonly number: string;
  readonly unit: string;
  readonly volumeMl: number;
  readonly parts: number;
  readonly level?: false;
}

/** What cups there are beside whole ones, and what spoons: no eighths of a cup. */
const cupParts: readonly (readonly [number, string])[] = [
  [0, ''],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
];
const spoonParts: readonly (readonly [number, string])[] = [
  [0, ''],
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 2, '½'],
  [3 / 4, '¾'],
];

const PINCH_ML = ML_PER_TEASPOON / 16;
/** The smallest cup there is holds four tablespoons; from half a cup on nobody counts spoons. */
const CUPS_FROM_ML = ML_PER_CUP / 4 - 2;
const CUPS_ALONE_FROM_ML = ML_PER_CUP / 2 - 2;
const SPOONS_FROM_ML = ML_PER_TABLESPOON - 0.5;
/** A measure this near is as good as any; a level one this near is better than one filled by eye. */
const NEAR = 0.03;
const LEVEL_WITHIN = 0.06;
/** What is further off says "about". */
const EXACT_WITHIN = 0.06;
/**
 * None is told that is further off than this. Half a teaspoon and less is not filled more exactly than by a seventh, however
 * it is said. Common practice, no source.
 */
export const householdWithin = (volumeMl: number): number =>
  volumeMl < ML_PER_TEASPOON / 2 ? 0.15 : EXACT_WITHIN;
/** A teaspoon filled scant or heaped, over a level one: for spices, where spoons are all there is. Common practice, no source. */
const SCANT = 0.9;
const HEAPED = 1.12;

function cups(volumeMl: number): Measure[] {
  const whole = Math.floor(volumeMl / ML_PER_CUP);
  return [whole - 1, whole, whole + 1].flatMap((n) =>
    n < 0
      ? []
      : cupParts.flatMap(([part, sign]) =>
          [0, 1, 2, 3].flatMap((spoons): Measure[] => {
            const share = n + part;
            if (share === 0) return [];
            return [
              {
                number: n === 0 ? sign : `${n}${sign}`,
                unit: `${share > 1 ? 'cups' : 'cup'}${spoons > 0 ? ` + ${spoons} tbsp` : ''}`,
                volumeMl: share * ML_PER_CUP + spoons * ML_PER_TABLESPOON,
                parts: n + (part > 0 ? 1 : 0) + 2 * spoons,
              },
            ];
          }),
        ),
  );
}

function spoons(volumeMl: number): Measure[] {
  const whole = Math.floor(volumeMl / ML_PER_TABLESPOON);
  return [whole, whole + 1].flatMap((n) =>
    [0, 1, 2].flatMap((level) =>
      spoonParts.flatMap(([part, sign]): Measure[] => {
        // Beside more tablespoons smaller parts of a teaspoon are not worth their filling.
        if (n === 0 || part === 1 / 8 || (n > 1 && part !== 0 && part !== 1 / 2)) return [];
        if (n > 3 && part > 0) return [];
        const tsp = level + part;
        return [
          {
            number: String(n),
            unit: tsp === 0 ? 'tbsp' : `tbsp + ${level === 0 ? sign : `${level}${sign}`} tsp`,
            volumeMl: n * ML_PER_TABLESPOON + tsp * ML_PER_TEASPOON,
            parts: n + 2 * level + (part > 0 ? 3 : 0),
          },
        ];
      }),
    ),
  );
}

function teaspoons(volumeMl: number): Measure[] {
  const whole = Math.floor(volumeMl / ML_PER_TEASPOON);
  return [whole, whole + 1].flatMap((n) =>
    spoonParts.flatMap(([part, sign]): Measure[] => {
      const share = n + part;
      if (share === 0 || (n > 0 && part === 1 / 8)) return [];
      const number = n === 0 ? sign : `${n}${sign}`;
      const level = { number, unit: 'tsp', volumeMl: share * ML_PER_TEASPOON, parts: n + 1 };
      return [
        level,
        { ...level, number: `scant ${number}`, volumeMl: level.volumeMl * SCANT, parts: n + 3, level: false },
        {
          ...level,
          number: `heaped ${number}`,
          volumeMl: level.volumeMl * HEAPED,
          parts: n + 3,
          level: false,
        },
      ];
    }),
  );
}

/** Small spoons together, for spices. */
const pairs: readonly Measure[] = [
  { number: '⅛', unit: 'tsp + 1 pinch', volumeMl: ML_PER_TEASPOON / 8 + PINCH_ML, parts: 4 },
  { number: '¼', unit: 'tsp + 1 pinch', volumeMl: ML_PER_TEASPOON / 4 + PINCH_ML, parts: 4 },
  { number: '¼', unit: 'tsp + ⅛ tsp', volumeMl: (3 * ML_PER_TEASPOON) / 8, parts: 4 },
  { number: '½', unit: 'tsp + ⅛ tsp', volumeMl: (5 * ML_PER_TEASPOON) / 8, parts: 4 },
];

/** Of all that lie near the one with the least to fill; else the nearest, a level one first. */
function best(measures: readonly Measure[], volumeMl: number, most: number): Measure | null {
  const off = (measure: Measure): number => Math.abs(measure.volumeMl / volumeMl - 1);
  const allowed = measures.filter((measure) => measure.volumeMl <= most);
  const level = allowed.filter((measure) => measure.level !== false && off(measure) <= LEVEL_WITHIN);
  const near = level.filter((measure) => off(measure) <= NEAR);
  const [chosen] =
    near.length > 0
      ? near.toSorted((a, b) => a.parts - b.parts || off(a) - off(b))
      : (level.length > 0 ? level : allowed).toSorted((a, b) => off(a) - off(b));
  return chosen && off(chosen) <= householdWithin(volumeMl) ? chosen : null;
}

/**
 * A volume by the cups and spoons there are, never further off than `householdWithin`: spoons, then cups with spoons; below
 * an eighth of a teaspoon pinches.
 * @param volumeMl mL
 * @param least it is a least amount, more is added by feel: never rounded up
 * @returns number and unit, or null when no measure comes near enough
 * @example household(15)?.unit // 'tbsp'
 */
export function household(volumeMl: number, least = false): Shown | null {
  if (volumeMl < ML_PER_TEASPOON / 8 - 0.06) {
    const pinches = Math.max(1, Math.round(volumeMl / PINCH_ML));
    return { number: String(pinches), unit: pinches > 1 ? 'pinches' : 'pinch' };
  }
  const measures =
    volumeMl < SPOONS_FROM_ML
      ? [...teaspoons(volumeMl), ...pairs]
      : [
          ...(volumeMl >= CUPS_FROM_ML ? cups(volumeMl) : []),
          ...(volumeMl < CUPS_ALONE_FROM_ML ? spoons(volumeMl) : []),
        ];
  const found = best(measures, volumeMl, least ? volumeMl * 1.001 : Infinity);
  if (!found) return null;
  const about = Math.abs(found.volumeMl / volumeMl - 1) > EXACT_WITHIN ? 'about ' : '';
  return { number: `${about}${found.number}`, unit: found.unit };
}
