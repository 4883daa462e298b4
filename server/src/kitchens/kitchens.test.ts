import { randomUUID } from 'node:crypto';
import { first, on, second, useServers } from '../test/servers.js';

useServers();

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
