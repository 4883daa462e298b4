import type { FieldProblem } from '@mardle/core';

export type { FieldProblem };

/** A problem document, RFC 9457, with the fields that are wrong and what to do about each. */
export interface ProblemDocument {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly remedy: string;
  readonly instance?: string;
  readonly problems?: readonly FieldProblem[];
}

export const PROBLEM_TYPE = 'application/problem+json';
