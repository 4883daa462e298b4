import type { BakeResponse, BakeSummary } from '@mardle/contract';
import type { BakeEvent, BakeEventKind } from '@mardle/core';
import { bakeTimes, draftPlan, runningBake, starterSpec } from '@mardle/core';
import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { useHeard } from '../../bakes/heard.js';
import { useOutbox } from '../../state/sending/outbox.js';
import { renderInKitchen } from '../../test/kitchen.js';
import { standInServer } from '../../test/server.js';
import { BakeCard } from './BakeCard.js';
import { OvenPlace } from './OvenPlace.js';

/** The simulation runs in a worker, which jsdom has not: here it never answers, and the settings alone must do. */
jest.mock('../../shared/workers/bake.js', () => ({ bakeThrough: () => new Promise(() => undefined) }));

const start = Date.parse('2026-09-19T06:00:00Z');
const minutes = (min: number): number => start + min * 60_000;
const event = (kind: BakeEventKind, min: number, more: Partial<BakeEvent> = {}): BakeEvent => ({
  id: `${kind}-${min}`,
  kind,
  at: new Date(minutes(min)).toISOString(),
  ...more,
});
const bake = (name: string, events: readonly BakeEvent[], oven = 'Long oven'): BakeResponse => ({
  id: name,
  pieId: `pie-${name}`,
  pieVersion: 1,
  spec: {
    ...starterSpec,
    name,
    bake: { ...starterSpec.bake, oven: { ...starterSpec.bake.oven, label: oven } },
  },
  stages: [
    { tempC: 210, timeMin: 15 },
    { tempC: 175, timeMin: 40 },
  ],
  events,
  finished: false,
});

const summaryOf = ({ id, pieId, pieVersion, spec, finished }: BakeResponse): BakeSummary => ({
  id,
  pieId,
  pieVersion,
  name: spec.name,
  oven: spec.bake.oven.label,
  // What went in long ago stands in the log alone.
  loadedAt: new Date().toISOString(),
  finished,
  logged: finished,
});

beforeEach(() => {
  localStorage.clear();
  useOutbox.setState({ waiting: [], refused: [] });
  useHeard.setState({ heard: {} });
});

const card = (events: readonly BakeEvent[], now: number): void => {
  const one = bake('Damson', events);
  const drafted = draftPlan({ ...one.spec, bake: { ...one.spec.bake, stages: one.stages } });
  if (!drafted.ok) throw new Error('the pie cannot be planned');
  const state = runningBake(bakeTimes(drafted.plan, one.stages), events, now);
  renderInKitchen(<BakeCard bake={one} events={events} state={state} now={now} first />);
};

describe('a running bake on its card', () => {
  it('says stage, time to go and the next touch', () => {
    card([event('loaded', 0)], minutes(5));
    expect(screen.getByText('First stage, hot')).toBeInTheDocument();
    expect(screen.getByRole('timer')).toHaveTextContent('10:00');
    expect(screen.getByRole('button', { name: /Lower the oven to 175\s°C/ })).toBeInTheDocument();
  });

  it('counts on past the time, and says that it is due', () => {
    card([event('loaded', 0)], minutes(17));
    expect(screen.getByRole('timer')).toHaveTextContent('+2:00');
    expect(screen.getByText('due now')).toBeInTheDocument();
  });

  it('writes each tap down once, to be sent', async () => {
    const user = userEvent.setup();
    card([event('loaded', 0), event('lowered', 15)], minutes(20));
    await user.click(screen.getByRole('button', { name: 'Turn the pie' }));
    await user.click(screen.getByRole('button', { name: '5 minutes more' }));
    const { waiting } = useOutbox.getState();
    expect(waiting.map((row) => [row.bakeId, row.event.kind, row.event.minutes])).toEqual([
      ['Damson', 'turned', undefined],
      ['Damson', 'more_time', 5],
    ]);
    expect(new Set(waiting.map((row) => row.event.id)).size).toBe(2);
  });

  it('leaves Space to a button that has the focus, and keys to a dialog that is open', async () => {
    const user = userEvent.setup();
    card([event('loaded', 0), event('lowered', 15)], minutes(20));
    screen.getByRole('button', { name: '5 minutes more' }).focus();
    await user.keyboard(' ');
    expect(useOutbox.getState().waiting.map((row) => row.event.kind)).toEqual(['more_time']);
    const dialog = document.body.appendChild(document.createElement('div'));
    dialog.setAttribute('role', 'dialog');
    (document.activeElement as HTMLElement).blur();
    await user.keyboard(' ');
    dialog.remove();
    expect(useOutbox.getState().waiting).toHaveLength(1);
  });

  it('can be out in any stage, cancelled at first, and shows what was seen', async () => {
    const user = userEvent.setup();
    card([event('loaded', 0), event('colour_golden', 4)], minutes(5));
    expect(screen.getByText(/it is golden/)).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'It is golden' })).not.toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Out now' }));
    await user.click(screen.getByRole('button', { name: 'Yes, it is out' }));
    await user.click(screen.getByRole('button', { name: 'Started by mistake' }));
    expect(useOutbox.getState().waiting.map((row) => row.event.kind)).toEqual(['out', 'cancelled']);
  });

  it('asks before a pie is out at minute 5 of 55, and not when it nearly is', async () => {
    const user = userEvent.setup();
    card([event('loaded', 0)], minutes(5));
    await user.click(screen.getByRole('button', { name: 'Out now' }));
    expect(screen.getByText(/Out after 5 of 55 minutes\?/)).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'No, it stays in' }));
    expect(useOutbox.getState().waiting).toEqual([]);
    cleanup();
    card([event('loaded', 0), event('lowered', 15), event('turned', 30)], minutes(50));
    await user.click(screen.getByRole('button', { name: 'Out' }));
    expect(useOutbox.getState().waiting.map((row) => row.event.kind)).toEqual(['out']);
  });

  it('offers every touch that is due, the gravest first, and stops its bell when it was heard', async () => {
    const user = userEvent.setup();
    card([event('loaded', 0)], minutes(56));
    expect(screen.getByRole('button', { name: 'Out' })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: /Lower the oven.*, since/ })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: /Turn the pie, since/ })).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Heard, stop the bell' }));
    expect(Object.keys(useHeard.getState().heard)).toEqual(['Damson lowered', 'Damson turned', 'Damson out']);
  });

  it('does not slice a cooling pie by Space before it may be', async () => {
    const user = userEvent.setup();
    card([event('loaded', 0), event('lowered', 15), event('out', 55)], minutes(60));
    await user.keyboard(' ');
    expect(useOutbox.getState().waiting).toEqual([]);
  });

  it('does the next touch on Space and takes the last tap back on Z', async () => {
    const user = userEvent.setup();
    card([event('loaded', 0), event('lowered', 15)], minutes(20));
    await user.keyboard(' ');
    expect(useOutbox.getState().waiting.at(-1)?.event.kind).toBe('turned');
    await user.keyboard('z');
    expect(useOutbox.getState().waiting.at(-1)?.event).toMatchObject({ kind: 'undo', undoes: 'lowered-15' });
  });

  it('cools, and is ready when it may be sliced', () => {
    const events = [event('loaded', 0), event('lowered', 15), event('out', 55)];
    card(events, minutes(60));
    expect(screen.getByText('Cooling on the rack')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: '5 minutes more' })).not.toBeInTheDocument();
  });
});

