import type { PipeTransform } from '@nestjs/common';
import { checkShape } from '@mardle/contract';
import type { ClassConstructor } from 'class-transformer';
import { invalid } from './problem.js';

/** Checks a body against its request class of the contract. */
export class ShapePipe<T extends object> implements PipeTransform<unknown, T> {
  constructor(private readonly shape: ClassConstructor<T>) {}

  transform(body: unknown): T {
    const checked = checkShape(this.shape, body);
    if (!checked.ok) throw invalid(checked.problems);
    return checked.value;
  }
}
