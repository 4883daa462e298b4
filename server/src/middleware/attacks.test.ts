import { starterSpec } from '@mardle/core';
import { randomUUID } from 'node:crypto';
import type { Server } from 'node:http';
import { connect } from 'node:net';
import type { AddressInfo } from 'node:net';
import { first, newPie, on, useServers } from '../test/servers.js';
import type { OpenApi } from '../test/hostile.js';
import { objectCounter } from '../kitchen-file/read-large.js';

useServers();

const portOf = async (): Promise<number> => {
  const server = first.getHttpServer() as Server;
  if (!server.address()) await new Promise<void>((then) => server.listen(0, '127.0.0.1', then));
  return (server.address() as AddressInfo).port;
};

/** Puts a name of the language into every object of a body, one after the other. */
function* bent(value: unknown, name: string): Generator<unknown> {
  if (typeof value !== 'object' || value === null) return;
  const copy = Array.isArray(value) ? [...(value as unknown[])] : { ...value };
  if (!Array.isArray(copy)) yield { ...copy, [name]: { prototype: 1 } };
  for (const [key, inner] of Object.entries(copy)) {
    for (const changed of bent(inner, name)) yield { ...copy, [key]: changed };
  }
}

describe('names of the language in a request', () => {
  it('are refused in every operation, wherever they stand, and break nothing', async () => {
    const { body: document } = (await on(first).get('/api/openapi.json')) as { body: OpenApi };
    const pie = await newPie();
    const loaded = { id: randomUUID(), kind: 'loaded', at: '2026-10-24T10:00:00.000Z' };
    const sound: Readonly<Record<string, unknown>> = {
      '/api/pies': { id: randomUUID(), spec: pie.spec },
      '/api/pies/{id}': { spec: pie.spec },
      '/api/bakes': {
        id: randomUUID(),
        pieId: pie.id,
        pieVersion: 1,
        spec: pie.spec,
        stages: [
          { tempC: 215, timeMin: 15 },
          { tempC: 180, timeMin: 40 },
        ],
        loaded,
      },
      '/api/bakes/{id}/events': { events: [loaded] },
    };
    const wrong: string[] = [];
    for (const [path, methods] of Object.entries(document.paths)) {
      for (const [method, operation] of Object.entries(methods)) {
        if (!['post', 'put'].includes(method) || !operation.requestBody) continue;
        const address = path.replace(/\{\w+\}/g, pie.id);
        for (const name of ['constructor', 'prototype', 'hasOwnProperty', 'toString']) {
          for (const body of bent(sound[path] ?? { a: { b: 1 } }, name)) {
            const server = on(first);
            const asked = method === 'post' ? server.post(address) : server.put(address);
            const { status } = await asked.set('If-Match', '"1"').send(body as object);
            if (status < 400 || status >= 500) wrong.push(`${method} ${path} ${name}: ${status}`);
          }
        }
      }
    }
    expect(wrong).toEqual([]);
    for (const path of ['/api/pies', '/api/log', '/api/bakes']) {
      const { status } = await on(first).get(`${path}?constructor[prototype]=1&toString=1`);
      expect([path, status < 500]).toEqual([path, true]);
    }
  });
});

describe('who asks', () => {
  it('with two hosts, or from another program’s page on this machine, gets no answer', async () => {
    const port = await portOf();
    const status = (headers: readonly string[]): Promise<string> =>
      new Promise((resolve, reject) => {
        const socket = connect(port, '127.0.0.1', () =>
          socket.write(`GET /api/pies HTTP/1.1\r\n${headers.join('\r\n')}\r\nConnection: close\r\n\r\n`),
        );
        let text = '';
        socket.on('data', (part) => (text += part.toString()));
        socket.on('error', reject);
        socket.on('close', () => resolve(text.slice(9, 12)));
      });
    const host = `Host: 127.0.0.1:${port}`;
    expect(await status([host])).toBe('200');
    expect(await status([host, `Origin: http://127.0.0.1:${port}`])).toBe('200');
    expect(await status([host, 'Host: elsewhere.example'])).toMatch(/^4/);
    expect(await status([host, `Origin: http://127.0.0.1:${port + 1}`])).toBe('403');
    expect(await status([host, 'Origin: http://localhost:3000'])).toBe('403');
    expect(await status([host, 'Origin: null'])).toBe('403');
  });
});

describe('large things', () => {
  it('several exports at once are written or told to come again, and others are answered meanwhile', async () => {
    const exports = Array.from({ length: 12 }, () => on(first).get('/api/kitchen/file'));
    const [list, ...answers] = await Promise.all([on(first).get('/api/pies'), ...exports]);
    expect(list.status).toBe(200);
    const statuses = answers.map(({ status }) => status);
    expect(statuses.every((status) => status === 200 || status === 429)).toBe(true);
    expect(statuses).toContain(200);
  });

  it('a file of nothing but empty objects is refused before it is read whole', async () => {
    const many = `{"format":"mardle-kitchen","version":1,"pies":[${'{},'.repeat(5_100_000)}{}]}`;
    const asked = on(first).post('/api/kitchen/file').set('Content-Type', 'application/json').send(many);
    const [refused, list] = await Promise.all([
      asked.then(
        ({ status }) => status,
        // It may close the connection while more of it is sent.
        () => 413,
      ),
      on(first).get('/api/pies'),
    ]);
    expect(refused).toBe(413);
    expect(list.status).toBe(200);
  });

  it('objects are counted through chunks, and what stands in texts is none', () => {
    const text = JSON.stringify({ a: [{}, { b: '{[\\"{' }], 'c{': ['\\', {}] });
    const expected = 6;
    const whole = objectCounter();
    expect(whole(Buffer.from(text))).toBe(expected);
    const count = objectCounter();
    const counts = [...Buffer.from(text)].map((byte) => count(Uint8Array.of(byte)));
    expect(counts.at(-1)).toBe(expected);
  });

  it('a pie of the starter is none of that', async () => {
    expect((await on(first).post('/api/pies').send({ id: randomUUID(), spec: starterSpec })).status).toBe(
      201,
    );
  });
});
