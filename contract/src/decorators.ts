import { Type } from 'class-transformer';
import { IsDefined, ValidateNested } from 'class-validator';

/** Several property decorators as one. */
export const applyDecorators =
  (...decorators: readonly PropertyDecorator[]): PropertyDecorator =>
  (target, key) => {
    for (const decorate of decorators) decorate(target, key);
  };

/** An object of another request class; it must be there. */
export const Nested = (shape: () => new () => object): PropertyDecorator =>
  applyDecorators(IsDefined({ message: '$property is missing.' }), ValidateNested(), Type(shape));
