/** An object of JSON, before anything is known of its fields. */
export type Plain = Readonly<Record<string, unknown>>;

/**
 * Whether a value is an object of JSON.
 *
 * @param value anything
 * @returns true for an object; false for a list, null, a number or a text
 * @example isPlain([]) // false
 */
export const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
