import type { PieSpec, Stage } from '@mardle/core';
import { checkPlan, starterSpec } from '@mardle/core';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import type { DayFile } from '../../state/day/dayFile.js';
import { useDay } from '../../state/day/day.js';
import {
  aDay as day,
  aDayFile as file,
  aKitchen as kitchen,
  aPlan as plan,
  aSolvedDay as solved,
  layNoDay,
} from '../../test/day.js';
import { renderInKitchen } from '../../test/kitchen.js';
import { standInServer } from '../../test/server.js';
import { DayPlace } from './DayPlace.js';
import { hourMarks, toHour, instantFrom } from './hours.js';
import { stagesUntil } from './plan/runSpecs.js';
import { placing, makeStretches } from './plan/stretches.js';

const mockSolve = jest.fn();
const mockStop = jest.fn();
jest.mock('../../shared/workers/day.js', () => ({
  solveInWorker: (...args: unknown[]): unknown => mockSolve(...args),
  searchInWorker: () => Promise.resolve(null),
  stopSolving: () => mockStop(),
}));

beforeEach(() => {
  mockSolve.mockReset();
  mockStop.mockReset();
  layNoDay();
});

const showDay = () =>
  renderInKitchen(
    <MemoryRouter>
      <DayPlace />
    </MemoryRouter>,
  );

