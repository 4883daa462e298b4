import { isNote, isWritable } from '@mardle/core';
import { Transform, Type } from 'class-transformer';
import type { ValidationOptions } from 'class-validator';
import { IsDefined, IsUUID, registerDecorator, ValidateIf, ValidateNested } from 'class-validator';

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

/** A decorator of a check of our own. */
const checking =
  (name: string, message: string, check: (value: unknown) => boolean) =>
  (): PropertyDecorator =>
  (target, key) =>
    registerDecorator({
      name,
      target: target.constructor,
      propertyName: String(key),
      options: { message },
      validator: { validate: check },
    });

/** Text that can be kept, shown and printed as it is. */
export const IsWritable = checking(
  'isWritable',
  '$property has characters in it that cannot be written.\nType it in plain letters.',
  (value) => typeof value === 'string' && isWritable(value),
);

/** The same with lines. */
export const IsNote = checking(
  'isNote',
  '$property has characters in it that cannot be written.\nType it in plain letters.',
  (value) => typeof value === 'string' && isNote(value),
);

/** RFC 3339, with its zone. */
const MOMENT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,9})?(Z|[+-]\d{2}:\d{2})$/;
const EARLIEST_MS = Date.UTC(2000, 0);
const LATEST_MS = Date.UTC(2100, 0);

/** A moment that a kitchen's clock may show. */
export const IsMoment = checking(
  'isMoment',
  '$property must be a moment between 2000 and 2100, as 2026-10-24T09:30:00Z.\nSend it as RFC 3339 with its zone; is the clock of this machine right?',
  (value) => {
    if (typeof value !== 'string' || !MOMENT.test(value)) return false;
    const ms = Date.parse(value);
    return ms >= EARLIEST_MS && ms < LATEST_MS;
  },
);

/** An id in small letters, however it was sent. */
export const IsId = (): PropertyDecorator =>
  applyDecorators(
    IsUUID(),
    Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.toLowerCase() : value)),
  );

/** It may be left out, but is not null. */
export const MayBeLeftOut = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined);

/** An object of another request class; it must be there. */
export const Nested = (shape: () => new () => object): PropertyDecorator =>
  applyDecorators(
    IsDefined({ message: '$property is missing.' }),
    IsPlainObject(),
    ValidateNested(),
    Type(shape),
  );
