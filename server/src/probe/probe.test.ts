import type { LogEntry, ReadingsResponse } from '@mardle/contract';
import { probeFault } from '@mardle/core';
import { randomUUID } from 'node:crypto';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { DataSource } from 'typeorm';
import { first, newPie, on, second, useServers } from '../test/servers.js';

useServers();

const loadedAt = '2026-10-02T09:00:00.000Z';
const at = (min: number): string => new Date(Date.parse(loadedAt) + min * 60_000).toISOString();

async function loaded(): Promise<string> {
  const pie = await newPie();
  const id = randomUUID();
  const answer = await on(first)
    .post('/api/bakes')
    .send({
      id,
      pieId: pie.id,
      pieVersion: 1,
      spec: pie.spec,
      stages: [
        { tempC: 210, timeMin: 20 },
        { tempC: 180, timeMin: 30 },
      ],
      loaded: { id: randomUUID(), kind: 'loaded', at: loadedAt },
    });
  expect(answer.status).toBe(201);
  return id;
}

const readingsOf = async (id: string, server = first): Promise<ReadingsResponse> =>
  (await on(server).get(`/api/bakes/${id}/readings`)).body as ReadingsResponse;

describe('readings of a probe', () => {
  it('are kept once, whichever server they came to, and read back in minutes', async () => {
    const id = await loaded();
    const readings = [
      { at: at(3), fillingC: 21.5, airC: 205 },
      { at: at(6), fillingC: null, airC: 208.4 },
    ];
    expect((await on(first).post(`/api/bakes/${id}/readings`).send({ readings })).status).toBe(204);
    expect((await on(second).post(`/api/bakes/${id}/readings`).send({ readings })).status).toBe(204);
    expect(await readingsOf(id, second)).toEqual({
      simulated: false,
      running: false,
      readings: [
        { atMin: 3, fillingC: 21.5, airC: 205 },
        { atMin: 6, fillingC: null, airC: 208.4 },
      ],
    });
  });

  it('go into the log with the bake', async () => {
    const id = await loaded();
    const readings = [0, 3, 6, 9].map((min) => ({ at: at(min), fillingC: 20 + min, airC: 200 }));
    await on(first).post(`/api/bakes/${id}/readings`).send({ readings });
    const { body } = (await on(first).get(`/api/log/${id}`)) as { body: LogEntry };
    expect(body.readings.map(({ fillingC }) => fillingC)).toEqual([20, 23, 26, 29]);
  });

  it.each([
    [{ readings: [] }],
    [{ readings: [{ at: 'noon', fillingC: 3 }] }],
    [{ readings: [{ at: at(1), fillingC: 'hot' }] }],
    [{ readings: [{ at: at(1), fillingC: 1e9 }] }],
    [{ readings: Array.from({ length: 501 }, (_, i) => ({ at: at(i) })) }],
  ])('refuses what is none: %j', async (body) => {
    const id = await loaded();
    expect((await on(first).post(`/api/bakes/${id}/readings`).send(body)).status).toBe(422);
    expect((await readingsOf(id)).readings).toEqual([]);
  });

  it('of no bake are refused', async () => {
    const answer = await on(first)
      .post(`/api/bakes/${randomUUID()}/readings`)
      .send({ readings: [{ at: at(1), airC: 200 }] });
    expect(answer.status).toBe(404);
  });

  it('are sent on as they come', async () => {
    const id = await loaded();
    const server = first.getHttpServer() as Server;
    if (!server.listening) await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as AddressInfo;
    const stop = new AbortController();
    const stream = await fetch(`http://127.0.0.1:${port}/api/bakes/${id}/readings/stream`, {
      signal: stop.signal,
    });
    expect(stream.headers.get('content-type')).toContain('text/event-stream');
    await on(second)
      .post(`/api/bakes/${id}/readings`)
      .send({ readings: [{ at: at(5), fillingC: 31, airC: 204 }] });
    const reader = stream.body!.getReader();
    let text = '';
    while (!text.includes('31')) text += new TextDecoder().decode((await reader.read()).value);
    expect(text).toContain('"fillingC":31');
    stop.abort();
    await reader.cancel().catch(() => undefined);
  });
});

describe('the simulated probe', () => {
  const until = async (id: string, enough: number): Promise<ReadingsResponse> => {
    for (;;) {
      const now = await readingsOf(id);
      if (now.readings.length >= enough) return now;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  };

  it('reads a bake that warms, as fast as is asked, until it is stopped', async () => {
    const id = await loaded();
    const started = await on(first)
      .post(`/api/bakes/${id}/simulated-probe`)
      .send({ speed: 600, fault: 'none', seed: 4 });
    expect(started.status).toBe(204);
    const { readings, running } = await until(id, 40);
    expect(running).toBe(true);
    const warm = readings.map(({ fillingC }) => fillingC ?? 0);
    expect(warm[warm.length - 1]! - warm[0]!).toBeGreaterThan(10);
    expect((await on(first).delete(`/api/bakes/${id}/simulated-probe`)).status).toBe(204);
    // What was made up stays so when nothing makes up more, on each server; the log knows nothing of it.
    expect(await readingsOf(id, second)).toMatchObject({ running: false, simulated: true });
    const { body } = (await on(first).get(`/api/log/${id}`)) as { body: LogEntry };
    expect(body.readings).toEqual([]);
  });

  it('a wire that slips out is seen to have', async () => {
    const id = await loaded();
    await on(first)
      .post(`/api/bakes/${id}/simulated-probe`)
      .send({ speed: 600, fault: 'slipped_out', seed: 4 });
    const { readings } = await until(id, 80);
    expect(
      probeFault(
        readings.map(({ fillingC }) => fillingC),
        true,
      ),
    ).toBe('slipped out');
    await on(first).delete(`/api/bakes/${id}/simulated-probe`);
  });

  it.each([
    [{ speed: 0, fault: 'none', seed: 1 }],
    [{ speed: 10, fault: 'melted', seed: 1 }],
    [{ speed: 10, fault: 'none', seed: 0.5 }],
  ])('refuses %j', async (body) => {
    const id = await loaded();
    expect((await on(first).post(`/api/bakes/${id}/simulated-probe`).send(body)).status).toBe(422);
  });
});

describe('readings of any rhythm', () => {
  it.each([
    ['every three minutes, off its phase', 3, 2],
    ['every six minutes', 6, 1.5],
    ['twice a minute', 0.5, 0.25],
  ])('%s leave some for the log', async (_, everyMin, fromMin) => {
    const id = await loaded();
    const times = Array.from({ length: 20 }, (__, i) => fromMin + everyMin * i);
    // One after the other, as a probe sends them.
    for (const min of times) {
      await on(first)
        .post(`/api/bakes/${id}/readings`)
        .send({ readings: [{ at: at(min), fillingC: 20 + min }] });
    }
    const rows = await first
      .get(DataSource)
      .query<{ at: Date }[]>('SELECT at FROM reading WHERE bake_id = ? AND stays = 1', [id]);
    const spanMin = everyMin * (times.length - 1);
    expect(rows.length).toBeGreaterThanOrEqual(Math.min(times.length, Math.floor(spanMin / 3)));
    expect(rows.length).toBeLessThanOrEqual(Math.min(times.length, Math.ceil(spanMin / 3) + 2));
  });
});
