import type { BakeResponse } from '@mardle/contract';
import type { BakeEvent, DayPlan } from '@mardle/core';
import { instantAt, moveTask, rightShift, starterSpec, taskWords, brokenRules } from '@mardle/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { doneWith, longer, useDay } from '../../../state/day/day.js';
import {
  aDay as day,
  aDayFile as file,
  aKitchen,
  aPlan as plan,
  aSolvedDay as solved,
  layNoDay,
} from '../../../test/day.js';
import { renderInKitchen } from '../../../test/kitchen.js';
import { standInServer } from '../../../test/server.js';
import { DayPlace } from '../DayPlace.js';
import { stagesUntil } from './runSpecs.js';
import { Slipped } from './Slipped.js';
import { minuteAt, placing, makeStretches } from './stretches.js';

const mockMend = jest.fn();
jest.mock('../../../shared/workers/day.js', () => ({
  mendInWorker: (...args: unknown[]): unknown => mockMend(...args),
}));

beforeEach(() => {
  mockMend.mockReset();
  layNoDay();
});

describe('a day that several screens share', () => {
  it('keeps what was ticked here until the others have it, over what they ticked', () => {
    const at = '2026-10-03T08:00:00.000Z';
    expect(
      doneWith(
        ['a', 'b'],
        [
          { task: 'c', done: true, at },
          { task: 'a', done: false, at },
        ],
      ),
    ).toEqual(['b', 'c']);
    useDay.setState({ shared: { id: 'x', version: 2 }, done: ['a'], waiting: [] });
    useDay.getState().tick('b');
    useDay.getState().tick('a');
    const { done, waiting } = useDay.getState();
    expect(done).toEqual(['b']);
    expect(waiting.map(({ task, done: so }) => [task, so])).toEqual([
      ['b', true],
      ['a', false],
    ]);
    // Left, it is a day of this browser: nothing waits any more.
    useDay.getState().leave();
    useDay.getState().tick('c');
    expect(useDay.getState()).toMatchObject({ shared: null, waiting: [], done: ['b', 'c'] });
    useDay.setState({ done: [] });
  });
});

const showDay = (): void => {
  useDay.setState({ file: file(), solved });
  renderInKitchen(
    <MemoryRouter>
      <DayPlace />
    </MemoryRouter>,
  );
};

describe('a day that slips', () => {
  it('ticks what is done, and says what moves before anybody agrees', async () => {
    useDay.setState({ file: file(), solved });
    renderInKitchen(
      <MemoryRouter>
        <DayPlace />
      </MemoryRouter>,
    );
    const first = plan.tasks.find(({ hands }) => hands === 'lead');
    if (!first) throw new Error('nothing to do');
    const lead = await screen.findByRole('region', { name: 'What lead does' });
    const user = userEvent.setup();
    await user.click(within(lead).getAllByRole('button', { name: /takes longer/ })[0] as HTMLElement);
    expect(await screen.findByRole('dialog')).toHaveTextContent(/in time|Late then/);
    await user.click(screen.getByRole('button', { name: 'Go on like this' }));
    expect(useDay.getState().solved?.plan).toEqual(rightShift(day, plan, longer(first, 10)));
    // How likely the plan before held says nothing of this one.
    expect(screen.queryByText(/it works on/)).toBeNull();
    await user.click(within(lead).getAllByRole('checkbox')[0] as HTMLElement);
    expect(useDay.getState().done).toEqual([first.id]);
  });

  it('that is late by now looks for other hands, says which, and goes on like that', async () => {
    const [task] = plan.tasks;
    if (!task) throw new Error('nothing to do');
    const others = task.hands === 'second' ? 'lead' : 'second';
    const other: DayPlan = {
      ...plan,
      tasks: plan.tasks.map((one) => (one.id === task.id ? { ...one, hands: others } : one)),
    };
    mockMend.mockResolvedValue({
      plan: other,
      changes: [{ task: task.id, hands: others, was: task.hands }],
    });
    showDay();
    const user = userEvent.setup();
    const [longest] = await screen.findAllByRole('button', { name: /takes longer/ });
    await user.click(longest as HTMLElement);
    const by = await screen.findByLabelText('By how many minutes');
    await user.clear(by);
    await user.type(by, '240');
    // Where it would break more than hours the other way is looked for by itself.
    const look = screen.queryByRole('button', { name: 'Look for another way' });
    if (look) await user.click(look);
    expect(await screen.findByText(new RegExp(`${others} instead of ${task.hands}`))).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: /^Go on/ }));
    expect(useDay.getState().solved?.plan).toEqual(other);
  });

  it('says so when no other hands help', async () => {
    mockMend.mockResolvedValue(null);
    showDay();
    const user = userEvent.setup();
    await user.click((await screen.findAllByRole('button', { name: /takes longer/ }))[0] as HTMLElement);
    const by = await screen.findByLabelText('By how many minutes');
    await user.clear(by);
    await user.type(by, '240');
    const look = screen.queryByRole('button', { name: 'Look for another way' });
    if (look) await user.click(look);
    expect(await screen.findByText(/No other hands would help/)).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Look for another way' })).toBeNull();
  });
});

