import 'reflect-metadata';
import { pino } from 'pino';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { migrate } from './database/data-source.js';
import { loadDemo } from './demo/demo.js';

const log = pino({ level: process.env['MARDLE_LOG'] ?? 'warn' }, pino.destination(2));

try {
  const config = readConfig(process.env);
  await migrate(config, loadDemo);
  const app = await createApp(config, log);
  await app.listen(config.port, '127.0.0.1');
  log.info({ port: config.port }, 'listening');
} catch (error) {
  log.fatal({ err: error }, 'the server could not start');
  process.exit(1);
}
