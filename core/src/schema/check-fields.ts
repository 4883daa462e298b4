import type { Larder } from '../larder/index.js';
import { MINUTE_MS } from '../units/index.js';
import type { AnyField, Schema } from './field.js';
import { isWritable } from './field.js';
import { instantMs, isPlain, quoted } from './reading/index.js';
import type { FieldProblem } from './reading/index.js';

/** What the check of a file asks beside the file itself. */
export interface FileContext {
  readonly larder: Larder;
  /** The instant that minutes are counted from, ms; of a file that has minutes. */
  readonly zeroMs?: number;
  /** How a field is called in a message; its path where nothing is said. */
  readonly called?: (path: string) => string;
  /** What is wrong with a whole pie file that stands in this one, fields from its own root. */
  readonly pieProblems?: (plain: unknown) => readonly FieldProblem[];
}

const MOST_MIN = 14 * 24 * 60;

const one = (field: string, message: string, remedy: string): FieldProblem[] => [{ field, message, remedy }];

/**
 * A minute as a file has it.
 * @param value whole minutes from zero, or an instant
 * @param zeroMs of the file
 * @returns whole minutes; NaN for anything else, and for what is more than two weeks away
 */
export function minuteIn(value: unknown, zeroMs: number): number {
  const min = typeof value === 'string' ? (instantMs(value) - zeroMs) / MINUTE_MS : value;
  return typeof min === 'number' && Number.isInteger(min) && Math.abs(min) <= MOST_MIN ? min : NaN;
}

type Check<Type extends AnyField['type']> = (
  path: string,
  field: Extract<AnyField, { type: Type }>,
  value: unknown,
  context: FileContext,
  called: string,
) => FieldProblem[];

function checkMinute(path: string, value: unknown, { zeroMs = 0 }: FileContext, called: string) {
  if (!Number.isNaN(minuteIn(value, zeroMs))) return [];
  return one(
    path,
    `${called} is ${quoted(value)}; it must be whole minutes from zero, or an instant such as 2026-09-12T09:00:00+02:00.`,
    'Write minutes, or the hour with its offset; at most two weeks away.',
  );
}

function checkSpan(path: string, pair: unknown, context: FileContext, called: string): FieldProblem[] {
  if (!Array.isArray(pair) || pair.length !== 2)
    return one(path, `${called} must be a pair.`, 'Write from and to.');
  const wrong = pair.flatMap((minute: unknown, i) =>
    checkMinute(`${path}.${i}`, minute, context, `${called} ${i === 0 ? 'begin' : 'end'}`),
  );
  if (wrong.length > 0) return wrong;
  const [from = 0, to = 0] = pair.map((minute) => minuteIn(minute, context.zeroMs ?? 0));
  return to < from ? one(path, `${called} ends before it begins.`, 'Write when it begins first.') : [];
}

const checkList: Check<'list' | 'pair'> = (path, field, value, context, called) => {
  if (!Array.isArray(value)) return one(path, `${called} must be a list.`, `Write ${field.what}.`);
  if (value.length === 0 && field.type === 'list' && field.empty && field.least > 0)
    return one(path, field.empty.message, field.empty.remedy);
  const { least, most } = field.type === 'pair' ? { least: 2, most: 2 } : field;
  const bounds = least === most ? `${least}` : `${least} to ${most}`;
  const count =
    value.length >= least && value.length <= most
      ? []
      : one(path, `${called} holds ${value.length}; it must hold ${bounds}.`, `Write ${field.what}.`);
  return [...count, ...value.flatMap((item: unknown, i) => checkPart(`${path}.${i}`, field, item, context))];
};

function checkPart(
  path: string,
  field: { readonly of: Schema; readonly what: string },
  value: unknown,
  context: FileContext,
): FieldProblem[] {
  if (isPlain(value)) return checkFields(field.of, value, context, path);
  const called = context.called?.(path) ?? path;
  return one(path, `${called} must be an object.`, `Write ${field.what}.`);
}

const checkNumber: Check<'number'> = (path, { least, most, remedy, whole }, value, _, called) => {
  const fits = typeof value === 'number' && value >= least && value <= most;
  if (fits && (!whole || Number.isInteger(value))) return [];
  return one(
    path,
    `${called} is ${quoted(value)}; it must be a ${whole ? 'whole number' : 'number'}, ${least} to ${most}.`,
    remedy,
  );
};

