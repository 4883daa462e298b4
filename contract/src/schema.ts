import './index.js';
import type { AnyField, FieldAt, Schema } from '@mardle/core';
import { daySchema, listFields, logSchema, pieSchema as pieFields } from '@mardle/core';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import type { JsonSchema } from './json-schema.js';

/** JSON Schemas of all request classes, read off their decorators: one definition for checks and documents. */
export const requestSchemas = (refPointerPrefix: string): Record<string, JsonSchema> =>
  validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage as never,
    refPointerPrefix,
    // Checks of our own say nothing that the others do not.
    additionalConverters: { customValidation: {} },
  }) as Record<string, JsonSchema>;

const jsonOf = (field: AnyField): JsonSchema => {
  const described = { description: `${field.what}${unitWords(field)}` };
  switch (field.type) {
    case 'number':
      return {
        ...described,
        type: field.whole ? 'integer' : 'number',
        minimum: field.least,
        maximum: field.most,
      };
    case 'choice':
      return { ...described, enum: field.of };
    case 'fixed':
      return { ...described, const: field.is };
    case 'text':
      return { ...described, type: 'string', maxLength: field.longest, minLength: field.emptyRemedy ? 1 : 0 };
    case 'row':
      return { ...described, type: 'string' };
    case 'flag':
      return { ...described, type: 'boolean' };
    case 'part':
      return { ...described, ...objectOf(field.of) };
    case 'list':
      return {
        ...described,
        type: 'array',
        items: objectOf(field.of),
        minItems: field.least,
        maxItems: field.most,
      };
    case 'pair':
      return { ...described, type: 'array', items: objectOf(field.of), minItems: 2, maxItems: 2 };
    case 'figures':
      return {
        ...described,
        type: 'object',
        properties: Object.fromEntries(field.of.map((name) => [name, { type: 'number' }])),
        additionalProperties: false,
      };
    case 'named':
      return { ...described, type: 'object', additionalProperties: jsonOf(field.of) };
    case 'minute':
      return { ...described, anyOf: [{ type: 'integer' }, { type: 'string', format: 'date-time' }] };
    case 'instant':
      return { ...described, type: 'string', format: 'date-time' };
    case 'spans':
      return {
        ...described,
        type: 'array',
        maxItems: field.most,
        items: { type: 'array', minItems: 2, maxItems: 2 },
      };
    case 'words':
      return { ...described, type: 'array', items: { enum: field.of } };
    case 'pie_file':
      // Of any version; the command line reads it from where a path points.
      return { ...described, type: ['object', 'string'] };
  }
};

const objectOf = (schema: Schema): JsonSchema => ({
  type: 'object',
  properties: Object.fromEntries(
    Object.entries(schema).map(([key, field]) => {
      const json = jsonOf(field);
      return [key, field.nullMeans === undefined ? json : { anyOf: [json, { type: 'null' }] }];
    }),
  ),
  required: Object.entries(schema).flatMap(([key, { leftOut }]) => (leftOut === undefined ? [key] : [])),
  additionalProperties: false,
});

/** The formats of files that core declares. */
const fileSchemas = {
  pie: { title: 'A pie for Mardle', fields: pieFields },
  day: { title: 'A bake day for Mardle', fields: daySchema },
  log: { title: 'A log of bakes for Mardle', fields: logSchema },
} as const satisfies Record<string, { readonly title: string; readonly fields: Schema }>;
export type FileFormat = keyof typeof fileSchemas;
export const fileFormats = Object.keys(fileSchemas) as readonly FileFormat[];

/** The JSON Schema of a file, whole in one document. */
export const fileJsonSchema = (format: FileFormat): JsonSchema => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: fileSchemas[format].title,
  ...objectOf(fileSchemas[format].fields),
});

const unitWords = (field: AnyField): string =>
  field.type === 'number' && field.unit !== 'count' && field.unit !== 'ratio'
    ? `, ${field.unit === 'C' ? '°C' : field.unit}`
    : '';

/** What a field may be, in a few words. */
function mayBe(field: AnyField): string {
  switch (field.type) {
    case 'number':
      return `${field.least} to ${field.most}${unitWords(field).replace(',', '')}`;
    case 'choice':
      return field.of.map((value) => `\`${value}\``).join(', ');
    case 'fixed':
      return `\`${field.is}\``;
    case 'text':
      return `text, at most ${field.longest} letters`;
    case 'row':
      return `a ${field.noun} of the Larder`;
    case 'flag':
      return 'true or false';
    case 'part':
      return 'object';
    case 'list':
      return `list of ${field.least} to ${field.most}`;
    case 'pair':
      return 'list of two';
    case 'figures':
    case 'words':
      return field.of.map((name) => `\`${name}\``).join(', ');
    case 'named':
      return `by name: ${mayBe(field.of)}`;
    case 'minute':
      return 'whole minutes from `zero`, or an instant with its offset';
    case 'instant':
      return 'ISO 8601 with its offset';
    case 'spans':
      return `pairs of from and to, at most ${field.most}`;
    case 'pie_file':
      return '[pie file](plan-format.md)';
  }
}

const row = ({ path, field }: FieldAt): string => {
  const notes = [
    field.leftOut === undefined ? '' : `left out: ${field.leftOut}`,
    field.nullMeans === undefined ? '' : `\`null\`: ${field.nullMeans}`,
    field.since ? `since version ${field.since}` : '',
  ];
  return `| \`${path}\` | ${field.what} | ${mayBe(field)} | ${notes.filter(Boolean).join('; ')} |`;
};

/** The table of a file's fields as it stands in docs. */
export const fieldTable = (format: FileFormat): string =>
  [
    '| field | what | may be | |',
    '|---|---|---|---|',
    ...listFields(fileSchemas[format].fields).map(row),
  ].join('\n');
