import 'reflect-metadata';
import type { INestApplication } from '@nestjs/common';
import type { RequestListener } from 'node:http';
import { createServer } from 'node:http';
import type { Level, Logger, StreamEntry } from 'pino';
import { pino } from 'pino';
import { createStream } from 'rotating-file-stream';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { migrate, NewerDataError } from './database/data-source.js';
import { loadDemo } from './demo/demo.js';

/** Words for whoever looks at the terminal, and a line for all of it in files that are rotated by size. */
function makeLog({ MARDLE_LOG: level = 'warn', MARDLE_LOGS: folder }: NodeJS.ProcessEnv): Logger {
  const terminal: StreamEntry = { level: level as Level, stream: pino.destination(2) };
  if (folder === undefined) return pino({ level }, terminal.stream);
  const files = createStream('mardle.log', { path: folder, size: '5M', maxFiles: 5 });
  // A disk that is full must not end the server: what is not written is lost.
  files.on('error', () => undefined);
  return pino({ level: 'info' }, pino.multistream([terminal, { level: 'info', stream: files }]));
}

const log = makeLog(process.env);

/** `localhost` is the one family or the other, by the machine. */
function listenOnSix(app: INestApplication, port: number): void {
  const handler = app.getHttpAdapter().getInstance() as RequestListener;
  createServer(handler)
    .on('error', (error) => log.info({ err: error }, 'no second address'))
    .listen(port, '::1');
}

/** Who keeps the server up does not try again after this. */
const NOT_WITH_THIS_DATA = 78;

/** A database that is gone must not keep the server from ending when it is told to, ms. */
const ENDS_WITHIN_MS = 5000;
for (const signal of ['SIGTERM', 'SIGINT'] as const) {
  process.once(signal, () => setTimeout(() => process.exit(1), ENDS_WITHIN_MS).unref());
}

try {
  const config = readConfig(process.env);
  await migrate(config, loadDemo);
  const app = await createApp(config, log);
  await app.listen(config.port, '127.0.0.1');
  listenOnSix(app, config.port);
  log.info({ port: config.port }, 'listening');
} catch (error) {
  if (error instanceof NewerDataError) {
    log.fatal(error.message);
    process.exit(NOT_WITH_THIS_DATA);
  }
  log.fatal({ err: error }, 'the server could not start');
  process.exit(1);
}
