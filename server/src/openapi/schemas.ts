import * as contract from '@mardle/contract';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

/** A reference to a request class of the contract. */
export const ref = (name: keyof typeof contract): { $ref: string } => ({
  $ref: `#/components/schemas/${name}`,
});

/** JSON Schemas of all request classes, read off their decorators: one definition for checks and documents. */
export const requestSchemas = (refPointerPrefix = '#/components/schemas/'): Record<string, object> =>
  validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage as never,
    refPointerPrefix,
  }) as Record<string, object>;
