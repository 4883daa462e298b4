import type { StartBakeRequest } from '@mardle/contract';
import { starterSpec } from '@mardle/core';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { useStartBake } from '../../shared/api/bakes.js';
import { useSavePie } from '../../shared/api/pies.js';
import { useBakesNow } from '../../bakes/useRunning.js';
import { renderInKitchen } from '../../test/kitchen.js';
import { standInServer } from '../../test/server.js';
import { useBench } from '../bench.js';
import { useConnection } from './connection.js';
import { useOutbox } from './outbox.js';
import { useSendTaps } from './sendTaps.js';
import { MemoryRouter } from 'react-router';
import { Connection } from '../../app/Connection.js';
import { useUnsent } from './unsent.js';

jest.mock('../../shared/workers/bake.js', () => ({ bakeThrough: () => new Promise(() => undefined) }));

const start: StartBakeRequest = {
  id: 'bake',
  pieId: 'pie',
  pieVersion: 1,
  spec: starterSpec as StartBakeRequest['spec'],
  stages: [
    { tempC: 215, timeMin: 20 },
    { tempC: 180, timeMin: 40 },
  ] as unknown as StartBakeRequest['stages'],
  loaded: { id: 'in', kind: 'loaded', at: '2026-01-01T10:00:00.000Z' },
};
const problem = { type: 't', title: 'No', status: 404, detail: 'There is no such pie.', remedy: 'Choose.' };
const pieOf = (version: number): object => ({
  id: 'pie',
  version,
  savedAt: start.loaded.at,
  spec: starterSpec,
});

function Acts() {
  const begin = useStartBake();
  const save = useSavePie();
  useSendTaps();
  const { running } = useBakesNow(Date.parse('2026-01-01T10:05:00.000Z'));
  return (
    <>
      <button onClick={() => begin.mutate(start)}>start</button>
      <button onClick={() => save.mutate({ id: 'pie', basedOn: 1, spec: starterSpec })}>save</button>
      <p>{running.map(({ bake, state }) => `${bake.spec.name} ${state.next?.kind}`).join()}</p>
    </>
  );
}

beforeEach(() => {
  localStorage.clear();
  useUnsent.setState({ saves: [], starts: [], tastings: [] });
  useOutbox.setState({ waiting: [], refused: [] });
  useConnection.setState({ trouble: null });
});

const press = (name: string): void => act(() => screen.getByRole('button', { name }).click());

