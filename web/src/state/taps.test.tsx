import { act, waitFor } from '@testing-library/react';
import { renderInKitchen } from '../test/kitchen.js';
import { standInServer } from '../test/server.js';
import { useOutbox } from './outbox.js';
import { useSendTaps } from './sendTaps.js';

function Sends() {
  useSendTaps();
  return null;
}

beforeEach(() => {
  localStorage.clear();
  useOutbox.setState({ waiting: [], refused: [] });
});

const kinds = (rows: readonly { readonly event: { readonly kind: string } }[]): string[] =>
  rows.map(({ event }) => event.kind);
const problem = { type: 't', title: 'No', status: 409, detail: 'Another one.', remedy: 'Forget it.' };

describe('taps that wait', () => {
  it('are kept each in its own place, in order, and seen by every tab', () => {
    const { write } = useOutbox.getState();
    write('pie', 'lowered');
    write('pie', 'turned');
    expect(kinds(useOutbox.getState().waiting)).toEqual(['lowered', 'turned']);
    // Another tab writes one of its own, and this one hears of it.
    const event = { id: 'other-tab', kind: 'out', at: '2100-01-01T00:00:00.000Z' };
    localStorage.setItem('mardle.tap.other-tab', JSON.stringify({ bakeId: 'pie', event }));
    window.dispatchEvent(new StorageEvent('storage', { key: 'mardle.tap.other-tab' }));
    expect(kinds(useOutbox.getState().waiting)).toEqual(['lowered', 'turned', 'out']);
  });

  it('a row that cannot be read is passed over', () => {
    localStorage.setItem('mardle.tap.broken', '{');
    useOutbox.getState().write('pie', 'out');
    expect(kinds(useOutbox.getState().waiting)).toEqual(['out']);
  });

  it('are sent whichever page is open, and kept until the server has them', async () => {
    const asked = standInServer({ 'POST /api/bakes/pie/events': { body: {} } });
    useOutbox.getState().write('pie', 'lowered');
    useOutbox.getState().write('pie', 'turned');
    renderInKitchen(<Sends />);
    await waitFor(() => expect(useOutbox.getState().waiting).toEqual([]));
    const sent = asked
      .filter(({ method }) => method === 'POST')
      .map(({ body }) => body as { events: { kind: string }[] });
    expect(sent[0]?.events.map(({ kind }) => kind)).toEqual(['lowered', 'turned']);
  });

  it('stay when nobody answers', async () => {
    const asked = standInServer({});
    useOutbox.getState().write('pie', 'lowered');
    renderInKitchen(<Sends />);
    await waitFor(() => expect(asked.length).toBeGreaterThan(0));
    expect(kinds(useOutbox.getState().waiting)).toEqual(['lowered']);
  });

  it('one that is refused is set aside, and the others arrive', async () => {
    standInServer({
      'POST /api/bakes/pie/events': ({ body }) => {
        const { events } = body as { events: { kind: string }[] };
        return events.some(({ kind }) => kind === 'cut') ? { status: 409, body: problem } : { body: {} };
      },
    });
    act(() => {
      useOutbox.getState().write('pie', 'lowered');
      useOutbox.getState().write('pie', 'cut');
      useOutbox.getState().write('pie', 'turned');
    });
    renderInKitchen(<Sends />);
    await waitFor(() => expect(useOutbox.getState().waiting).toEqual([]));
    expect(kinds(useOutbox.getState().refused)).toEqual(['cut']);
    expect(useOutbox.getState().refused[0]?.refused?.remedy).toBe('Forget it.');
  });
});
