import type { Plain } from './plain.js';
import { isPlain } from './plain.js';
import type { FieldProblem } from './problem.js';
import { quoted } from './problem.js';
import { MINUTE_MS } from '../../units/index.js';

/** An hour with its offset: without one nobody knows which instant is meant. */
const INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/;

/** The instant of an ISO 8601 text that has its offset, ms; NaN for anything else. */
export const instantMs = (text: unknown): number =>
  typeof text === 'string' && INSTANT.test(text) ? Date.parse(text) : NaN;

interface Limits {
  readonly least: number;
  readonly most: number;
  /** Taken when nothing is said. */
  readonly usual?: number;
}

/** Reads a file field by field and keeps what is wrong with it. */
export interface Reader {
  readonly problems: FieldProblem[];
  wrong(field: string, message: string, remedy: string): void;
  part(field: string, value: unknown, what: string): Plain;
  list(field: string, value: unknown, what: string, most: number): readonly unknown[];
  whole(field: string, value: unknown, limits: Limits): number;
  number(field: string, value: unknown, limits: Limits): number;
  text(field: string, value: unknown, usual?: string): string;
  choice<T extends string>(field: string, value: unknown, of: readonly T[], usual?: T): T;
  /** Minutes from `zeroMs`, said as such or as an instant. */
  minute(field: string, value: unknown, zeroMs: number): number;
  known(field: string, value: Plain, names: readonly string[]): void;
}

const singular: Readonly<Record<string, string>> = {
  hands: 'hand',
  ovens: 'oven',
  pies: 'pie',
  breaks: 'break',
  bakes: 'bake',
  events: 'event',
  readings: 'reading',
  stages: 'stage',
};

/** A field in words: `kitchen.hands.0.from` is "hand 1 from". */
const said = (field: string): string =>
  field
    .split('.')
    .filter((word) => word !== 'kitchen')
    .map((word) => (/^\d+$/.test(word) ? String(Number(word) + 1) : (singular[word] ?? word)))
    .join(' ') || 'the file';

const MOST_MIN = 14 * 24 * 60;
const LONGEST = 80;

export function makeReader(): Reader {
  const problems: FieldProblem[] = [];
  const wrong = (field: string, message: string, remedy: string): void =>
    void problems.push({ field, message, remedy });
  const reader: Reader = {
    problems,
    wrong,
    part: (field, value, what) => {
      if (isPlain(value)) return value;
      wrong(field, `What is said of ${said(field)} must be an object.`, `Write ${what}.`);
      return {};
    },
    list: (field, value, what, most) => {
      if (Array.isArray(value) && value.length <= most) return value as unknown[];
      wrong(field, `${said(field)} must be a list of at most ${most}.`, `Write ${what}.`);
      return [];
    },
    number: (field, value, { least, most, usual }) => {
      if (value === undefined && usual !== undefined) return usual;
      if (typeof value === 'number' && value >= least && value <= most) return value;
      wrong(
        field,
        `${said(field)} is ${quoted(value)}; it must be a number, ${least} to ${most}.`,
        'Set it within these limits.',
      );
      return usual ?? least;
    },
    whole: (field, value, limits) => {
      const read = reader.number(field, value, limits);
      if (Number.isInteger(read)) return read;
      wrong(
        field,
        `${said(field)} is ${read}; it must be a whole number.`,
        'Leave out what follows the point.',
      );
      return Math.round(read);
    },
    text: (field, value, usual) => {
      if (value === undefined && usual !== undefined) return usual;
      if (typeof value === 'string' && value.trim() !== '' && value.length <= LONGEST) return value;
      wrong(field, `${said(field)} must be a text of 1 to ${LONGEST} letters.`, 'Give it a name.');
      return usual ?? field;
    },
    choice: (field, value, of, usual) => {
      if (value === undefined && usual !== undefined) return usual;
      const found = of.find((one) => one === value);
      if (found !== undefined) return found;
      wrong(field, `${said(field)} cannot be ${quoted(value)}.`, `Choose one of: ${of.join(', ')}.`);
      return (usual ?? of[0]) as (typeof of)[number];
    },
    minute: (field, value, zeroMs) => {
      const min = typeof value === 'string' ? (instantMs(value) - zeroMs) / MINUTE_MS : value;
      if (typeof min === 'number' && Number.isInteger(min) && Math.abs(min) <= MOST_MIN) return min;
      wrong(
        field,
        `${said(field)} is ${quoted(value)}; it must be whole minutes from zero, or an instant such as 2026-09-12T09:00:00+02:00.`,
        'Write minutes, or the hour with its offset; at most two weeks away.',
      );
      return 0;
    },
    known: (field, value, names) => {
      for (const name of Object.keys(value)) {
        if (names.includes(name)) continue;
        const at = field ? `${field}.${name}` : name;
        wrong(at, `There is no field called "${at}".`, 'Take it out, or spell it right.');
      }
    },
  };
  return reader;
}