const checkText: Check<'text'> = (path, field, value, _, called) => {
  if (typeof value !== 'string' || value.length > field.longest) {
    return one(path, `${called} must be a text of at most ${field.longest} letters.`, `Write ${field.what}.`);
  }
  if (!isWritable(value)) {
    return one(path, `${called} has characters in it that cannot be written.`, 'Type it in plain letters.');
  }
  return value === '' && field.emptyRemedy ? one(path, `${called} is empty.`, field.emptyRemedy) : [];
};

const checkChoice: Check<'choice' | 'words'> = (path, field, value, _, called) =>
  field.of.some((choice) => choice === value)
    ? []
    : one(path, `${called} cannot be ${quoted(value)}.`, `Choose one of: ${field.of.join(', ')}.`);

const checkRow: Check<'row'> = (path, field, value, { larder }) => {
  const table: ReadonlyMap<string, unknown> = larder[field.table];
  return typeof value === 'string' && table.has(value)
    ? []
    : one(
        path,
        `There is no ${field.noun} called "${quoted(value)}".`,
        `Choose one of: ${[...table.keys()].join(', ')}.`,
      );
};

const checkNamed: Check<'named'> = (path, field, value, context, called) => {
  if (!isPlain(value)) return one(path, `${called} must be an object.`, `Write ${field.what}.`);
  return Object.entries(value).flatMap(([name, item]) =>
    checkValue(`${path}.${name}`, field.of, item, context),
  );
};

// eslint-disable-next-line complexity -- one case for each type of field
function checkValue(path: string, field: AnyField, value: unknown, context: FileContext): FieldProblem[] {
  const called = context.called?.(path) ?? path;
  switch (field.type) {
    case 'number':
      return checkNumber(path, field, value, context, called);
    case 'choice':
      return checkChoice(path, field, value, context, called);
    case 'fixed':
      return value === field.is ? [] : one(path, `${called} must be "${field.is}".`, `Write "${field.is}".`);
    case 'text':
      return checkText(path, field, value, context, called);
    case 'row':
      return checkRow(path, field, value, context, called);
    case 'flag':
      return typeof value === 'boolean'
        ? []
        : one(path, `${called} must be true or false.`, 'Write true or false.');
    case 'part':
      return checkPart(path, field, value, context);
    case 'list':
    case 'pair':
      return checkList(path, field, value, context, called);
    case 'figures':
      return isPlain(value)
        ? []
        : one(path, `${called} must be an object of figures.`, `Write ${field.what}.`);
    case 'named':
      return checkNamed(path, field, value, context, called);
    case 'minute':
      return checkMinute(path, value, context, called);
    case 'instant':
      return Number.isNaN(instantMs(value))
        ? one(path, `${called} must be an instant with its offset.`, 'Write it as 2026-09-12T03:00:00+02:00.')
        : [];
    case 'spans':
      return Array.isArray(value) && value.length <= field.most
        ? value.flatMap((pair: unknown, i) =>
            checkSpan(`${path}.${i}`, pair, context, context.called?.(`${path}.${i}`) ?? `${path}.${i}`),
          )
        : one(path, `${called} must be a list of at most ${field.most}.`, `Write ${field.what}.`);
    case 'words':
      return Array.isArray(value)
        ? value.flatMap((word: unknown, i) => checkChoice(`${path}.${i}`, field, word, context, called))
        : one(path, `${called} must be a list.`, `Write some of: ${field.of.join(', ')}.`);
    case 'pie_file':
      return (context.pieProblems?.(value) ?? []).map((problem) => ({
        ...problem,
        field: problem.field ? `${path}.${problem.field}` : path,
      }));
  }
}

/**
 * All that is wrong with the fields of a file: missing ones, those outside their limits, rows that the larder lacks, and
 * names that no field has.
 * @param parent path of the part that is checked; empty for the whole file
 */
export function checkFields(
  schema: Schema,
  plain: Readonly<Record<string, unknown>>,
  context: FileContext,
  parent = '',
): FieldProblem[] {
  const pathOf = (key: string): string => (parent ? `${parent}.${key}` : key);
  const known = Object.entries(schema).flatMap(([key, field]) => {
    const value = plain[key];
    const path = pathOf(key);
    if (value === undefined) {
      const called = context.called?.(path) ?? path;
      return field.leftOut === undefined ? one(path, `${called} is missing.`, `Write ${field.what}.`) : [];
    }
    if (value === null && field.nullMeans !== undefined) return [];
    return checkValue(path, field, value, context);
  });
  const unknown = Object.keys(plain)
    .filter((key) => !Object.hasOwn(schema, key))
    .flatMap((key) =>
      one(pathOf(key), `There is no field called "${pathOf(key)}".`, 'Take it out, or spell it right.'),
    );
  return [...known, ...unknown];
}
