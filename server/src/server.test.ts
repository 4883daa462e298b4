import type { PieSummary } from '@mardle/contract';
import { DataSource } from 'typeorm';
import { PieEntity } from './pies/pie.entities.js';
import { first, newPie, on, second, useServers } from './test/servers.js';

useServers();

describe('the demo', () => {
  it('is there once, however many servers load it', async () => {
    const { body } = await on(first).get('/api/kitchen');
    expect(body.name).toBe('Wickerfold pie table');
    const ovens = body.ovens.map(({ label }: { label: string }) => label);
    expect(ovens.slice(0, 2)).toEqual(['Long oven', 'Corner oven']);
    const pies = await on(second).get('/api/pies?find=Saturday%20damson&size=100');
    expect(pies.body.pies.filter(({ id }: PieSummary) => id.startsWith('d0000000')).length).toBe(1);
    for (let n = 0; n < 9; n++) {
      expect(
        (await on(first).get(`/api/pies/d0000000-0003-4000-8000-${String(n).padStart(12, '0')}`)).status,
      ).toBe(200);
    }
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
    expect((await on(first).get('/api/health/ready')).body).toMatchObject({
      database: 'answers',
      clock: 'right',
    });
  });

  it('says when the clock of the machine was set back', async () => {
    const pie = await newPie({ name: 'From tomorrow' });
    const rows = first.get(DataSource).getRepository(PieEntity);
    await rows.update({ id: pie.id }, { savedAt: new Date(Date.now() + 24 * 3600_000) });
    expect((await on(first).get('/api/health/ready')).body.clock).toBe('behind');
    await rows.update({ id: pie.id }, { savedAt: new Date() });
    expect((await on(second).get('/api/health/ready')).body.clock).toBe('right');
  });
});
