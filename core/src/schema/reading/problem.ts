/** What is wrong with something that was said: the field by its path, what is the matter, what to do. */
export interface FieldProblem {
  readonly field: string;
  readonly message: string;
  readonly remedy: string;
}

const LONGEST_QUOTE = 60;

/**
 * What was said, for a message about it: any value of JSON, and not all of a long one.
 * @param value of any kind
 * @returns text
 * @example quoted('damson') // 'damson'
 */
export function quoted(value: unknown): string {
  const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? 'nothing');
  return text.length > LONGEST_QUOTE ? `${text.slice(0, LONGEST_QUOTE)} …` : text;
}
