import type { NextFunction, Request, Response } from 'express';
import { tooMuch } from '../problems/problem.js';

/** A pie has some three hundred fields, six deep; two hundred events have twelve hundred. */
const MOST_VALUES = 4000;
const DEEPEST = 12;

/** Whether parsed JSON is of a size that checking it costs little. */
export function isModest(value: unknown): boolean {
  let values = 0;
  const waiting: { readonly value: unknown; readonly depth: number }[] = [{ value, depth: 0 }];
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    if (++values > MOST_VALUES || next.depth > DEEPEST) return false;
    if (typeof next.value !== 'object' || next.value === null) continue;
    for (const inner of Object.values(next.value)) waiting.push({ value: inner, depth: next.depth + 1 });
  }
  return true;
}

/** Refuses a body with too many fields, or too deep, before any of it is checked. */
export function modest(request: Request, _response: Response, next: NextFunction): void {
  next(isModest(request.body) ? undefined : tooMuch());
}
