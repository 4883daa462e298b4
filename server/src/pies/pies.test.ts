import { starterSpec } from '@mardle/core';
import { randomUUID } from 'node:crypto';
import type { INestApplication } from '@nestjs/common';
import type request from 'supertest';
import { first, newPie, on, second, useServers } from '../test/servers.js';

useServers();

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
    ['a dish deeper than wide', dish({ topCm: 12, baseCm: 10, depthCm: 14 }), 'spec.dish.depthCm'],
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