describe('the oven place', () => {
  const show = (bakes: readonly BakeResponse[]): void => {
    standInServer({
      'GET /api/bakes/running': { body: bakes.filter(({ finished }) => !finished) },
      'GET /api/bakes?state=finished&size=6': {
        body: { bakes: bakes.filter(({ finished }) => finished).map(summaryOf), total: 1, page: 1, size: 6 },
      },
    });
    renderInKitchen(
      <MemoryRouter>
        <OvenPlace />
      </MemoryRouter>,
    );
  };

  it('offers the first step when nothing is in', async () => {
    show([]);
    expect(await screen.findByText(/Nothing is in the oven/)).toBeInTheDocument();
    expect(screen.getByRole('link', { name: 'To the pies' })).toBeInTheDocument();
  });

  it('puts what is due next first, what was eaten last', async () => {
    show([
      bake('Later', [event('loaded', 10)]),
      bake('Sooner', [event('loaded', 0)]),
      { ...bake('Eaten', [event('loaded', -300), event('out', -240), event('cut', -60)]), finished: true },
    ]);
    await screen.findByRole('heading', { name: 'Sooner' });
    const names = screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent);
    expect(names).toEqual(['Sooner', 'Later', 'Lately out']);
  });

  it('passes over a bake whose loading was taken back, and shows the others', async () => {
    show([
      bake('Never in', [event('loaded', 0), event('undo', 1, { undoes: 'loaded-0' })]),
      bake('Without events', []),
      bake('Sound', [event('loaded', 0)]),
    ]);
    expect(await screen.findByRole('heading', { name: 'Sound' })).toBeInTheDocument();
    expect(screen.queryByRole('heading', { name: 'Never in' })).not.toBeInTheDocument();
  });

  it('says when one oven is asked for two temperatures', async () => {
    show([
      bake('One', [event('loaded', 0)], 'Corner oven'),
      bake('Two', [event('loaded', 0), event('lowered', 15)], 'Corner oven'),
    ]);
    expect(
      await screen.findByText(/Corner oven is asked for 175\s°C and 210\s°C at once/),
    ).toBeInTheDocument();
  });

  it('brings back what was ended by a wrong tap', async () => {
    const user = userEvent.setup();
    const eaten = { ...bake('Eaten', [event('loaded', -300), event('cut', -60)]), finished: true };
    standInServer({
      'GET /api/bakes/running': { body: [] },
      'GET /api/bakes?state=finished&size=6': {
        body: { bakes: [summaryOf(eaten)], total: 1, page: 1, size: 6 },
      },
      'GET /api/bakes/Eaten': { body: eaten },
    });
    renderInKitchen(
      <MemoryRouter>
        <OvenPlace />
      </MemoryRouter>,
    );
    await user.click(await screen.findByRole('button', { name: 'Not over yet' }));
    await waitFor(() =>
      expect(useOutbox.getState().waiting.at(-1)?.event).toMatchObject({ kind: 'undo', undoes: 'cut--60' }),
    );
  });

  it('shows a tap that was refused, and forgets it when told to', async () => {
    const user = userEvent.setup();
    useOutbox.getState().write('Damson', 'out');
    const [row] = useOutbox.getState().waiting;
    useOutbox.getState().setAside(row?.event.id ?? '', {
      type: 't',
      title: 'Not there',
      status: 404,
      detail: 'There is no such bake.',
      remedy: 'Choose again.',
    });
    show([]);
    expect(await screen.findByText(/Out at .*There is no such bake/)).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Forget it' }));
    expect(useOutbox.getState().refused).toEqual([]);
  });
});
