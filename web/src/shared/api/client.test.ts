import { useConnection } from '../../state/sending/connection.js';
import { standInServer } from '../../test/server.js';
import { ask, ProblemError } from './client.js';

const problem = { type: 't', title: 'Changed', status: 412, detail: 'Saved elsewhere.', remedy: 'Choose.' };

describe('asking the server', () => {
  it('sends a body as JSON and the version as If-Match', async () => {
    const asked = standInServer({ 'PUT /api/pies/1': { body: { version: 4 } } });
    await expect(ask('/pies/1', { method: 'PUT', body: { a: 1 }, version: 3 })).resolves.toEqual({
      version: 4,
    });
    expect(asked).toEqual([{ method: 'PUT', path: '/api/pies/1', body: { a: 1 }, ifMatch: '"3"' }]);
  });

  it('throws the problem document it is answered with', async () => {
    standInServer({ 'GET /api/pies': { status: 412, body: problem } });
    await expect(ask('/pies')).rejects.toMatchObject({ status: 412, message: 'Saved elsewhere.' });
  });

  it('says so plainly when nobody answers', async () => {
    standInServer({});
    const error: unknown = await ask('/pies').catch((caught: unknown) => caught);
    expect(error).toBeInstanceOf(ProblemError);
    expect((error as ProblemError).document.remedy).toMatch(/sent as soon as Mardle answers/);
  });

  it('notices a clock of this device that is far off, and none that is a minute off', async () => {
    const server = (aheadMin: number): void => {
      const Date = new globalThis.Date(globalThis.Date.now() - aheadMin * 60_000).toUTCString();
      globalThis.fetch = () =>
        Promise.resolve(new Response('{}', { headers: { Date, 'Content-Type': 'application/json' } }));
    };
    server(90);
    await ask('/pies');
    expect(useConnection.getState().aheadMs / 60_000).toBeCloseTo(90, 0);
    server(1);
    await ask('/pies');
    expect(useConnection.getState().aheadMs).toBe(0);
  });

  it('gives nothing for an answer without content', async () => {
    standInServer({ 'DELETE /api/pies/1': { status: 204 } });
    await expect(ask('/pies/1', { method: 'DELETE' })).resolves.toBeUndefined();
  });
});
