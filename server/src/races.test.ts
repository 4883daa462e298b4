import { starterSpec } from '@mardle/core';
import type { BakeResponse, PieSummary } from '@mardle/contract';
import { randomUUID } from 'node:crypto';
import type request from 'supertest';
import { first, newPie, on, second, useServers } from './test/servers.js';

useServers();

const CLIENTS = 20;

/** So many clients at once, half of them at each server. */
const atOnce = (
  ask: (server: ReturnType<typeof on>, i: number) => request.Test,
): Promise<request.Response[]> =>
  Promise.all(Array.from({ length: CLIENTS }, (_, i) => ask(on(i % 2 === 0 ? first : second), i)));

const statuses = (answers: readonly request.Response[]): number[] => [
  ...new Set(answers.map(({ status }) => status)),
];

const stages = [
  { tempC: 215, timeMin: 15 },
  { tempC: 180, timeMin: 40 },
];
const event = (kind: string, at = '2026-10-24T10:00:00.000Z') => ({ id: randomUUID(), kind, at });

describe('twenty clients at once', () => {
  it('make one pie of the same, and each gets the same answer', async () => {
    const id = randomUUID();
    const body = { id, spec: { ...starterSpec, name: `Hands ${id}` } };
    const answers = await atOnce((server) => server.post('/api/pies').send(body));
    expect(statuses(answers)).toEqual([201]);
    const { body: list } = await on(first).get(`/api/pies?find=${id}`);
    expect(list.total).toBe(1);
  });

  it('make twenty of twenty', async () => {
    const answers = await atOnce((server, i) =>
      server.post('/api/pies').send({ id: randomUUID(), spec: { ...starterSpec, name: `Own pie ${i}` } }),
    );
    expect(statuses(answers)).toEqual([201]);
  });

  it('save one version on the same one, and lose no other silently', async () => {
    const pie = await newPie();
    const answers = await atOnce((server, i) =>
      server
        .put(`/api/pies/${pie.id}`)
        .set('If-Match', '"1"')
        .send({ spec: { ...pie.spec, name: `Save ${i}` } }),
    );
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(1);
    expect(answers.filter(({ status }) => status === 412)).toHaveLength(CLIENTS - 1);
    expect((await on(second).get(`/api/pies/${pie.id}`)).body.version).toBe(2);
  });

  it('start one bake, and take each event once', async () => {
    const pie = await newPie();
    const start = {
      id: randomUUID(),
      pieId: pie.id,
      pieVersion: 1,
      spec: pie.spec,
      stages,
      loaded: event('loaded'),
    };
    expect(statuses(await atOnce((server) => server.post('/api/bakes').send(start)))).toEqual([201]);
    const shared = event('turned', '2026-10-24T10:20:00.000Z');
    const answers = await atOnce((server, i) =>
      server
        .post(`/api/bakes/${start.id}/events`)
        .send({ events: [shared, event('door_opened', `2026-10-24T10:${String(21 + i)}:00.000Z`)] }),
    );
    expect(statuses(answers)).toEqual([201]);
    const { body } = await on(first).get(`/api/bakes/${start.id}`);
    expect((body as BakeResponse).events).toHaveLength(2 + CLIENTS);
  });

  it('keep one dish, one oven and one fruit, of whoever came last', async () => {
    const id = randomUUID();
    const dishes = await atOnce((server, i) =>
      server.put(`/api/kitchen/dishes/${id}`).send({ ...starterSpec.dish, label: `Dish ${i}` }),
    );
    expect(statuses(dishes)).toEqual([200]);
    const fruit = (i: number) => ({
      id: 'plum',
      label: 'Plum',
      like: 'plum',
      figures: { ph: 3 + i / 100 },
    });
    expect(
      statuses(await atOnce((server, i) => server.put('/api/larder/fruits/plum').send(fruit(i)))),
    ).toEqual([200]);
    const { body: kitchen } = await on(first).get('/api/kitchen');
    expect(kitchen.dishes.filter((dish: { id: string }) => dish.id === id)).toHaveLength(1);
    const { body: fruits } = await on(first).get('/api/larder/fruits');
    expect(fruits.filter((own: { id: string }) => own.id === 'plum')).toHaveLength(1);
    await on(first).delete(`/api/kitchen/dishes/${id}`);
    await on(first).delete('/api/larder/fruits/plum');
  });
});