describe('a day that would leave pies in the oven', () => {
  it('says so, whatever is in time, and looks for another way by itself', async () => {
    mockMend.mockClear();
    mockMend.mockResolvedValue(null);
    // Bench work is laid down for an oven: only who is at an oven already leaves a pie in.
    const burning = plan.tasks.find(({ id, start, end }) => {
      if (end === start) return false;
      const happened = { lasts: new Map([[id, end - start + 60]]) };
      return brokenRules(day, plan, rightShift(day, plan, happened), happened).some((said) =>
        /too long/.test(said),
      );
    });
    if (!burning) throw new Error('no task of this day holds up an oven');
    useDay.setState({ file: file(), solved });
    renderInKitchen(<Slipped day={day} plan={plan} task={burning} onClose={() => undefined} />);
    const by = await screen.findByLabelText('By how many minutes');
    const user = userEvent.setup();
    await user.clear(by);
    await user.type(by, '60');
    expect((await screen.findAllByText(/stays in the oven \d+ minutes too long/)).length).toBeGreaterThan(0);
    expect(screen.queryByText(/All is still in time/)).toBeNull();
    await waitFor(() => expect(mockMend).toHaveBeenCalled());
    expect(screen.getByRole('button', { name: 'Go on all the same' })).toBeInTheDocument();
  });
});

describe('a day follows its oven', () => {
  const run = plan.runs[0];
  if (!run) throw new Error('no run');
  const [first] = run.pies;
  if (!first) throw new Error('no pie');
  const instant = (minute: number): string => new Date(instantAt(day, minute)).toISOString();
  const bakes = (events: readonly BakeEvent[]): BakeResponse[] => [
    {
      id: 'baking',
      pieId: 'p',
      pieVersion: 1,
      spec: starterSpec,
      stages: [...stagesUntil(run.heat, first.out)],
      events,
      finished: false,
    },
  ];
  const event = (kind: BakeEvent['kind'], minute: number, more: Partial<BakeEvent> = {}): BakeEvent => ({
    id: `${kind}-${minute}`,
    kind,
    at: instant(minute),
    ...more,
  });
  const showBaking = (events: readonly BakeEvent[]): void => {
    standInServer({
      'GET /api/kitchen': { body: aKitchen },
      'GET /api/pies?sort=name&size=100&whole=yes': { body: { pies: [], total: 0, page: 1, size: 100 } },
      'GET /api/bakes/running': { body: bakes(events) },
    });
    useDay.setState({ inOven: { [first.pie]: 'baking' } });
    showDay();
  };

  it('says nothing while the oven keeps to the plan', async () => {
    showBaking([event('loaded', run.start)]);
    await screen.findByText(/All \d in time/);
    expect(screen.queryByRole('region', { name: 'What the oven says' })).toBeNull();
  });

  it('five minutes more in the oven are said, with what moves; agreed to, it is still', async () => {
    showBaking([event('loaded', run.start), event('more_time', run.start + 20, { minutes: 5 })]);
    const says = await screen.findByRole('region', { name: 'What the oven says' });
    expect(says).toHaveTextContent(/comes out at .*5 min later than planned/);
    await userEvent.setup().click(within(says).getByRole('button', { name: 'Go on like this' }));
    const out = useDay.getState().solved?.plan?.tasks.find(({ id }) => id === `out:${first.pie}`);
    expect(out?.start).toBe(run.start + first.out + 5);
    await waitFor(() => expect(screen.queryByRole('region', { name: 'What the oven says' })).toBeNull());
  });

  it('what came out is ticked', async () => {
    showBaking([event('loaded', run.start), event('out', run.start + first.out + 1)]);
    await waitFor(() => expect(useDay.getState().done).toContain(`out:${first.pie}`));
  });

  it('a bake that was started by mistake says nothing', async () => {
    showBaking([event('loaded', run.start + 30), event('cancelled', run.start + 31)]);
    await screen.findByText(/All \d in time/);
    expect(screen.queryByRole('region', { name: 'What the oven says' })).toBeNull();
  });
});

describe('a task that is moved', () => {
  it('by its button: the rest follows, seen before it is agreed to; where it cannot go that is said', async () => {
    showDay();
    const user = userEvent.setup();
    await user.click((await screen.findAllByRole('button', { name: /^Move: / }))[0] as HTMLElement);
    const by = await screen.findByLabelText('Minutes later');
    await user.clear(by);
    await user.type(by, '-700');
    expect(await screen.findByRole('alert')).toHaveTextContent(/cannot begin before|Then /);
    expect(screen.queryByRole('button', { name: 'Go on like this' })).toBeNull();
    await user.keyboard('{Escape}');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(useDay.getState().solved?.plan).toBe(plan);
  });

  it('goes on like that once it is agreed to', async () => {
    const goes = plan.tasks.find(
      ({ id, start, hands }) => moveTask(day, plan, id, { start: start + 1, hands }).ok,
    );
    if (!goes) throw new Error('nothing can be moved');
    showDay();
    const user = userEvent.setup();
    await user.click(await screen.findByText('lists'));
    const name = `Move: ${taskWords(day, plan, goes)}`;
    await user.click((await screen.findAllByRole('button', { name }))[0] as HTMLElement);
    const by = await screen.findByLabelText('Minutes later');
    await user.clear(by);
    await user.type(by, '1');
    await user.click(await screen.findByRole('button', { name: 'Go on like this' }));
    const after = useDay.getState().solved?.plan?.tasks.find(({ id }) => id === goes.id);
    expect(after?.start).toBe(goes.start + 1);
  });

  it('lies where its minute is, and a minute where its share of the line is', () => {
    const stretches = makeStretches(plan);
    const at = placing(stretches);
    for (const { start } of plan.tasks) expect(minuteAt(stretches, at(start) ?? -1)).toBeCloseTo(start, 6);
    expect(minuteAt(stretches, -1)).toBe(stretches[0]?.from);
    expect(minuteAt(stretches, 2)).toBe(stretches.at(-1)?.to);
  });
});
