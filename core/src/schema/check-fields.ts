import type { Larder } from '../larder/index.js';
import type { AnyField, Schema } from './field.js';
import { isWritable } from './field.js';
import { isPlain, quoted } from './reading/index.js';
import type { FieldProblem } from './reading/index.js';

const one = (field: string, message: string, remedy: string): FieldProblem[] => [{ field, message, remedy }];

function checkList(
  at: string,
  field: Extract<AnyField, { type: 'list' | 'pair' }>,
  value: unknown,
  larder: Larder,
) {
  if (!Array.isArray(value)) return one(at, `${at} must be a list.`, `Write ${field.what}.`);
  const { least, most } = field.type === 'pair' ? { least: 2, most: 2 } : field;
  const count =
    value.length >= least && value.length <= most
      ? []
      : one(
          at,
          `${at} holds ${value.length}; it must hold ${least === most ? least : `${least} to ${most}`}.`,
          `Write ${field.what}.`,
        );
  return [
    ...count,
    ...value.flatMap((item: unknown, i) =>
      isPlain(item)
        ? checkFields(field.of, item, larder, `${at}.${i}`)
        : one(`${at}.${i}`, `${at}.${i} must be an object.`, `Write ${field.what}.`),
    ),
  ];
}

function checkValue(at: string, field: AnyField, value: unknown, larder: Larder): FieldProblem[] {
  switch (field.type) {
    case 'number': {
      const { least, most, remedy, whole } = field;
      const fits = typeof value === 'number' && value >= least && value <= most;
      if (fits && (!whole || Number.isInteger(value))) return [];
      return one(
        at,
        `${at} is ${quoted(value)}; it must be a ${whole ? 'whole number' : 'number'}, ${least} to ${most}.`,
        remedy,
      );
    }
    case 'choice':
      return field.of.some((choice) => choice === value)
        ? []
        : one(at, `${at} cannot be ${quoted(value)}.`, `Choose one of: ${field.of.join(', ')}.`);
    case 'fixed':
      return value === field.is ? [] : one(at, `${at} must be "${field.is}".`, `Write "${field.is}".`);
    case 'text':
      if (typeof value !== 'string' || value.length > field.longest) {
        return one(at, `${at} must be a text of at most ${field.longest} letters.`, `Write ${field.what}.`);
      }
      if (!isWritable(value)) {
        return one(at, `${at} has characters in it that cannot be written.`, 'Type it in plain letters.');
      }
      return value === '' && field.emptyRemedy ? one(at, `${at} is empty.`, field.emptyRemedy) : [];
    case 'row': {
      const table: ReadonlyMap<string, unknown> = larder[field.table];
      return typeof value === 'string' && table.has(value)
        ? []
        : one(
            at,
            `There is no ${field.noun} called "${quoted(value)}".`,
            `Choose one of: ${[...table.keys()].join(', ')}.`,
          );
    }
    case 'flag':
      return typeof value === 'boolean'
        ? []
        : one(at, `${at} must be true or false.`, 'Write true or false.');
    case 'part':
      return isPlain(value)
        ? checkFields(field.of, value, larder, at)
        : one(at, `${at} must be an object.`, `Write ${field.what}.`);
    case 'list':
    case 'pair':
      return checkList(at, field, value, larder);
    case 'figures':
      return isPlain(value) ? [] : one(at, `${at} must be an object of figures.`, `Write ${field.what}.`);
  }
}

/**
 * All that is wrong with the fields of a spec: missing ones, those outside their limits, rows that the larder lacks, and
 * names that no field has.
 * @param at path of the part that is checked; empty for the whole spec
 */
export function checkFields(
  schema: Schema,
  spec: Readonly<Record<string, unknown>>,
  larder: Larder,
  at = '',
): FieldProblem[] {
  const path = (key: string): string => (at ? `${at}.${key}` : key);
  const known = Object.entries(schema).flatMap(([key, field]) => {
    const value = spec[key];
    if (value === undefined) {
      return field.leftOut === undefined
        ? one(path(key), `${path(key)} is missing.`, `Write ${field.what}.`)
        : [];
    }
    if (value === null && field.nullMeans !== undefined) return [];
    return checkValue(path(key), field, value, larder);
  });
  const unknown = Object.keys(spec)
    .filter((key) => !Object.hasOwn(schema, key))
    .flatMap((key) =>
      one(path(key), `There is no field called "${path(key)}".`, 'Take it out, or spell it right.'),
    );
  return [...known, ...unknown];
}
