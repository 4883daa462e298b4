import type { INestApplication } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import type { NextFunction, Request, Response } from 'express';
import { json, raw } from 'express';
import helmet from 'helmet';
import { LONGEST_DAY, MOST_PHOTO_BYTES } from '@mardle/contract';
import type { Logger } from 'pino';
import { randomUUID } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { pinoHttp } from 'pino-http';
import { AppModule } from './app.module.js';
import type { Config } from './config.js';
import { assets } from './middleware/assets.js';
import { DatabaseTimeoutInterceptor } from './middleware/database-timeout.interceptor.js';
import { localOnly } from './middleware/local-only.js';
import { guardBodySize } from './middleware/body-size-guard.js';
import { readLarge } from './kitchen-file/read-large.js';
import { openApiDocument } from './openapi/document.js';
import { ProblemFilter } from './problems/problem.filter.js';

/** A pie is a few kilobytes, two hundred events some forty. */
const LONGEST_BODY = '256kb';
const KITCHEN_FILE = '/api/kitchen/file';

/** One line a request. */
const said = (
  {
    method,
    url,
    originalUrl,
    id,
  }: IncomingMessage & { readonly id?: unknown; readonly originalUrl?: string },
  { statusCode }: ServerResponse,
  { responseTime }: { readonly responseTime: number },
): object => ({ id, method, path: originalUrl ?? url, status: statusCode, ms: Math.round(responseTime) });

/** The whole server, not yet listening. */
export async function createApp(config: Config, log: Logger): Promise<INestApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config), {
    logger: ['error', 'warn'],
    bodyParser: false,
    // A stream of readings stays open for as long as its client: it must not keep a server from ending.
    forceCloseConnections: true,
  });
  app.use(
    pinoHttp({
      logger: log,
      genReqId: () => randomUUID(),
      autoLogging: { ignore: ({ url }) => url?.startsWith('/api/health') ?? false },
      customSuccessObject: (request, response, val: { responseTime: number }) => said(request, response, val),
      customErrorObject: (request, response, _error, val: { responseTime: number }) =>
        said(request, response, val),
      serializers: { req: () => undefined, res: () => undefined },
      quietReqLogger: true,
    }),
  );
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          workerSrc: ["'self'", 'blob:'],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(localOnly);
  app.use(compression());
  if (config.webFolder) app.use('/assets', ...assets(config.webFolder));
  app.use(KITCHEN_FILE, readLarge);
  app.use('/api/log', raw({ type: 'image/*', limit: MOST_PHOTO_BYTES }));
  app.use('/api/days', json({ limit: 2 * LONGEST_DAY }));
  app.useBodyParser('json', { limit: LONGEST_BODY });
  app.use((request: Request, response: Response, next: NextFunction) =>
    // These are counted part by part, or are no JSON.
    request.path === KITCHEN_FILE || Buffer.isBuffer(request.body)
      ? next()
      : guardBodySize(request, response, next),
  );
  app.setGlobalPrefix('api');
  app.useGlobalInterceptors(new DatabaseTimeoutInterceptor(config));
  app.useGlobalFilters(new ProblemFilter(log));
  app.enableShutdownHooks();
  const document = openApiDocument(app);
  app.use('/api/openapi.json', (_request: Request, response: Response) => {
    response.json(document);
  });
  return app;
}
