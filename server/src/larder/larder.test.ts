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
