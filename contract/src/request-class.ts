import type { AnyField, Schema, SpecOf } from '@mardle/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsObject,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { IsPlainObject, IsWritable } from './decorators.js';

/** The class that checks requests of a schema's shape. */
export type RequestClass<S> = new () => SpecOf<S>;

/** Ids of rows are short; which there are, core knows. */
const LONGEST_ID = 60;

/** A part of the spec has one class, however often it is asked for. */
const classes = new Map<Schema, RequestClass<Schema>>();

/** Made at once, so that the documents know its class before the first request does. */
function nested(field: { readonly name: string; readonly of: Schema }, each: boolean): PropertyDecorator[] {
  const part = requestClass(`${field.name}Request`, field.of);
  return [ValidateNested({ each }), Type(() => part)];
}

const listOf = (
  field: { readonly name: string; readonly of: Schema },
  least: number,
  most: number,
): PropertyDecorator[] => [
  IsArray(),
  ArrayMinSize(least),
  ArrayMaxSize(most),
  IsPlainObject({ each: true }),
  ...nested(field, true),
];

/** A message may carry its remedy on a second line. */
function limited({ least, most, remedy, whole }: Extract<AnyField, { type: 'number' }>): PropertyDecorator[] {
  const message = `$property must be a ${whole ? 'whole ' : ''}number from ${least} to ${most}.\n${remedy}`;
  return [
    whole ? IsInt({ message }) : IsNumber({ allowNaN: false, allowInfinity: false }, { message }),
    Min(least, { message }),
    Max(most, { message }),
  ];
}

function checksOf(field: AnyField): PropertyDecorator[] {
  switch (field.type) {
    case 'number':
      return limited(field);
    case 'choice':
      return [IsIn(field.of)];
    case 'fixed':
      return [Equals(field.is, { message: `$property must be "${field.is}".` })];
    case 'text':
      return [
        IsString(),
        MaxLength(field.longest),
        IsWritable(),
        ...(field.emptyRemedy ? [IsNotEmpty({ message: `$property is empty.\n${field.emptyRemedy}` })] : []),
      ];
    case 'row':
      return [IsString(), MaxLength(LONGEST_ID), IsWritable()];
    case 'flag':
      return [IsBoolean()];
    case 'part':
      return [IsPlainObject(), ...nested(field, false)];
    case 'list':
      return listOf(field, field.least, field.most);
    case 'pair':
      return listOf(field, 2, 2);
    case 'figures':
    case 'named':
      return [IsObject(), IsPlainObject()];
    // Of files that core reads itself; no request has them.
    case 'minute':
    case 'instant':
    case 'spans':
    case 'words':
    case 'pie_file':
      throw new Error(`no request has a field of the type ${field.type}`);
  }
}

/** A field may be left out, or be null, only where the schema says what that means. */
function presence({ leftOut, nullMeans }: AnyField): PropertyDecorator[] {
  if (leftOut !== undefined && nullMeans !== undefined) {
    return [ValidateIf((_, value) => value !== undefined && value !== null)];
  }
  if (leftOut !== undefined) return [ValidateIf((_, value) => value !== undefined)];
  if (nullMeans !== undefined) return [ValidateIf((_, value) => value !== null)];
  return [IsDefined({ message: '$property is missing.' })];
}

/**
 * The class-validator class of a schema: each field's decorators are read off the field, so that a field is said once, in
 * core. Its name is that of the schema in OpenAPI and JSON Schema.
 */
export function requestClass<const S extends Schema>(name: string, schema: S): RequestClass<S> {
  const known = classes.get(schema);
  if (known) return known as unknown as RequestClass<S>;
  const made = { [name]: class {} }[name] as RequestClass<Schema>;
  classes.set(schema, made);
  for (const [key, field] of Object.entries<AnyField>(schema)) {
    for (const decorate of [...presence(field), ...checksOf(field)]) decorate(made.prototype, key);
  }
  return made as unknown as RequestClass<S>;
}
