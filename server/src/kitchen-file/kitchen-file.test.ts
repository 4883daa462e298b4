import type { BroughtIn, KitchenFileBake, KitchenFilePie, KitchenFileRequest } from '@mardle/contract';
import { starterSpec } from '@mardle/core';
import { randomUUID } from 'node:crypto';
import { first, newPie, on, second, useServers } from '../test/servers.js';

useServers();

const empty: KitchenFileRequest = {
  format: 'mardle-kitchen',
  version: 1,
  savedAt: '2026-10-01T10:00:00.000Z',
  name: 'Elsewhere',
  dishes: [],
  ovens: [],
  fruits: [],
  pies: [],
  bakes: [],
};
const stages = [
  { tempC: 210, timeMin: 20 },
  { tempC: 180, timeMin: 30 },
] as const;

const aPie = (id: string, name: string, versions = 1): KitchenFilePie => ({
  id,
  versions: Array.from({ length: versions }, (_, i) => ({
    version: i + 1,
    savedAt: '2026-09-01T10:00:00.000Z',
    spec: { ...starterSpec, name: i === 0 ? name : `${name} ${i + 1}` } as never,
  })),
});
const aBake = (pieId: string, more: Partial<KitchenFileBake> = {}): KitchenFileBake => ({
  id: randomUUID(),
  pieId,
  pieVersion: 1,
  spec: { ...starterSpec, name: 'Brought' } as never,
  stages,
  loadedAt: '2026-09-02T10:00:00.000Z',
  events: [
    { id: randomUUID(), kind: 'loaded', at: '2026-09-02T10:00:00.000Z' },
    { id: randomUUID(), kind: 'out', at: '2026-09-02T10:50:00.000Z' },
    { id: randomUUID(), kind: 'cut', at: '2026-09-02T13:00:00.000Z' },
  ],
  tasting: { version: 2, set: 'loose', note: 'ran a little', savedAt: '2026-09-02T13:05:00.000Z' },
  readings: [{ at: '2026-09-02T10:05:00.000Z', fillingC: 31.5, airC: null, stays: true }],
  ...more,
});

const bring = async (file: object, server = first) => {
  const { status, body } = await on(server).post('/api/kitchen/file').send(file);
  return { status, body: body as BroughtIn & { problems?: { field: string; message: string }[] } };
};