describe('the bake day', () => {
  it('is begun, filled, planned, and says what it is worth', async () => {
    mockSolve.mockResolvedValue({ ok: true, solved });
    showDay();
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Begin a day' }));
    expect(screen.getByRole('button', { name: 'Plan the day' })).toBeDisabled();
    fireEvent.change(screen.getByPlaceholderText('a pie of this kitchen'), {
      target: { value: starterSpec.name },
    });
    await waitFor(() =>
      expect(screen.getByRole('option', { name: starterSpec.name, hidden: true })).toBeInTheDocument(),
    );
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(useDay.getState().file?.pies).toHaveLength(1);
    await user.click(screen.getByRole('button', { name: 'Plan the day' }));
    expect(screen.getByText(/it works on 180/)).toBeInTheDocument();
  });

  it('says what is late and offers what would help', async () => {
    const late = { ...plan, late: [{ pie: day.pies[0]?.id ?? '', byMin: 20 }] };
    const remedies = [{ what: 'Start 20 minutes earlier.', day, lateMin: 0 }];
    useDay.setState({ file: file(), solved: { day, plan: late, holds: null, remedies } });
    showDay();
    expect(await screen.findByText('3 of 4 in time.')).toBeInTheDocument();
    expect(screen.getByText(/by 20 min/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Start 20 minutes earlier.' })).toBeEnabled();
  });

  it('says what is wrong and plans nothing', async () => {
    useDay.setState({ file: { ...file(), kitchen: { ...file().kitchen, hands: [] } } });
    showDay();
    await userEvent.setup().click(await screen.findByRole('button', { name: 'Plan the day' }));
    expect(screen.getByRole('alert')).toHaveTextContent('Nobody is there. Write who bakes.');
    expect(mockSolve).not.toHaveBeenCalled();
  });

  it('can be stopped while it is planned', async () => {
    mockSolve.mockReturnValue(new Promise(() => undefined));
    useDay.setState({ file: file() });
    showDay();
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Plan the day' }));
    await user.click(screen.getByRole('button', { name: /Enough/ }));
    expect(mockStop).toHaveBeenCalled();
  });

  it('puts away no day while it is planned', async () => {
    mockSolve.mockReturnValue(new Promise(() => undefined));
    useDay.setState({ file: file() });
    showDay();
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Plan the day' }));
    expect(screen.getByRole('button', { name: 'Clear the day' })).toBeDisabled();
    expect(screen.getByRole('button', { name: 'From a file' })).toBeDisabled();
  });

  it('says when a pie is turned and when it gets foil', async () => {
    const [run, ...others] = plan.runs;
    const [pie, ...more] = run?.pies ?? [];
    if (!run || !pie) throw new Error('an empty plan');
    const turned = { ...run, pies: [{ ...pie, turn: 10, foil: 20 }, ...more] };
    useDay.setState({ file: file(), solved: { ...solved, plan: { ...plan, runs: [turned, ...others] } } });
    showDay();
    await userEvent.setup().click(await screen.findByText('lists'));
    expect(
      await screen.findByText(/turn at \d\d:\d\d, foil at \d\d:\d\d, out \d\d:\d\d/),
    ).toBeInTheDocument();
  });

  it('a day that was cleared comes back', async () => {
    useDay.setState({ file: file(), solved });
    showDay();
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Clear the day' }));
    expect(useDay.getState().file).toBeNull();
    await user.click(screen.getByRole('button', { name: /Bring back/ }));
    expect(useDay.getState().solved).toEqual(solved);
  });

  it('keeps no day that it cannot read', async () => {
    localStorage.setItem(
      'mardle.day',
      JSON.stringify({ state: { file: { format: 'mardle-day' } }, version: 0 }),
    );
    await act(() => useDay.persist.rehydrate());
    expect(useDay.getState().file).toBeNull();
  });
});

describe('a run that goes in', () => {
  const run = plan.runs[0];
  if (!run) throw new Error('no run');
  const asWanted: DayFile = {
    ...file(),
    kitchen: {
      ...file().kitchen,
      ovens: [{ id: run.oven, kind: 'fan', offsetC: 4, warmUpMin: 18, places: 4 }],
    },
    pies: day.pies.map(({ id }) => ({
      id,
      count: 1,
      ready: { at: 400, as: 'cold' },
      pie: { ...starterSpec, name: id },
    })),
  };

  it('starts a bake for each of its pies at its stages, in its oven; again after a failure, and none twice', async () => {
    let refusals = 1;
    const asked = standInServer({
      'GET /api/kitchen': { body: kitchen },
      'GET /api/pies?sort=name&size=100&whole=yes': { body: { pies: [], total: 0, page: 1, size: 100 } },
      'POST /api/pies': ({ body }) => ({ body: { id: (body as { id: string }).id, version: 1 } }),
      'POST /api/bakes': ({ body }) =>
        refusals-- > 0
          ? { status: 409, body: { status: 409, title: 'Busy', detail: 'Not now.', remedy: 'Try again.' } }
          : { body: body as object },
    });
    useDay.setState({ file: asWanted, solved });
    showDay();
    const user = userEvent.setup();
    const press = async (): Promise<void> => {
      await user.click((await screen.findAllByRole('button', { name: /it is in now/ }))[0] as HTMLElement);
    };
    await press();
    expect(await screen.findByText(/Not now/)).toBeInTheDocument();
    await press();
    await waitFor(() => expect(useDay.getState().done).toContain(`load:${run.id}`));
    const bakes = asked
      .filter(({ method, path }) => method === 'POST' && path === '/api/bakes')
      .map(({ body }) => body as { id: string; spec: PieSpec; stages: Stage[] });
    expect(new Set(bakes.map(({ id }) => id)).size).toBe(run.pies.length);
    expect(bakes.at(-1)?.spec.bake.oven).toMatchObject({ label: run.oven, kind: 'fan', offsetC: 4 });
    for (const [k, { out }] of run.pies.entries()) {
      const { stages } = bakes[k + 1] ?? { stages: [] };
      expect(stages.reduce((sum, { timeMin }) => sum + timeMin, 0)).toBe(out);
      expect(stages.map(({ tempC }) => tempC)).toEqual([run.heat[0], run.heat[2]]);
    }
  });

  it('a pie out before the knob is turned has no second stage, and one heat is one heat', () => {
    expect(stagesUntil([210, 20, 180], 15).map(({ timeMin }) => timeMin)).toEqual([15, 0]);
    expect(stagesUntil([190, 0, 190], 41).map(({ timeMin }) => timeMin)).toEqual([21, 20]);
  });
});

describe('hours', () => {
  it('come back as they were said, in summer and winter, on the wall of the day and not of the browser', () => {
    for (const timeZone of ['Europe/Berlin', 'America/St_Johns', 'Asia/Kathmandu', 'UTC']) {
      for (const date of ['2026-07-04', '2026-12-24', '2026-03-29', '2026-10-25']) {
        const clock = { zero: instantFrom(date, '00:00', timeZone), timeZone };
        expect(toHour(clock, instantFrom(date, '09:15', timeZone))).toEqual({ date, hour: '09:15' });
        expect(toHour(clock, 0)).toEqual({ date, hour: '00:00' });
      }
    }
    expect(instantFrom('2026-07-04', '09:15', 'Europe/Berlin')).toBe('2026-07-04T09:15:00+02:00');
    expect(instantFrom('2026-07-04', '09:15', 'America/St_Johns')).toBe('2026-07-04T09:15:00-02:30');
  });

  it('are marked where the clock has them, also when zero is no whole hour', () => {
    expect(hourMarks({ zero: '2026-09-19T03:30:00Z' }, 0, 120)).toEqual([30, 90]);
  });
});

describe('the line of time', () => {
  it('leaves out the night, and everything else has its place from left to right', () => {
    const night = {
      tasks: plan.tasks.map((task, i) =>
        i === 0 ? { ...task, start: task.start - 600, end: task.end - 600 } : task,
      ),
      runs: plan.runs,
    };
    const stretches = makeStretches(night);
    expect(stretches.length).toBeGreaterThan(1);
    const at = placing(stretches);
    const places = night.tasks.map(({ start }) => at(start) ?? -1);
    expect(Math.min(...places)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...places)).toBeLessThanOrEqual(1);
    expect(at((stretches[0]?.to ?? 0) + 30)).toBeNull();
  });

  it('draws a plan that breaks no rule', () => expect(checkPlan(day, plan)).toEqual([]));
});
