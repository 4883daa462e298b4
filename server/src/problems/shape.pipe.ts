import type { PipeTransform } from '@nestjs/common';
import { checkShape } from '@mardle/contract';
import type { ClassConstructor } from 'class-transformer';
import { invalid } from './problem.js';

/** Checks a body against its request class of the contract; `prepare` brings it forward first. */
export class ShapePipe<T extends object> implements PipeTransform<unknown, T> {
  constructor(
    private readonly shape: ClassConstructor<T>,
    private readonly prepare: (body: unknown) => unknown = (body) => body,
  ) {}

  transform(body: unknown): T {
    const checked = checkShape(this.shape, this.prepare(body));
    if (!checked.ok) throw invalid(checked.problems);
    return checked.value;
  }
}