describe('a kitchen as a file', () => {
  it('carries its own thickeners, cup of flour and prices, and what is here stays', async () => {
    const own = {
      thickeners: [{ id: 'own_maize', label: 'Waxy maize', like: 'corn_starch', figures: { potencyGel: 2 } }],
      staples: [{ id: 'flour', cupG: 122 }],
      sold: [{ id: 'Butter', packG: 250, packPrice: 2.4 }],
    };
    const brought = await bring({ ...empty, ...own });
    expect(brought.status).toBe(200);
    expect(brought.body.added.ownRows).toBe(3);
    const { body: out } = (await on(second).get('/api/kitchen/file')) as { body: KitchenFileRequest };
    expect(out).toMatchObject(own);
    const other = await bring({ ...empty, ...own, staples: [{ id: 'flour', cupG: 140 }] });
    expect(other.body).toMatchObject({ added: { ownRows: 0 }, differs: ['flour'] });
    const wrong = await bring({ ...empty, sold: [{ id: 'Butter', packG: -1 }] });
    expect(wrong.body.problems?.map(({ field }) => field)).toEqual(['sold.0.packG']);
    expect((await on(first).get('/api/larder/own/staples')).body).toEqual(own.staples);
  });

  it('goes out whole, and coming in again adds nothing and changes nothing', async () => {
    await newPie({ name: 'Stays' });
    const { body: out } = (await on(first).get('/api/kitchen/file')) as { body: KitchenFileRequest };
    expect(out.pies.length).toBeGreaterThan(9);
    expect(out.bakes.length).toBeGreaterThanOrEqual(42);
    const { status, body } = await bring(out, second);
    expect([status, body.problems]).toEqual([200, undefined]);
    expect(new Set(Object.values(body.added))).toEqual(new Set([0]));
    expect(body.differs).toEqual([]);
  });

  it('brings in pies, bakes, slices, readings; the log and the list have them', async () => {
    const pie = aPie(randomUUID(), 'Brought', 2);
    const bake = aBake(pie.id);
    const { body } = await bring({ ...empty, pies: [pie], bakes: [bake] });
    expect(body.added).toMatchObject({ pies: 1, versions: 2, bakes: 1, events: 3, tastings: 1, readings: 1 });
    const kept = (await on(second).get(`/api/log/${bake.id}`)).body as Record<string, unknown>;
    expect(kept).toMatchObject({ note: 'ran a little', version: 2, tasting: { set: 'loose' } });
    expect(kept['readings']).toEqual([{ atMin: 5, fillingC: 31.5, airC: null }]);
    const found = (await on(second).get('/api/pies?find=Brought')).body as { pies: object[] };
    expect(found.pies).toContainEqual(
      expect.objectContaining({ id: pie.id, version: 2, lastBakedAt: '2026-09-02T10:00:00.000Z' }),
    );
  });

  it('goes on where a pie’s versions end here, and leaves alone what went another way', async () => {
    const mine = await newPie({ name: 'Forked' });
    const longer = aPie(mine.id, 'Forked', 3);
    expect((await bring({ ...empty, pies: [longer] })).body.added.versions).toBe(2);
    const other = aPie(mine.id, 'Not the same');
    const { body } = await bring({ ...empty, pies: [other] });
    expect(body.differs).toEqual(['Not the same']);
    expect((await on(first).get(`/api/pies/${mine.id}`)).body).toMatchObject({
      version: 3,
      spec: { name: 'Forked 3' },
    });
  });

  const pieId = randomUUID();
  const bad: readonly (readonly [what: string, file: object, field: RegExp])[] = [
    ['no kitchen', { format: 'x' }, /format/],
    ['a newer kind of file', { ...empty, version: 2 }, /version/],
    ['an unknown field', { ...empty, recipes: [] }, /recipes/],
    [
      'a pie without its first version',
      { ...empty, pies: [{ id: pieId, versions: aPie(pieId, 'x', 2).versions.slice(1) }] },
      /pies\.0\.versions\.0\.version/,
    ],
    [
      'a pie with a fruit that is none',
      {
        ...empty,
        pies: [
          aPie(randomUUID(), 'good'),
          {
            id: pieId,
            versions: [
              {
                ...aPie(pieId, 'x').versions[0],
                spec: { ...starterSpec, filling: { ...starterSpec.filling, fruitMassG: -4 } },
              },
            ],
          },
        ],
      },
      /pies\.1\.versions\.0\.spec\.filling\.fruitMassG/,
    ],
    ['a bake of no pie', { ...empty, bakes: [aBake(randomUUID())] }, /bakes\.0\.pieId/],
    [
      'a bake that was never loaded',
      { ...empty, pies: [aPie(pieId, 'x')], bakes: [aBake(pieId, { events: [] })] },
      /bakes\.0\.events/,
    ],
    ['a pie twice', { ...empty, pies: [aPie(pieId, 'x'), aPie(pieId, 'y')] }, /pies\.1\.id/],
    [
      'a picture that is none',
      { ...empty, pies: [aPie(pieId, 'x')], bakes: [aBake(pieId, { photo: 'AAAA' })] },
      /bakes\.0\.photo/,
    ],
    ['a list that is none', { ...empty, ovens: {} }, /ovens/],
  ];

  it.each(bad)('%s is refused whole, with its place', async (_, file, field) => {
    const before = (await on(first).get('/api/pies')).body as { total: number };
    const { status, body } = await bring(file);
    expect(status).toBe(422);
    expect(body.problems?.[0]?.field).toMatch(field);
    expect((await on(second).get('/api/pies')).body).toMatchObject({ total: before.total });
  });

  it('a bake with a tap of another bake that is here is refused', async () => {
    const pie = aPie(randomUUID(), 'Tapped');
    const bake = aBake(pie.id);
    await bring({ ...empty, pies: [pie], bakes: [bake] });
    const other = aBake(pie.id, { events: bake.events });
    const { status, body } = await bring({ ...empty, bakes: [other] });
    expect([status, body.problems?.[0]?.field]).toEqual([422, 'bakes.0.events.0.id']);
  });

  it('a file that is cut off, or too deep, is refused in words', async () => {
    const cut = await on(first)
      .post('/api/kitchen/file')
      .set('Content-Type', 'application/json')
      .send(JSON.stringify(empty).slice(0, -5));
    expect(cut.status).toBe(400);
    expect(cut.body).toMatchObject({ remedy: expect.stringMatching(/JSON/) as string });
    const deep = `${'['.repeat(50_000)}${']'.repeat(50_000)}`;
    const answer = await on(first)
      .post('/api/kitchen/file')
      .set('Content-Type', 'application/json')
      .send(`${JSON.stringify({ ...empty, dishes: [] }).slice(0, -1)},"pies":[{"id":${deep}}]}`);
    expect([400, 413, 422]).toContain(answer.status);
  });
});
