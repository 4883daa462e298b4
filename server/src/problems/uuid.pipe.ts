import type { PipeTransform } from '@nestjs/common';
import { isUUID } from 'class-validator';
import { notFound } from './problem.js';

/** An id in the address that is no id names nothing. */
export class UuidPipe implements PipeTransform<string, string> {
  constructor(private readonly what: string) {}

  transform(id: string): string {
    if (!isUUID(id)) throw notFound(this.what);
    return id.toLowerCase();
  }
}
