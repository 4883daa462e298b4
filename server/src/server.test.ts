import type { INestApplication } from '@nestjs/common';
import type { PieResponse } from '@mardle/contract';
import type { BakeEvent, PieSpec } from '@mardle/core';
import { starterSpec } from '@mardle/core';
import { randomUUID } from 'node:crypto';
import { pino } from 'pino';
import 'reflect-metadata';
import request from 'supertest';
import { createApp } from './app.js';
import { migrate } from './database/data-source.js';
import { loadDemo } from './demo/demo.js';
import { testConfig } from './test/database.js';

/** Two servers over one database: each must be as good as the other. */
let first: INestApplication;
let second: INestApplication;

beforeAll(async () => {
  const config = testConfig();
  // Both at once, as two processes would.
  await Promise.all([migrate(config, loadDemo), migrate(config, loadDemo)]);
  const log = pino({ level: 'silent' });
  first = await createApp(config, log);
  second = await createApp(config, log);
  await Promise.all([first.init(), second.init()]);
}, 60_000);

afterAll(async () => {
  await Promise.all([first.close(), second.close()]);
});

const on = (app: INestApplication): ReturnType<typeof request> => request(app.getHttpServer());

const newPie = async (change: Partial<PieSpec> = {}): Promise<PieResponse> => {
  const answer = await on(first)
    .post('/api/pies')
    .send({ id: randomUUID(), spec: { ...starterSpec, ...change } });
  expect(answer.status).toBe(201);
  return answer.body as PieResponse;
};

describe('the demo', () => {
  it('is there once, however many servers load it', async () => {
    const { body } = await on(first).get('/api/kitchen');
    expect(body.name).toBe('Wickerfold pie table');
    expect(body.ovens.map(({ label }: { label: string }) => label)).toEqual(['Long oven', 'Corner oven']);
    const pies = await on(second).get('/api/pies');
    expect(pies.body.filter(({ id }: PieResponse) => id.startsWith('d0000000')).length).toBe(9);
  });
});

describe('dishes and ovens of the kitchen', () => {
  const dish = {
    label: 'Oval 30',
    shape: 'oval',
    topCm: 30,
    widthCm: 20,
    baseCm: 26,
    depthCm: 5,
    material: 'glass',
  };
  const oven = { label: 'Small oven', kind: 'still', offsetC: -6, warmUpMin: 15, places: 1, knob: 'gas' };

  it('are kept by one server and read by the other, changed and put away', async () => {
    const id = randomUUID();
    for (let twice = 0; twice < 2; twice++) {
      const kept = await on(first).put(`/api/kitchen/dishes/${id}`).send(dish);
      expect(kept.status).toBe(200);
    }
    const find = async (): Promise<unknown[]> =>
      (await on(second).get('/api/kitchen')).body.dishes.filter((d: { id: string }) => d.id === id);
    expect(await find()).toEqual([{ id, ...dish }]);
    await on(second)
      .put(`/api/kitchen/dishes/${id}`)
      .send({ ...dish, depthCm: 6 });
    expect(await find()).toEqual([{ id, ...dish, depthCm: 6 }]);
    expect((await on(first).delete(`/api/kitchen/dishes/${id}`)).status).toBe(204);
    expect((await on(first).delete(`/api/kitchen/dishes/${id}`)).status).toBe(204);
    expect(await find()).toEqual([]);
  });

  it('keep an oven with its knob and its error', async () => {
    const id = randomUUID();
    const kept = await on(first).put(`/api/kitchen/ovens/${id}`).send(oven);
    expect(kept.body).toEqual({ id, ...oven });
    await on(second).delete(`/api/kitchen/ovens/${id}`);
  });

  it('are refused with what to do', async () => {
    const id = randomUUID();
    const wide = await on(first)
      .put(`/api/kitchen/dishes/${id}`)
      .send({ ...dish, baseCm: 31 });
    expect(wide.status).toBe(422);
    expect(JSON.stringify(wide.body)).toContain('Measure both inside');
    const none = await on(first)
      .put(`/api/kitchen/ovens/${id}`)
      .send({ ...oven, places: 0 });
    expect(none.status).toBe(422);
    expect(JSON.stringify(none.body)).toContain('An oven takes 1 to 40 dishes');
    expect((await on(first).put('/api/kitchen/dishes/not-an-id').send(dish)).status).toBe(404);
  });
});

describe('pies', () => {
  it('are kept, each save a version, with the version as ETag', async () => {
    const pie = await newPie({ name: 'Version test' });
    const saved = await on(second)
      .put(`/api/pies/${pie.id}`)
      .set('If-Match', '"1"')
      .send({ spec: { ...pie.spec, name: 'Renamed' } });
    expect(saved.status).toBe(200);
    expect(saved.headers['etag']).toBe('"2"');
    const versions = await on(first).get(`/api/pies/${pie.id}/versions`);
    expect(
      versions.body.map(({ version, name }: { version: number; name: string }) => [version, name]),
    ).toEqual([
      [2, 'Renamed'],
      [1, 'Version test'],
    ]);
    const old = await on(first).get(`/api/pies/${pie.id}/versions/1`);
    expect(old.body.spec).toEqual(pie.spec);
  });

  it('refuse a save on an old version and overwrite nothing', async () => {
    const pie = await newPie();
    const save = (app: INestApplication, name: string): request.Test =>
      on(app)
        .put(`/api/pies/${pie.id}`)
        .set('If-Match', '"1"')
        .send({ spec: { ...pie.spec, name } });
    const answers = await Promise.all([save(first, 'one'), save(second, 'two')]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 412]);
    const lost = answers.find(({ status }) => status === 412);
    expect(lost?.headers['content-type']).toMatch(/application\/problem\+json/);
    expect(lost?.body.remedy).toMatch(/copy/);
  });

  it('want to know which version a save builds on', async () => {
    const pie = await newPie();
    const answer = await on(first).put(`/api/pies/${pie.id}`).send({ spec: pie.spec });
    expect(answer.status).toBe(428);
  });

  it('are made once when sent twice, and a different one with the same id is refused', async () => {
    const body = { id: randomUUID(), spec: starterSpec };
    expect((await on(first).post('/api/pies').send(body)).status).toBe(201);
    expect((await on(second).post('/api/pies').send(body)).body.version).toBe(1);
    const other = await on(first)
      .post('/api/pies')
      .send({ ...body, spec: { ...starterSpec, name: 'Another' } });
    expect(other.status).toBe(409);
  });

  it('can be put away', async () => {
    const pie = await newPie();
    expect((await on(first).delete(`/api/pies/${pie.id}`)).status).toBe(204);
    expect((await on(second).get(`/api/pies/${pie.id}`)).status).toBe(404);
  });
});