describe('the same id', () => {
  it('with the same content is the same answer, with other content is refused', async () => {
    const pie = await newPie({ name: 'Asked twice' });
    const again = await on(first).post('/api/pies').send({ id: pie.id, spec: pie.spec });
    expect(again.status).toBe(201);
    expect(again.body).toEqual(pie);
    const other = await on(first)
      .post('/api/pies')
      .send({ id: pie.id, spec: { ...pie.spec, name: 'Another' } });
    expect(other.status).toBe(409);
  });

  it('of a save that was sent twice gives the version that was saved', async () => {
    const pie = await newPie();
    const save = () =>
      on(first)
        .put(`/api/pies/${pie.id}`)
        .set('If-Match', '"1"')
        .send({ spec: { ...pie.spec, name: 'Saved' } });
    expect((await save()).body.version).toBe(2);
    const again = await save();
    expect([again.status, again.body.version]).toEqual([200, 2]);
  });

  it('of a pie that was put away brings it back when it is made again', async () => {
    const name = `Away ${randomUUID()}`;
    const pie = await newPie({ name });
    await on(first).delete(`/api/pies/${pie.id}`);
    expect((await on(first).get(`/api/pies/${pie.id}`)).status).toBe(404);
    expect((await on(first).post('/api/pies').send({ id: pie.id, spec: pie.spec })).status).toBe(201);
    expect((await on(second).get(`/api/pies/${pie.id}`)).status).toBe(200);
    await on(first).delete(`/api/pies/${pie.id}`);
    expect((await on(first).post(`/api/pies/${pie.id}/taken-out`)).status).toBe(201);
    const { body } = await on(first).get(`/api/pies?find=${encodeURIComponent(name)}`);
    expect(body.pies.map(({ id }: PieSummary) => id)).toEqual([pie.id]);
  });

  it('of an event with other content, or of another bake, is refused and nothing is written', async () => {
    const pie = await newPie();
    const start = (id: string) => ({
      id,
      pieId: pie.id,
      pieVersion: 1,
      spec: pie.spec,
      stages,
      loaded: event('loaded'),
    });
    const [one, two] = [start(randomUUID()), start(randomUUID())];
    for (const bake of [one, two]) expect((await on(first).post('/api/bakes').send(bake)).status).toBe(201);
    const turned = event('turned', '2026-10-24T10:20:00.000Z');
    const send = (id: string, events: object[]) => on(first).post(`/api/bakes/${id}/events`).send({ events });
    expect((await send(one.id, [turned])).status).toBe(201);
    expect((await send(one.id, [{ ...turned, kind: 'out' }])).status).toBe(409);
    expect((await send(two.id, [event('tender'), turned])).status).toBe(409);
    expect((await on(first).get(`/api/bakes/${two.id}`)).body.events).toHaveLength(1);
    const otherPie = await newPie({ name: 'Another one' });
    const bent = { ...one, pieId: otherPie.id, spec: otherPie.spec };
    expect((await on(first).post('/api/bakes').send(bent)).status).toBe(409);
  });

  it('is the same in capital letters', async () => {
    const id = randomUUID();
    const made = await on(first).post('/api/pies').send({ id: id.toUpperCase(), spec: starterSpec });
    expect(made.body.id).toBe(id);
    expect((await on(first).get(`/api/pies/${id.toUpperCase()}`)).status).toBe(200);
  });
});

describe('a bake that is over', () => {
  it('is no more among the running ones, until that is taken back', async () => {
    const pie = await newPie({ name: 'Over and back' });
    const id = randomUUID();
    const body = { id, pieId: pie.id, pieVersion: 1, spec: pie.spec, stages, loaded: event('loaded') };
    await on(first).post('/api/bakes').send(body);
    const runs = async (): Promise<boolean> =>
      (await on(second).get('/api/bakes/running')).body.some((bake: BakeResponse) => bake.id === id);
    expect(await runs()).toBe(true);
    const cancelled = event('cancelled', '2026-10-24T10:01:00.000Z');
    await on(first)
      .post(`/api/bakes/${id}/events`)
      .send({ events: [cancelled] });
    expect(await runs()).toBe(false);
    const undo = { ...event('undo', '2026-10-24T10:02:00.000Z'), undoes: cancelled.id };
    await on(first)
      .post(`/api/bakes/${id}/events`)
      .send({ events: [undo] });
    expect(await runs()).toBe(true);
    const { body: list } = await on(first).get('/api/bakes?state=running&size=100');
    expect(list.bakes.find((bake: { id: string }) => bake.id === id)).toMatchObject({
      name: 'Over and back',
    });
    const { body: baked } = await on(first).get(`/api/pies?find=Over&sort=baked`);
    expect(baked.pies[0].lastBakedAt).toBe('2026-10-24T10:00:00.000Z');
  });
});
