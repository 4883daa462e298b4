import { starterSpec } from '@mardle/core';
import { randomUUID } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import { Agent, request } from 'node:http';
import { first, newPie, on, useServers } from './test/servers.js';
import { soak } from './test/soak.js';
import type { OpenApi } from './test/hostile.js';
import { Hostile } from './test/hostile.js';

useServers();

const REQUESTS = soak(4000, 20_000);
const AT_ONCE = 16;
const HANGS_MS = 1000;

/** mulberry32: the same requests in every run. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

interface Asked {
  readonly method: string;
  readonly path: string;
  readonly headers: Record<string, string>;
  readonly body: string;
}

interface Answer {
  readonly status: number;
  readonly type: string;
  readonly text: string;
  readonly ms: number;
}

const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE });

/** `again`: whether it may be sent once more. */
const send = (port: number, asked: Asked, again = true): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const { method, path, headers, body } = asked;
    const begun = performance.now();
    const asking = request({ host: '127.0.0.1', port, agent, method, path, headers }, (response) => {
      let text = '';
      response.setEncoding('utf8');
      response.on('data', (part: string) => (text += part));
      response.on('end', () =>
        resolve({
          status: response.statusCode ?? 0,
          type: response.headers['content-type'] ?? '',
          text,
          ms: performance.now() - begun,
        }),
      );
    });
    asking.on('error', (error: NodeJS.ErrnoException) => {
      // A server may close a connection that lay idle just when it is used again: that request was never read.
      if (again && asking.reusedSocket && error.code === 'ECONNRESET')
        send(port, asked, false).then(resolve, reject);
      else reject(error);
    });
    asking.end(body);
  });

const isProblem = ({ type, text, status }: Answer): boolean => {
  if (!type.startsWith('application/problem+json')) return false;
  const problem = JSON.parse(text) as Record<string, unknown>;
  return problem['status'] === status && problem['title'] !== '' && problem['remedy'] !== '';
};

afterAll(() => agent.destroy());

it(`${REQUESTS} hostile requests of every operation are refused, answered in time, and break nothing`, async () => {
  const server = first.getHttpServer() as {
    address(): AddressInfo | null;
    listen(port: number, host: string, then: () => void): void;
  };
  if (!server.address()) await new Promise<void>((then) => server.listen(0, '127.0.0.1', then));
  const port = (server.address() as AddressInfo).port;
  const { body: document } = (await on(first).get('/api/openapi.json')) as { body: OpenApi };

  const pie = await newPie({ name: 'Standing' });
  const stages = [
    { tempC: 215, timeMin: 15 },
    { tempC: 180, timeMin: 40 },
  ];
  const loaded = { id: randomUUID(), kind: 'loaded', at: '2026-10-24T10:00:00.000Z' };
  const bake = { id: randomUUID(), pieId: pie.id, pieVersion: 1, spec: pie.spec, stages, loaded };
  expect((await on(first).post('/api/bakes').send(bake)).status).toBe(201);
  const { label: _, ...dish } = { ...starterSpec.dish };
  const sound: Readonly<Record<string, unknown>> = {
    'post /api/pies': { id: pie.id, spec: pie.spec },
    'put /api/pies/{id}': { spec: pie.spec },
    'post /api/bakes': bake,
    'post /api/bakes/{id}/events': { events: [loaded, { ...loaded, id: randomUUID(), kind: 'turned' }] },
    'put /api/kitchen/dishes/{id}': { ...dish, label: 'Dish' },
    'put /api/kitchen/ovens/{id}': { ...starterSpec.bake.oven, places: 2, knob: '5_c', hotSide: 'none' },
    'put /api/larder/fruits/{id}': { id: 'damson', label: 'Damson', like: 'damson', figures: { ph: 3 } },
  };
  const random = seeded(7);
  const hostile = new Hostile(document, random, [pie.id, bake.id, randomUUID(), 'damson']);
  const operations = Object.entries(document.paths)
    // A stream stays open for as long as its client: the tests of the probe look at it.
    .filter(([path]) => !path.endsWith('/stream'))
    .flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
    );
  expect(operations.length).toBeGreaterThan(12);

  const wrong: string[] = [];
  const asked = Array.from({ length: REQUESTS }, (_, i): Asked => {
    const { path, method, operation } = operations[i % operations.length] as (typeof operations)[number];
    const body = hostile.body(operation, sound[`${method} ${path}`]);
    const ifMatch = hostile.ifMatch();
    return {
      method: method.toUpperCase(),
      path: hostile.address(path, operation),
      headers: {
        ...(body === '' ? {} : { 'Content-Type': random() < 0.97 ? 'application/json' : 'text/plain' }),
        ...(ifMatch === null ? {} : { 'If-Match': ifMatch }),
      },
      body,
    };
  });
  const judge = async (next: Asked): Promise<string | null> => {
    const answer = await send(port, next);
    const bad = answer.status >= 500 || answer.ms > HANGS_MS || (answer.status >= 400 && !isProblem(answer));
    return bad
      ? `${next.method} ${next.path} ${answer.status} ${Math.round(answer.ms)} ms ${next.body.slice(0, 300)}`
      : null;
  };
  const again: Asked[] = [];
  let at = 0;
  const worker = async (): Promise<void> => {
    for (let next = asked[at++]; next; next = asked[at++]) if (await judge(next)) again.push(next);
  };
  await Promise.all(Array.from({ length: AT_ONCE }, worker));
  // A busy machine is no fault of a request: what was slow among many is asked once more, alone.
  for (const next of again) {
    const still = await judge(next);
    if (still) wrong.push(still);
  }
  expect(wrong.slice(0, 10)).toEqual([]);

  // What stood before is there, and every list can be read.
  for (const path of [
    '/api/pies?size=100&whole=yes',
    '/api/bakes',
    '/api/bakes/running',
    '/api/kitchen',
    '/api/larder/fruits',
  ]) {
    expect((await on(first).get(path)).status).toBe(200);
  }
  // Put away by one of them, perhaps; written over by none.
  expect((await on(first).post(`/api/pies/${pie.id}/taken-out`)).status).toBe(201);
  const { body: kept } = await on(first).get(`/api/pies/${pie.id}/versions/1`);
  expect(kept.spec).toEqual(pie.spec);
}, 3_600_000);