describe('what was done while the server was away', () => {
  it('a bake that was started runs, is kept over a reload, and is sent before its taps', async () => {
    standInServer({ 'GET /api/bakes/running': { body: [] } });
    const first = renderInKitchen(<Acts />);
    press('start');
    expect(await screen.findByText(`${starterSpec.name} lowered`)).toBeInTheDocument();
    expect(localStorage.getItem('mardle.start.bake')).toContain('"pieId":"pie"');
    act(() => useOutbox.getState().write('bake', 'lowered'));
    first.unmount();
    const sent: string[] = [];
    standInServer({
      'GET /api/bakes/running': { body: [] },
      'GET /api/pies/pie': { body: pieOf(3) },
      'POST /api/bakes': ({ body }) => {
        sent.push(`start of version ${(body as StartBakeRequest).pieVersion}`);
        return { status: 201, body: { ...start, events: [start.loaded], finished: false } };
      },
      'POST /api/bakes/bake/events': () => {
        sent.push('taps');
        return { status: 201, body: { ...start, events: [start.loaded], finished: false } };
      },
    });
    renderInKitchen(<Acts />);
    await waitFor(() => expect(useOutbox.getState().waiting).toEqual([]));
    expect(sent).toEqual(['start of version 3', 'taps']);
    expect(useUnsent.getState().starts).toEqual([]);
    expect(localStorage.getItem('mardle.start.bake')).toBeNull();
  });

  it('a pie that was saved is sent, and its bench shows it as saved', async () => {
    standInServer({ 'GET /api/bakes/running': { body: [] } });
    const first = renderInKitchen(<Acts />);
    press('save');
    await waitFor(() => expect(useUnsent.getState().saves).toHaveLength(1));
    first.unmount();
    useBench.setState({ pieId: 'pie', basedOn: 1, saved: null, spec: starterSpec });
    standInServer({
      'GET /api/bakes/running': { body: [] },
      'PUT /api/pies/pie': { body: pieOf(2) },
    });
    renderInKitchen(<Acts />);
    await waitFor(() => expect(useUnsent.getState().saves).toEqual([]));
    expect(useBench.getState().basedOn).toBe(2);
    useBench.getState().clear();
  });

  it('a pie that is refused later is told by its name on every page, kept, and holds up nothing', async () => {
    useUnsent.getState().keepSave({ pieId: 'pie', basedOn: 1, spec: { ...starterSpec, name: 'Hedge plum' } });
    useOutbox.getState().write('other', 'lowered');
    standInServer({
      'GET /api/bakes/running': { body: [] },
      'GET /api/health/ready': { body: { ready: true } },
      'PUT /api/pies/pie': { status: 412, body: problem },
      'POST /api/bakes/other/events': { body: { ...start, id: 'other', events: [], finished: false } },
    });
    renderInKitchen(
      <MemoryRouter>
        <Acts />
        <Connection />
      </MemoryRouter>,
    );
    expect(await screen.findByText('“Hedge plum” was not saved.')).toBeInTheDocument();
    await waitFor(() => expect(useOutbox.getState().waiting).toEqual([]));
    expect(screen.getByRole('link', { name: 'Open it' })).toHaveAttribute('href', '/pies/pie');
    expect(useUnsent.getState().saves[0]?.spec.name).toBe('Hedge plum');
    fireEvent.click(screen.getByRole('button', { name: 'I know' }));
    expect(screen.queryByText(/was not saved/)).not.toBeInTheDocument();
  });

  it('a start that is refused is set aside with its reason, and holds up nothing', async () => {
    useUnsent.getState().keepStart({ request: start });
    useOutbox.getState().write('other', 'lowered');
    standInServer({
      'GET /api/bakes/running': { body: [] },
      'GET /api/pies/pie': { status: 404, body: problem },
      'POST /api/bakes/other/events': { body: { ...start, id: 'other', events: [], finished: false } },
    });
    renderInKitchen(<Acts />);
    await waitFor(() => expect(useOutbox.getState().waiting).toEqual([]));
    expect(useUnsent.getState().starts[0]?.refused?.detail).toBe('There is no such pie.');
  });

  it('clocks are there when the page is loaded again while nobody answers', async () => {
    standInServer({
      'GET /api/bakes/running': { body: [{ ...start, events: [start.loaded], finished: false }] },
    });
    const first = renderInKitchen(<Acts />);
    await screen.findByText(`${starterSpec.name} lowered`);
    first.unmount();
    standInServer({});
    renderInKitchen(<Acts />);
    expect(screen.getByText(`${starterSpec.name} lowered`)).toBeInTheDocument();
  });
});

describe('what was said of a slice while the server was away', () => {
  const said = { version: 0, set: 'loose' as const, note: 'ran' };

  it('is sent when it answers', async () => {
    const asked = standInServer({
      'GET /api/bakes/running': { body: [] },
      'PUT /api/log/bake/tasting': { body: { id: 'bake', version: 1 } },
    });
    useUnsent.getState().keepTasting({ bakeId: 'bake', said });
    renderInKitchen(<Acts />);
    await waitFor(() => expect(useUnsent.getState().tastings).toEqual([]));
    expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual(said);
  });

  it('stays in its form when somebody else was quicker, and is not sent again and again', async () => {
    standInServer({
      'GET /api/bakes/running': { body: [] },
      'PUT /api/log/bake/tasting': { status: 412, body: { ...problem, status: 412 } },
    });
    useUnsent.getState().keepTasting({ bakeId: 'bake', said });
    renderInKitchen(<Acts />);
    await waitFor(() =>
      expect(useUnsent.getState().tastings).toEqual([{ bakeId: 'bake', said, refused: true }]),
    );
  });
});
