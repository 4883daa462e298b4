import { Type } from 'class-transformer';
import type { ValidationOptions } from 'class-validator';
import { IsDefined, registerDecorator, ValidateNested } from 'class-validator';

/** Several property decorators as one. */
export const applyDecorators =
  (...decorators: readonly PropertyDecorator[]): PropertyDecorator =>
  (target, key) => {
    for (const decorate of decorators) decorate(target, key);
  };

/** What stands for an object is one: no list, no text. */
export const IsPlainObject =
  (options?: ValidationOptions): PropertyDecorator =>
  (target, key) =>
    registerDecorator({
      name: 'isPlainObject',
      target: target.constructor,
      propertyName: String(key),
      options: { message: '$property must be an object.', ...options },
      validator: {
        validate: (value: unknown) => typeof value === 'object' && value !== null && !Array.isArray(value),
      },
    });

/** An object of another request class; it must be there. */
export const Nested = (shape: () => new () => object): PropertyDecorator =>
  applyDecorators(
    IsDefined({ message: '$property is missing.' }),
    IsPlainObject(),
    ValidateNested(),
    Type(shape),
  );
