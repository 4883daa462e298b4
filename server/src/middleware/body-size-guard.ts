import type { NextFunction, Request, Response } from 'express';
import type { Problem } from '../problems/problem.js';
import { oddName, tooMuch } from '../problems/problem.js';

/** A pie has some three hundred fields, six deep; two hundred events have twelve hundred. */
const MOST_VALUES = 4000;
const DEEPEST = 12;

/** Names that mean something to the language itself: no field of Mardle's is called so, and nothing of them is read. */
const ODD_NAMES = ['constructor', '__proto__', 'prototype', 'hasOwnProperty', 'toString', 'valueOf', 'then'];

/** What makes parsed JSON unfit to be checked: too many values, too deep, or a name of the language; null when nothing does. */
export function bodyProblem(value: unknown): Problem | null {
  let values = 0;
  const waiting: { readonly value: unknown; readonly depth: number }[] = [{ value, depth: 0 }];
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    if (++values > MOST_VALUES || next.depth > DEEPEST) return tooMuch();
    if (typeof next.value !== 'object' || next.value === null) continue;
    const inside = next.value;
    const odd = ODD_NAMES.find((name) => Object.hasOwn(inside, name));
    if (odd !== undefined) return oddName(odd);
    for (const inner of Object.values(inside)) waiting.push({ value: inner, depth: next.depth + 1 });
  }
  return null;
}

/** Refuses a body or a query with too many fields, too deep ones or odd ones, before any of it is checked. */
export function guardBodySize(request: Request, _response: Response, next: NextFunction): void {
  next(bodyProblem(request.body) ?? bodyProblem(request.query) ?? undefined);
}
