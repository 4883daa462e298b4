import type { DayNow, DayResponse } from '@mardle/contract';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { first, on, second, useServers } from '../test/servers.js';

useServers();

const file: unknown = JSON.parse(
  readFileSync(join(__dirname, '../../../docs/examples/days/saturday.json'), 'utf8'),
);
const small = {
  format: 'mardle-day',
  version: 1,
  name: 'Small',
  zero: '2026-10-03T00:00:00+02:00',
  timeZone: 'Europe/Paris',
  kitchen: {
    hands: [{ id: 'lead', from: 300, to: 900 }],
    ovens: [{ id: 'one', oven: { label: 'One', kind: 'still', offsetC: 0, warmUpMin: 20 }, places: 2 }],
    dishes: {},
  },
  pies: [],
};
const content = (day: unknown = file): string => JSON.stringify({ file: day, solved: { plan: null } });
const keep = (id: string, body: object, server = first) => on(server).put(`/api/days/${id}`).send(body);
const tick = async (id: string, task: string, done: boolean, at: string, server = first) =>
  (
    await on(server)
      .post(`/api/days/${id}/ticks`)
      .send({ ticks: [{ task, done, at }] })
  ).body as DayNow;

describe('a bake day on several screens', () => {
  it('is kept whole, and the second of two who plan it is told', async () => {
    const id = randomUUID();
    expect((await keep(id, { version: 0, name: 'Saturday', content: content() })).body).toMatchObject({
      version: 1,
      done: [],
    });
    const told = await keep(id, { version: 0, name: 'Other', content: content() }, second);
    expect(told.status).toBe(412);
    expect((told.body as { detail: string }).detail).toMatch(/version is 1/);
    expect((await keep(id, { version: 1, name: 'Again', content: content() }, second)).status).toBe(200);
    const { body } = (await on(first).get(`/api/days/${id}`)) as { body: DayResponse };
    expect(body).toMatchObject({ name: 'Again', version: 2, content: content() });
    const listed = (await on(second).get('/api/days')).body as { days: { id: string }[] };
    expect(listed.days[0]?.id).toBe(id);
  });

  it('has every tick of two who tick at once, and of one task what was said last', async () => {
    const id = randomUUID();
    await keep(id, { version: 0, name: 'Ticks', content: content() });
    const at = (s: number): string => `2026-10-03T08:00:${String(s).padStart(2, '0')}.000Z`;
    await Promise.all(
      Array.from({ length: 20 }, (_, i) => tick(id, `task ${i}`, true, at(i), i % 2 ? first : second)),
    );
    const all = (await on(second).get(`/api/days/${id}/now`)).body as DayNow;
    expect(new Set(all.done)).toEqual(new Set(Array.from({ length: 20 }, (_, i) => `task ${i}`)));
    // An older word that comes late, from a tablet that was away, does not undo a newer one.
    await tick(id, 'task 3', false, at(40));
    expect((await tick(id, 'task 3', true, at(30), second)).done).not.toContain('task 3');
    expect((await tick(id, 'task 3', true, at(50), second)).done).toContain('task 3');
  });

  it('that cannot be read, or is not there, is refused', async () => {
    const id = randomUUID();
    for (const bad of ['{', '[]', '{"file":1}', content({ ...small, zero: 'noon' })]) {
      const refused = await keep(id, { version: 0, name: 'Bad', content: bad });
      expect(refused.status).toBe(422);
    }
    expect((await on(first).get(`/api/days/${id}`)).status).toBe(404);
    expect((await on(first).post(`/api/days/${id}/ticks`).send({ ticks: [] })).status).toBe(422);
    const away = { ticks: [{ task: 'x', done: true, at: '2026-10-03T08:00:00Z' }] };
    expect((await on(first).post(`/api/days/${id}/ticks`).send(away)).status).toBe(404);
  });
});

describe('a tick by a clock that is far ahead', () => {
  it('can be taken back by one that is right', async () => {
    const id = randomUUID();
    await keep(id, { version: 0, name: 'Ahead', content: content() });
    await tick(id, 'line:a', true, '2099-01-01T00:00:00.000Z');
    const now = await tick(id, 'line:a', false, new Date(Date.now() + 1000).toISOString(), second);
    expect(now.done).toEqual([]);
  });
});

describe('a day whose answer was cut off', () => {
  it('is kept once when it is sent again', async () => {
    const id = randomUUID();
    const body = { version: 0, name: 'Again', content: content() };
    await keep(id, body);
    const again = await keep(id, body, second);
    expect([again.status, (again.body as DayNow).version]).toEqual([200, 1]);
    expect((await keep(id, { ...body, name: 'Other' })).status).toBe(412);
  });
});

describe('the days of a kitchen', () => {
  it('go with it into a file, and come in with what of them is done', async () => {
    const id = randomUUID();
    await keep(id, { version: 0, name: 'Goes along', content: content() });
    await tick(id, 'line:a', true, new Date().toISOString());
    const { body: out } = await on(first).get('/api/kitchen/file');
    const [day] = (out as { days: { id: string; done: string[] }[] }).days.filter((one) => one.id === id);
    expect(day?.done).toEqual(['line:a']);
    const other = { ...day, id: randomUUID(), name: 'Brought along' };
    const empty = { ...out, dishes: [], ovens: [], fruits: [], pies: [], bakes: [], days: [other] } as object;
    const { body } = await on(second).post('/api/kitchen/file').send(empty);
    expect((body as { added: { days: number } }).added.days).toBe(1);
    expect((await on(first).get(`/api/days/${other.id}`)).body).toMatchObject({
      name: 'Brought along',
      done: ['line:a'],
    });
    const broken = { ...empty, days: [{ ...other, id: randomUUID(), content: '{}' }] };
    expect((await on(second).post('/api/kitchen/file').send(broken)).status).toBe(422);
  });
});
