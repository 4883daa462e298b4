import { requestSchemas } from '@mardle/contract/schema';
import { applyDecorators } from '@nestjs/common';
import type { ApiQueryOptions } from '@nestjs/swagger';
import { ApiQuery } from '@nestjs/swagger';
import { SCHEMAS } from './schemas.js';

/** The fields of a query class as OpenAPI has them. */
export function QueryOf(query: new () => object): MethodDecorator {
  const properties = (requestSchemas(SCHEMAS)[query.name]?.['properties'] ?? {}) as Record<string, object>;
  return applyDecorators(
    ...Object.entries(properties).map(([name, schema]) =>
      ApiQuery({ name, required: false, schema } as ApiQueryOptions),
    ),
  ) as MethodDecorator;
}
