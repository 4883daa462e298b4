import type { LogEntry, LogResponse } from '@mardle/contract';
import { learnLog } from '@mardle/core';
import { randomUUID } from 'node:crypto';
import { first, newPie, on, second, useServers } from '../test/servers.js';

useServers();

const stages = [
  { tempC: 210, timeMin: 20 },
  { tempC: 180, timeMin: 30 },
];

/** A bake that went in and, if told, was cut or cancelled an hour and a half later. */
async function baked(name: string, end: 'cut' | 'cancelled' | null = 'cut'): Promise<string> {
  const pie = await newPie({ name });
  const id = randomUUID();
  const event = (kind: string, at: string) => ({ id: randomUUID(), kind, at });
  await on(first)
    .post('/api/bakes')
    .send({
      id,
      pieId: pie.id,
      pieVersion: 1,
      spec: pie.spec,
      stages,
      loaded: event('loaded', '2026-10-01T10:00:00.000Z'),
    });
  const later = [event('bubbling', '2026-10-01T10:41:30.000Z'), event('out', '2026-10-01T10:50:00.000Z')];
  if (end) later.push(event(end, '2026-10-01T13:00:00.000Z'));
  expect((await on(first).post(`/api/bakes/${id}/events`).send({ events: later })).status).toBe(201);
  return id;
}

const said = (id: string, body: object, server = first) =>
  on(server).put(`/api/log/${id}/tasting`).send(body);

describe('the log', () => {
  it('has what is over, with its taps in minutes; not what still runs, nor what was cancelled', async () => {
    const over = await baked('over pie');
    const running = await baked('running pie', null);
    const cancelled = await baked('cancelled pie', 'cancelled');
    const { body } = (await on(second).get('/api/log?size=100&q=pie')) as { body: LogResponse };
    const ids = body.bakes.map(({ id }) => id);
    expect(ids).toContain(over);
    expect(ids).not.toContain(running);
    expect(ids).not.toContain(cancelled);
    const entry = body.bakes.find(({ id }) => id === over);
    expect(entry?.events.map(({ kind, atMin }) => [kind, atMin])).toEqual([
      ['loaded', 0],
      ['bubbling', 41.5],
      ['out', 50],
      ['cut', 180],
    ]);
    expect(entry?.tasting).toBeNull();
    expect(entry?.season).toBe('2026');
  });

  it('keeps what was said, and tells the second of two that somebody was quicker', async () => {
    const id = await baked('two mouths');
    const kept = await said(id, {
      version: 0,
      set: 'loose',
      cooledMin: 95,
      thickenerG: 21,
      note: 'ran a bit',
    });
    expect(kept.status).toBe(200);
    const entry = kept.body as LogEntry;
    expect(entry.tasting).toMatchObject({ set: 'loose', cooledMin: 95, sweetness: null });
    expect(entry.weighed.thickenerG).toBe(21);
    expect(entry.note).toBe('ran a bit');
    const late = await said(id, { version: 0, set: 'right' }, second);
    expect(late.status).toBe(412);
    expect((await said(id, { version: 1, set: 'right' }, second)).body).toMatchObject({ version: 2 });
    expect((await on(first).get(`/api/log/${id}`)).body).toMatchObject({
      tasting: { set: 'right', cooledMin: null },
    });
  });

  it('of many at once, one is taken for each version', async () => {
    const id = await baked('many mouths');
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        said(id, { version: 0, note: `mouth ${i}` }, i % 2 ? first : second),
      ),
    );
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(1);
    expect(answers.filter(({ status }) => status === 412)).toHaveLength(7);
  });

  it.each([
    [{ version: 0, set: 'wobbly' }, 'set'],
    [{ version: 0, cooledMin: -3 }, 'cooledMin'],
    [{ version: 0, weepDrainedG: 400 }, 'weepDrainedG'],
    [{ version: 0, inG: 900, outG: 1200 }, 'outG'],
    [{ version: 0, colour: 'blue' }, 'colour'],
    [{ set: 'right' }, 'version'],
  ])('refuses %j, naming the field', async (body, field) => {
    const id = await baked('refused');
    const answer = await said(id, body);
    expect(answer.status).toBe(422);
    expect(JSON.stringify(answer.body)).toContain(field);
    expect((await on(first).get(`/api/log/${id}`)).body).toMatchObject({ version: 0 });
  });

  it('a bake that is not there is said to be so', async () => {
    expect((await said(randomUUID(), { version: 0 })).status).toBe(404);
    expect((await on(first).get(`/api/log/${randomUUID()}`)).status).toBe(404);
  });

  it('searches by name and oven, signs of patterns among the letters, and by whether it was tasted', async () => {
    const mark = randomUUID().slice(0, 8);
    const id = await baked(`100 % plum_pie ${mark}`);
    const found = async (query: string): Promise<string[]> =>
      ((await on(first).get(`/api/log?${query}`)).body as LogResponse).bakes.map((bake) => bake.id);
    expect(await found(`q=${encodeURIComponent(`100 % plum_pie ${mark}`)}`)).toEqual([id]);
    expect(await found(`q=${encodeURIComponent(`100 _ plum_pie ${mark}`)}`)).toEqual([]);
    expect(await found(`tasted=no&q=${encodeURIComponent(`plum_pie ${mark}`)}`)).toEqual([id]);
    expect(await found(`tasted=yes&q=${encodeURIComponent(`plum_pie ${mark}`)}`)).toEqual([]);
  });

  it('the demo’s two seasons teach what is hidden in them: a hot oven, and damsons of a wet year', async () => {
    const { body } = (await on(first).get('/api/log?size=100')) as { body: LogResponse };
    const bakes = body.bakes.filter(({ id }) => id.startsWith('d0000000')).reverse();
    expect(bakes.length).toBeGreaterThanOrEqual(40);
    const { figures, unread } = learnLog({ bakes });
    expect(unread).toEqual([]);
    const oven = figures.find(({ kind, of }) => kind === 'oven' && of === 'Corner oven');
    expect(oven?.learned.low).toBeLessThan(9);
    expect(oven?.learned.high).toBeGreaterThan(9);
    expect(oven?.learned.low).toBeGreaterThan(2);
    const damson = figures.find(({ kind, of }) => kind === 'set' && of === 'damson');
    const [wet, after] = damson?.seasons ?? [];
    expect(wet?.value).toBeGreaterThan(1.1 * (after?.value ?? 9));
  });
});