describe('bad requests are answered with what to do', () => {
  const send = (spec: unknown): request.Test => on(first).post('/api/pies').send({ id: randomUUID(), spec });
  const dish = (change: object): object => ({ ...starterSpec, dish: { ...starterSpec.dish, ...change } });

  it.each<[string, unknown, string]>([
    ['text in a number', dish({ depthCm: '3.5' }), 'spec.dish.depthCm'],
    ['a missing part', { ...starterSpec, filling: undefined }, 'spec.filling'],
    ['an unknown field', { ...starterSpec, colour: 'blue' }, 'spec.colour'],
    ['an empty name', { ...starterSpec, name: '' }, 'spec.name'],
    ['a dish deeper than wide', dish({ topCm: 12, baseCm: 10, depthCm: 14 }), 'dish.depthCm'],
    ['a newer version', { ...starterSpec, version: 7 }, 'spec.version'],
  ])('%s', async (_, spec, field) => {
    const { status, body, headers } = await send(spec);
    expect(status).toBe(422);
    expect(headers['content-type']).toMatch(/problem\+json/);
    expect(body.problems.map((problem: { field: string }) => problem.field)).toContain(field);
    expect(body.remedy).not.toBe('');
  });

  it('what is not JSON, too big, or for another host', async () => {
    const broken = await on(first).post('/api/pies').set('Content-Type', 'application/json').send('{"id":');
    expect([broken.status, broken.body.remedy]).toEqual([400, 'Send the body as JSON.']);
    const big = await on(first)
      .post('/api/pies')
      .send({ id: randomUUID(), spec: 'x'.repeat(2_000_000) });
    expect(big.status).toBe(413);
    const rebound = await on(first).get('/api/pies').set('Host', 'pies.example');
    expect(rebound.status).toBe(421);
  });

  it('an id that is none, an address that is none', async () => {
    expect((await on(first).get('/api/pies/moon')).status).toBe(404);
    expect((await on(first).get('/api/nothing')).status).toBe(404);
  });
});

describe('the larder', () => {
  const own = { id: 'damson', label: 'Damson', like: 'damson', figures: { releaseRipe: 0.62 } };

  it('keeps own figures, for every server, and goes back to built-in', async () => {
    expect((await on(first).put('/api/larder/fruits/damson').send(own)).status).toBe(200);
    expect((await on(second).get('/api/larder/fruits')).body).toEqual([own]);
    const again = { ...own, figures: { releaseRipe: 0.65, acidPercent: 2.4 } };
    await on(second).put('/api/larder/fruits/damson').send(again);
    expect((await on(first).get('/api/larder/fruits')).body).toEqual([again]);
    expect((await on(first).delete('/api/larder/fruits/damson')).status).toBe(204);
    expect((await on(second).get('/api/larder/fruits')).body).toEqual([]);
  });

  it.each<[object, string]>([
    [{ ...own, like: 'moon' }, 'like'],
    [{ ...own, figures: { ph: 19 } }, 'figures.ph'],
    [{ ...own, label: '' }, 'label'],
    [{ ...own, id: 'other' }, 'id'],
  ])('refuses %j, naming %s', async (body, field) => {
    const answer = await on(first).put('/api/larder/fruits/damson').send(body);
    expect(answer.status).toBe(422);
    expect(answer.body.problems.map((problem: { field: string }) => problem.field)).toContain(field);
  });
});

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

describe('the OpenAPI document', () => {
  it('is served, names every address, and all its references are there', async () => {
    const { body } = await on(first).get('/api/openapi.json');
    expect(body.openapi).toMatch(/^3\./);
    expect(Object.keys(body.paths)).toEqual(
      expect.arrayContaining([
        '/api/pies',
        '/api/pies/{id}',
        '/api/bakes',
        '/api/bakes/{id}/events',
        '/api/kitchen',
      ]),
    );
    const references = [...JSON.stringify(body).matchAll(/"#\/components\/schemas\/(\w+)"/g)].map(
      ([, name]) => name,
    );
    expect(references.length).toBeGreaterThan(10);
    for (const name of references) expect(Object.keys(body.components.schemas)).toContain(name);
    expect(body.components.schemas.DishRequest.properties.depthCm).toMatchObject({
      type: 'number',
      minimum: 1,
      maximum: 15,
    });
  });
});

describe('health', () => {
  it('answers', async () => {
    expect((await on(first).get('/api/health/live')).body.application).toBe('mardle');
    expect((await on(first).get('/api/health/ready')).body).toEqual({ database: 'answers' });
  });
});
