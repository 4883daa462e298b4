import type { PipeTransform } from '@nestjs/common';
import { notFound } from './problem.js';

const MOST = 1_000_000;

/** A number in the address that is no whole one names nothing. */
export class WholePipe implements PipeTransform<string, number> {
  constructor(private readonly what: string) {}

  transform(text: string): number {
    const number = /^\d{1,7}$/.test(text) ? Number(text) : 0;
    if (number < 1 || number > MOST) throw notFound(this.what);
    return number;
  }
}
