/** What is wrong with something that was said: the field by its path, what is the matter, what to do. */
export interface FieldProblem {
  readonly field: string;
  readonly message: string;
  readonly remedy: string;
}
