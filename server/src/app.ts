import type { INestApplication } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { AppModule } from './app.module.js';
import type { Config } from './config.js';
import { openApiDocument } from './openapi/document.js';
import { ProblemFilter } from './problems/problem.filter.js';
import { wrongHost } from './problems/problem.js';
import { PROBLEM_TYPE } from '@mardle/contract';

const LOCAL_HOSTS = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** A page elsewhere that points its own name at this machine gets no answer. */
function localOnly(request: Request, response: Response, next: NextFunction): void {
  const host = (request.headers.host ?? '').replace(/:\d+$/, '');
  if (LOCAL_HOSTS.has(host)) return next();
  const { document } = wrongHost();
  response.status(document.status).type(PROBLEM_TYPE).send(JSON.stringify(document));
}

/** The whole server, not yet listening. */
export async function createApp(config: Config, log: Logger): Promise<INestApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config), {
    logger: ['error', 'warn'],
    bodyParser: false,
  });
  app.useBodyParser('json', { limit: '1mb' });
  app.use(localOnly);
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
  app.use(
    pinoHttp({ logger: log, autoLogging: { ignore: ({ url }) => url?.startsWith('/api/health') ?? false } }),
  );
  app.setGlobalPrefix('api');
  app.useGlobalFilters(new ProblemFilter(log));
  app.enableShutdownHooks();
  const document = openApiDocument(app);
  app.use('/api/openapi.json', (_request: Request, response: Response) => {
    response.json(document);
  });
  return app;
}
