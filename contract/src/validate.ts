import type { ClassConstructor } from 'class-transformer';
import { plainToInstance } from 'class-transformer';
import type { ValidationError } from 'class-validator';
import { validateSync } from 'class-validator';
import type { FieldProblem } from './problem.js';

/** The first problem of each field, by its path. */
export function flattenErrors(errors: readonly ValidationError[], parent = ''): FieldProblem[] {
  return errors.flatMap((error) => {
    const field = parent ? `${parent}.${error.property}` : error.property;
    const [message] = Object.values(error.constraints ?? {});
    const own = message ? [problem(field, message)] : [];
    return [...own, ...flattenErrors(error.children ?? [], field)];
  });
}

/** A message may carry its remedy on a second line, as `Limited` writes it. */
function problem(field: string, message: string): FieldProblem {
  const [what = message, remedy = `Correct "${field}"; docs/plan-format.md says what it may be.`] =
    message.split('\n');
  return { field, message: what.endsWith('.') ? what : `${what}.`, remedy };
}

export type Checked<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: FieldProblem[] };

/** Checks plain data against a request class: unknown fields are problems too, so that a typing slip is not lost. */
export function checkShape<T extends object>(shape: ClassConstructor<T>, plain: unknown): Checked<T> {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    return {
      ok: false,
      problems: [
        { field: '', message: 'This is not a JSON object.', remedy: 'Send one object with named fields.' },
      ],
    };
  }
  const value = plainToInstance(shape, plain);
  const problems = flattenErrors(
    validateSync(value, {
      whitelist: true,
      forbidNonWhitelisted: true,
      stopAtFirstError: true,
      forbidUnknownValues: true,
    }),
  );
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value };
}
