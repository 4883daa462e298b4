import type { INestApplication } from '@nestjs/common';
import type { PieResponse } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { starterSpec } from '@mardle/core';
import { randomUUID } from 'node:crypto';
import { pino } from 'pino';
import 'reflect-metadata';
import request from 'supertest';
import { createApp } from '../app.js';
import { migrate } from '../database/data-source.js';
import { loadDemo } from '../demo/demo.js';
import { testConfig } from './database.js';

/** Two servers over one database: each must be as good as the other. Set before the first test of a suite that calls `useServers`. */
export let first: INestApplication;
export let second: INestApplication;

/** Starts both before the tests of a suite and closes them after. */
export function useServers(): void {
  beforeAll(async () => {
    const config = testConfig();
    // Both at once, as two processes would.
    await Promise.all([migrate(config, loadDemo), migrate(config, loadDemo)]);
    const log = pino({ level: 'silent' });
    first = await createApp(config, log);
    second = await createApp(config, log);
    await Promise.all([first.init(), second.init()]);
  });

  afterAll(async () => {
    await Promise.all([first.close(), second.close()]);
  });
}

export const on = (app: INestApplication): ReturnType<typeof request> => request(app.getHttpServer());

/** A pie of the starter, kept by the first server. */
export const newPie = async (change: Partial<PieSpec> = {}): Promise<PieResponse> => {
  const answer = await on(first)
    .post('/api/pies')
    .send({ id: randomUUID(), spec: { ...starterSpec, ...change } });
  expect(answer.status).toBe(201);
  return answer.body as PieResponse;
};
