import type { AnyField, Schema, SpecOf } from './field.js';
import type { FileContext } from './check-fields.js';
import { checkFields, minuteIn } from './check-fields.js';
import type { FieldProblem, Plain } from './reading/index.js';
import { fieldInWords, isPlain } from './reading/index.js';

type ReadFile<S extends Schema> =
  | { readonly ok: true; readonly value: SpecOf<S> }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/** A value of the right shape with its minutes counted from zero. */
function withMinutes(field: AnyField, value: unknown, zeroMs: number): unknown {
  if (value === null || value === undefined) return value;
  switch (field.type) {
    case 'minute':
      return minuteIn(value, zeroMs);
    case 'spans':
      return (value as readonly (readonly unknown[])[]).map((span) =>
        span.map((minute) => minuteIn(minute, zeroMs)),
      );
    case 'part':
      return partWithMinutes(field.of, value as Plain, zeroMs);
    case 'list':
    case 'pair':
      return (value as readonly Plain[]).map((item) => partWithMinutes(field.of, item, zeroMs));
    default:
      return value;
  }
}

const partWithMinutes = (schema: Schema, part: Plain, zeroMs: number): Plain =>
  Object.fromEntries(
    Object.entries(part).map(([key, value]) => {
      const field = schema[key];
      return [key, field ? withMinutes(field, value, zeroMs) : value];
    }),
  );

/** What is no object lacks all its fields, and is told so first. */
const refusedWhole = <S extends Schema>(empty: ReadFile<S>): ReadFile<S> => ({
  ok: false,
  problems: [
    { field: '', message: 'The file must be an object.', remedy: 'Write one with format and version.' },
    ...(empty.ok ? [] : empty.problems),
  ],
});

/**
 * A file of a declared format.
 * @param schema of the format, with `format` and `version` as its first fields
 * @param plain anything
 * @param context larder, the file's zero, how a pie file in it is checked
 * @returns the file as declared, minutes as whole numbers from zero; or all that is wrong with it by field; never throws
 */
export function readFile<S extends Schema>(schema: S, plain: unknown, context: FileContext): ReadFile<S> {
  const called = context.called ?? fieldInWords;
  if (!isPlain(plain)) return refusedWhole(readFile(schema, {}, context));
  // Of a file of another kind nothing else is worth saying.
  const { format, version, ...rest } = schema as Schema;
  const head = checkFields(
    { ...(format && { format }), ...(version && { version }) },
    { format: plain['format'], version: plain['version'] },
    { ...context, called },
  );
  if (head.length > 0) return { ok: false, problems: head };
  const { format: _format, version: _version, ...fields } = plain;
  const problems = checkFields(rest, fields, { ...context, called });
  if (problems.length > 0) return { ok: false, problems };
  return { ok: true, value: partWithMinutes(schema, plain, context.zeroMs ?? 0) as unknown as SpecOf<S> };
}
