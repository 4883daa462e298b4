import { limitOf } from '@mardle/core';
import { applyDecorators } from '../decorators.js';
import { IsNumber, Max, Min } from 'class-validator';

/** A number inside the limits that core holds for a path, with core's remedy on the message's second line. */
export function Limited(path: string): PropertyDecorator {
  const { least, most, remedy } = limitOf(path);
  const message = `$property must be a number from ${least} to ${most}.\n${remedy}`;
  return applyDecorators(
    IsNumber({ allowNaN: false, allowInfinity: false }, { message }),
    Min(least, { message }),
    Max(most, { message }),
  );
}
