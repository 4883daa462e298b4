import './index.js';
import type { AnyField, FieldAt, Schema } from '@mardle/core';
import { listFields, pieSchema as pieFields } from '@mardle/core';
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

/** The JSON Schema of a pie file, whole in one document. */
export const pieJsonSchema = (): JsonSchema => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'A pie for Mardle',
  ...objectOf(pieFields),
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
      return field.of.map((name) => `\`${name}\``).join(', ');
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

/** The table of a pie file's fields as it stands in docs/plan-format.md. */
export const fieldTable = (): string =>
  ['| field | what | may be | |', '|---|---|---|---|', ...listFields(pieFields).map(row)].join('\n');
