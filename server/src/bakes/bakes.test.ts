import type { BakeEvent } from '@mardle/core';
import { randomUUID } from 'node:crypto';
import { first, newPie, on, second, useServers } from '../test/servers.js';

useServers();

describe('bakes', () => {
  const stages = [
    { tempC: 215, timeMin: 15 },
    { tempC: 180, timeMin: 40 },
  ];
  const event = (kind: BakeEvent['kind'], at: string, more: Partial<BakeEvent> = {}): BakeEvent => ({
    id: randomUUID(),
    kind,
    at,
    ...more,
  });

  it('start once, take each event once, and read the same from every server', async () => {
    const pie = await newPie();
    const start = {
      id: randomUUID(),
      pieId: pie.id,
      pieVersion: 1,
      spec: pie.spec,
      stages,
      loaded: event('loaded', '2026-10-24T10:00:00.000Z'),
    };
    expect((await on(first).post('/api/bakes').send(start)).status).toBe(201);
    expect((await on(second).post('/api/bakes').send(start)).status).toBe(201);
    const lowered = event('lowered', '2026-10-24T10:15:30.250Z');
    const wrong = event('out', '2026-10-24T10:16:00.000Z');
    const events = [lowered, wrong, event('undo', '2026-10-24T10:16:05.000Z', { undoes: wrong.id })];
    await Promise.all([
      on(first).post(`/api/bakes/${start.id}/events`).send({ events }),
      on(second)
        .post(`/api/bakes/${start.id}/events`)
        .send({ events: [lowered] }),
    ]);
    const here = await on(first).get(`/api/bakes/${start.id}`);
    const there = await on(second).get(`/api/bakes/${start.id}`);
    expect(here.body).toEqual(there.body);
    expect(here.body.events.length).toBe(4);
    expect(here.body.events.find(({ id }: BakeEvent) => id === lowered.id)?.at).toBe(lowered.at);
    expect(here.body.finished).toBe(false);
  });

  it('write down nothing when a part is wrong', async () => {
    const pie = await newPie();
    const id = randomUUID();
    const bad = {
      id,
      pieId: pie.id,
      pieVersion: 1,
      spec: pie.spec,
      stages,
      loaded: event('out', '2026-10-24T10:00:00Z'),
    };
    expect((await on(first).post('/api/bakes').send(bad)).status).toBe(422);
    expect((await on(first).get(`/api/bakes/${id}`)).status).toBe(404);
    const noPie = { ...bad, pieId: randomUUID(), loaded: event('loaded', '2026-10-24T10:00:00Z') };
    expect((await on(first).post('/api/bakes').send(noPie)).status).toBe(404);
  });
});
