import type { INestApplication } from '@nestjs/common';
import type { OpenAPIObject } from '@nestjs/swagger';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import { requestSchemas } from '@mardle/contract/schema';
import { SCHEMAS } from './schemas.js';

/** The OpenAPI document of the server, with the contract's own schemas. */
export function openApiDocument(app: INestApplication): OpenAPIObject {
  const config = new DocumentBuilder()
    .setTitle('Mardle')
    .setDescription('The workbench of a fruit pie baker. Errors are problem documents, RFC 9457.')
    .setVersion('1')
    .build();
  const document = SwaggerModule.createDocument(app, config);
  return {
    ...document,
    components: {
      ...document.components,
      schemas: {
        ...document.components?.schemas,
        ...(requestSchemas(SCHEMAS) as NonNullable<OpenAPIObject['components']>['schemas']),
      },
    },
  };
}
