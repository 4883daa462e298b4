/** The units that figures are kept in. The interface turns them into the baker's own. */
export type Unit =
  | 'g'
  | 'cm'
  | 'mm'
  | 'cm2'
  | 'mL'
  | 'C'
  | 'min'
  | 'h'
  | 'percent'
  | 'ratio'
  | 'count'
  | 'g/100 g'
  | 'Brix'
  | 'pH'
  | 'm';

/** Something a rule was given: another figure (by id), or a plain value out of the spec or a table. */
export type Input =
  | { readonly figure: string }
  | {
      readonly label: string;
      readonly value: number;
      readonly unit: Unit;
      /** The fruit of the larder whose row says so. */
      readonly fruit?: string;
    }
  | { readonly label: string; readonly text: string };

/** A number of a sum: shown in the reader's units. */
export interface Quantity {
  readonly value: number;
  readonly unit: Unit;
}

/** A sum with its own numbers in it, as the baker would say it. */
export type FigureSum = readonly (string | Quantity)[];

/** The story of a figure: the rule in words, its sum, what went in, what would narrow it, where the rule comes from. */
interface Why {
  readonly rule: string;
  /** Empty where a simulation or a choice stands behind it. */
  readonly sum: FigureSum;
  /** What its spread comes from most, and what would narrow it; empty when it has none, or nothing would. */
  readonly narrows: string;
  readonly inputs: readonly Input[];
  readonly source: string;
}

/** A value with its band (low to high, about nine times in ten) and its story. */
export interface Figure {
  readonly id: string;
  readonly label: string;
  readonly value: number;
  readonly unit: Unit;
  readonly low: number;
  readonly high: number;
  readonly why: Why;
}

interface FigureParts {
  readonly id: string;
  readonly label: string;
  readonly value: number;
  readonly unit: Unit;
  /** Half the band as a share of the value; or give low and high. */
  readonly spread?: number;
  readonly low?: number;
  readonly high?: number;
  readonly rule: string;
  readonly sum?: FigureSum;
  readonly narrows?: string;
  readonly inputs?: readonly Input[];
  readonly source: string;
}

/** Builds a figure; without a spread the band is the value itself (a definition, or the baker's own choice). */
export function figure(parts: FigureParts): Figure {
  const { id, label, value, unit, rule, sum = [], narrows = '', inputs = [], source } = parts;
  const half = Math.abs(value) * (parts.spread ?? 0);
  return {
    id,
    label,
    value,
    unit,
    low: parts.low ?? value - half,
    high: parts.high ?? value + half,
    why: { rule, sum, narrows, inputs, source },
  };
}

/**
 * A sum written with its numbers in place.
 * @example makeSum`${q(500, 'g')} of juice x ${q(4.8, 'percent')}`
 */
export const makeSum = (words: TemplateStringsArray, ...numbers: readonly (Quantity | string)[]): FigureSum =>
  words.flatMap((word, i) => {
    const number = numbers[i];
    return number === undefined ? [word] : [word, number];
  });

/** Shorthand for a number of a sum. */
export const q = (value: number, unit: Unit): Quantity => ({ value, unit });

/** Shorthand for an input that is another figure. */
export const from = (...ids: readonly string[]): Input[] => ids.map((id) => ({ figure: id }));

/** Shorthand for an input that is a plain value; of a fruit's row in the larder, if it is. */
export const given = (label: string, value: number, unit: Unit, fruit?: string): Input =>
  fruit === undefined ? { label, value, unit } : { label, value, unit, fruit };
