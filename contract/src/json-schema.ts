/** A JSON Schema as plain data. */
export interface JsonSchema {
  readonly [keyword: string]: unknown;
}
