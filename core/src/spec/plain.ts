/** An object of JSON, before anything is known of its fields. */
export type Plain = Readonly<Record<string, unknown>>;

export const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
