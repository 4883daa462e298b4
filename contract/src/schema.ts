import './index.js';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import type { JsonSchema } from './json-schema.js';

/** JSON Schemas of all request classes, read off their decorators: one definition for checks and documents. */
export const requestSchemas = (refPointerPrefix: string): Record<string, JsonSchema> =>
  validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage as never,
    refPointerPrefix,
  }) as Record<string, JsonSchema>;

/** The JSON Schema of a pie file, whole in one document. */
export function pieSchema(): JsonSchema {
  const all = requestSchemas('#/$defs/');
  const wanted = new Map<string, JsonSchema>();
  const collect = (name: string): void => {
    const schema = all[name];
    if (!schema || wanted.has(name)) return;
    wanted.set(name, { ...schema, additionalProperties: false });
    for (const [, inner = ''] of JSON.stringify(schema).matchAll(/"#\/\$defs\/(\w+)"/g)) collect(inner);
  };
  collect('PieSpecRequest');
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'A pie for Mardle',
    $ref: '#/$defs/PieSpecRequest',
    $defs: orNull(Object.fromEntries(wanted)),
  };
}

/** Choices that null leaves to Mardle: the decorators skip their checks for null, the schema has to say it. */
const LEFT_TO_MARDLE: Readonly<Record<string, readonly string[]>> = {
  FillingRequest: ['fruitMassG', 'thickenerMassG', 'weepTest', 'saucerTest'],
  SugarChoiceRequest: ['massG'],
  BakeSpecRequest: ['stages'],
};

function orNull(schemas: Record<string, JsonSchema>): Record<string, JsonSchema> {
  return Object.fromEntries(
    Object.entries(schemas).map(([name, schema]) => {
      const properties = { ...(schema['properties'] as Record<string, JsonSchema>) };
      for (const key of LEFT_TO_MARDLE[name] ?? []) {
        properties[key] = { anyOf: [properties[key] ?? {}, { type: 'null' }] };
      }
      return [name, { ...schema, properties }];
    }),
  );
}
