import type { BakeEvent } from '@mardle/core';
import { starterSpec } from '@mardle/core';
import { act, waitFor } from '@testing-library/react';
import { useBakesNow } from '../../bakes/useRunning.js';
import { renderInKitchen } from '../../test/kitchen.js';
import { standInServer } from '../../test/server.js';
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

  it('one that was seen never vanishes while the server takes it over', async () => {
    const loaded: BakeEvent = { id: 'in', kind: 'loaded', at: '2026-01-01T10:00:00.000Z' };
    const bake = (events: readonly BakeEvent[]): unknown => ({
      id: 'pie',
      spec: starterSpec,
      stages: [
        { tempC: 215, timeMin: 20 },
        { tempC: 180, timeMin: 40 },
      ],
      events,
    });
    let saved: readonly BakeEvent[] = [loaded];
    standInServer({
      'GET /api/bakes/running': () => ({ body: [bake(saved)] }),
      'POST /api/bakes/pie/events': ({ body }) => {
        saved = [...saved, ...(body as { events: BakeEvent[] }).events];
        return { body: bake(saved) };
      },
    });
    const seen: string[][] = [];
    function Shows() {
      const [first] = useBakesNow(Date.parse('2026-01-01T10:01:00.000Z')).running;
      if (first) seen.push(kinds(first.events.map((event) => ({ event }))));
      return <Sends />;
    }
    renderInKitchen(<Shows />);
    await waitFor(() => expect(seen.at(-1)).toEqual(['loaded']));
    const before = seen.length;
    act(() => useOutbox.getState().write('pie', 'lowered'));
    await waitFor(() => expect(useOutbox.getState().waiting).toEqual([]));
    await waitFor(() => expect(saved).toHaveLength(2));
    for (const kindsThen of seen.slice(before)) expect(kindsThen).toEqual(['loaded', 'lowered']);
    expect(seen.length).toBeGreaterThan(before + 1);
  });
});
