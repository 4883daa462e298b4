import { limitOf } from './limits.js';

/** What is wrong with a spec: the field by its path, what is the matter, what to do. */
export interface Problem {
  readonly field: string;
  readonly message: string;
  readonly remedy: string;
}

/** An id that must stand in a table. */
export const known = (
  field: string,
  id: string,
  table: ReadonlyMap<string, unknown>,
  what: string,
): Problem[] =>
  table.has(id)
    ? []
    : [
        {
          field,
          message: `There is no ${what} called "${id}".`,
          remedy: `Choose one of: ${[...table.keys()].join(', ')}.`,
        },
      ];

/** A number within its limits; absent and null choices are left to Mardle. */
export function within(field: string, value: number | null | undefined, path = field): Problem[] {
  if (value === null || value === undefined) return [];
  const { least, most, remedy } = limitOf(path);
  if (typeof value === 'number' && value >= least && value <= most) return [];
  return [
    { field, message: `${field} is ${String(value)}; it must be between ${least} and ${most}.`, remedy },
  ];
}
