import { first, on, second, useServers } from '../test/servers.js';

useServers();

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

describe('what a kitchen keeps of its own', () => {
  const starch = { id: 'own_x', label: 'Waxy maize', like: 'corn_starch', figures: { potencyGel: 2 } };

  it.each([
    ['thickeners', starch, { ...starch, label: 'Waxy' }],
    ['staples', { id: 'flour', cupG: 120 }, { id: 'flour', cupG: 125 }],
    ['sold', { id: 'Butter “best”', packG: 250, packPrice: 2.4 }, { id: 'Butter “best”', packPrice: 3 }],
  ])('%s: kept for every server, changed, and put away', async (kind, row, changed) => {
    const at = `/api/larder/own/${kind}/${encodeURIComponent(row.id)}`;
    const list = async (): Promise<{ readonly id: string }[]> =>
      (await on(second).get(`/api/larder/own/${kind}`)).body as { id: string }[];
    const before = await list();
    expect((await on(first).put(at).send(row)).status).toBe(200);
    expect(await list()).toContainEqual(row);
    expect((await on(second).put(at).send(changed)).status).toBe(200);
    expect(await list()).toContainEqual(changed);
    expect(await list()).not.toContainEqual(row);
    expect((await on(first).delete(at)).status).toBe(204);
    expect((await on(first).delete(at)).status).toBe(204);
    expect(await list()).toEqual(before.filter(({ id }) => id !== row.id));
  });

  it.each<[string, string, unknown, number]>([
    ['thickeners', 'own_x', { ...starch, like: 'moon' }, 422],
    ['thickeners', 'own_y', starch, 422],
    ['staples', 'sugar', { id: 'sugar', cupG: 200 }, 422],
    ['staples', 'flour', { id: 'flour', cupG: 900 }, 422],
    ['sold', 'x', { id: 'x', packPrice: -1 }, 422],
    ['sold', 'x', [], 422],
    ['sold', 'y'.repeat(121), { id: 'y'.repeat(121) }, 422],
    ['moon', 'x', { id: 'x' }, 404],
    ['constructor', 'x', { id: 'x' }, 404],
  ])('%s/%s with %j is answered %d', async (kind, id, body, status) => {
    const answer = await on(first)
      .put(`/api/larder/own/${kind}/${id}`)
      .send(body as object);
    expect(answer.status).toBe(status);
  });
});
