import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Bake, Stage } from '@mardle/core';
import { starterSpec } from '@mardle/core';
import { useSettings } from '../../../../state/settings.js';
import { bakedPlanOf } from '../../../../test/bakes.js';
import { layOnBench, renderInKitchen } from '../../../../test/kitchen.js';
import { standInServer } from '../../../../test/server.js';
import { HeatView } from '../../../../pie/CrossSection/HeatView.js';
import { OvenStation } from '../OvenStation.js';
import { BakeStrip } from './BakeStrip.js';
import { whatHappens } from './OwnStages.js';
import { eventMarks, inRows, movedStages, stageShapes } from './stageShapes.js';

jest.mock(
  '../../../../shared/workers/bake.js',
  () => jest.requireActual<{ bakesOnThisThread: object }>('../../../../test/bakes.js').bakesOnThisThread,
);

const stages: readonly [Stage, Stage] = [
  { tempC: 220, timeMin: 20 },
  { tempC: 175, timeMin: 40 },
];
const ownStages = { bake: { ...starterSpec.bake, stages } };
const found = bakedPlanOf();
const own = bakedPlanOf(ownStages);

beforeEach(() => {
  useSettings.setState({ units: 'metric' });
  standInServer({
    'GET /api/kitchen': {
      body: {
        id: 'k',
        name: 'Kitchen',
        dishes: [],
        ovens: [
          { id: 'gas', label: 'Gas oven', kind: 'still', offsetC: 9, warmUpMin: 20, places: 2, knob: 'gas' },
        ],
      },
    },
  });
});

describe('stages as bars', () => {
  const same = (value: number): number => value;

  it('lie at their heat, end to end', () => {
    const [first, second] = stageShapes(own.bake!, same);
    expect(first).toMatchObject({ x0: 0, x1: 20, y0: 220, y1: 220 });
    expect(second).toMatchObject({ x0: 20, x1: 60, y0: 175, y1: 175 });
  });

  it('are of two colours where there are two heats, and look like one bar where there is one', () => {
    for (const name of ['currant', 'amber']) document.documentElement.style.setProperty(`--${name}`, name);
    const colours = (bake: Bake): unknown[] => stageShapes(bake, same).map(({ line }) => line?.color);
    expect(colours(own.bake!)).toEqual(['currant', 'amber']);
    const [first, second] = own.bake!.stages;
    expect(colours({ ...own.bake!, stages: [first, { ...second, tempC: first.tempC }] })).toEqual([
      'currant',
      'currant',
    ]);
  });

  it('dragged up or down change the heat, in steps of five', () => {
    expect(movedStages(stages, 0, { x0: 0, x1: 20, y0: 208, y1: 208 }, same)).toEqual([
      { tempC: 210, timeMin: 20 },
      stages[1],
    ]);
  });

  it('dragged at the end change the time; the second’s start is the first’s end', () => {
    expect(movedStages(stages, 1, { x0: 25, x1: 70, y0: 175, y1: 175 }, same)).toEqual([
      { tempC: 220, timeMin: 25 },
      { tempC: 175, timeMin: 45 },
    ]);
  });

  it('dragged past what an oven does stop at its limits', () => {
    expect(movedStages(stages, 0, { x0: 0, x1: -8, y0: 900, y1: 900 }, same)?.[0]).toEqual({
      tempC: 290,
      timeMin: 0,
    });
    expect(movedStages(stages, 5, { x0: 0, x1: 1, y0: 1, y1: 1 }, same)).toBeNull();
  });

  it('stand beside what happens, in its order', () => {
    const times = eventMarks(own.bake!).notes.map(({ x }) => Number(x));
    expect(times.length).toBeGreaterThan(2);
    expect(times).toEqual([...times].sort((a, b) => a - b));
  });
});

describe('the strip of time', () => {
  it('says stages, interventions and windows in words', () => {
    renderInKitchen(<BakeStrip bake={own.bake!} knob={undefined} figures={own.figures} />);
    expect(
      screen.getByRole('img', {
        name: /Stage one 220\s°C for 20 minutes, stage two 175\s°C for 40 minutes;.*turn at \d+ minutes.*golden between/,
      }),
    ).toBeInTheDocument();
  });

  it('speaks in gas marks where the knob does', () => {
    renderInKitchen(<BakeStrip bake={own.bake!} knob="gas" figures={own.figures} />);
    expect(screen.getByRole('img', { name: /Stage one gas 7/ })).toBeInTheDocument();
  });
});

describe('a recipe’s own stages', () => {
  it('say what they would do here', () => {
    const short = bakedPlanOf({
      bake: { ...starterSpec.bake, stages: [stages[0], { tempC: 175, timeMin: 5 }] },
    });
    expect(whatHappens(short)).toMatch(/the filling (is not done|wants \d+ minutes more)/);
    const long = bakedPlanOf({
      bake: { ...starterSpec.bake, stages: [stages[0], { tempC: 175, timeMin: 90 }] },
    });
    expect(whatHappens(long)).toMatch(
      /done \d+ minutes before it comes out; the top is (gold|deep gold|too dark)/,
    );
    expect(long.advice.map(({ id }) => id)).toContain('too_long');
  });

  it('are mended in their times with the heats kept', async () => {
    const user = userEvent.setup();
    const spec = layOnBench({
      ...starterSpec,
      bake: { ...starterSpec.bake, stages: [stages[0], { tempC: 175, timeMin: 5 }] },
    });
    renderInKitchen(
      <OvenStation
        spec={spec()}
        plan={bakedPlanOf(spec())}
        baking={null}
        rough={false}
        unbakeable={false}
        cancel={() => undefined}
      />,
    );
    await user.click(screen.getByRole('button', { name: /mend the times/ }));
    await waitFor(() => expect(spec().bake.stages?.[1].timeMin).toBeGreaterThan(10), { timeout: 15_000 });
    expect(spec().bake.stages?.map(({ tempC }) => tempC)).toEqual([220, 175]);
    await user.click(screen.getByRole('button', { name: 'Find better heats' }));
    expect(spec().bake.stages).toBeNull();
  });
});

describe('the oven station', () => {
  const show = (spec = starterSpec, more: Partial<Parameters<typeof OvenStation>[0]> = {}): void => {
    renderInKitchen(
      <OvenStation
        spec={spec}
        plan={found}
        baking={null}
        rough={false}
        unbakeable={false}
        cancel={() => undefined}
        {...more}
      />,
    );
  };

  it('takes an oven of the kitchen with its knob, what it stands on, and one heat', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    show(spec());
    await user.click(screen.getByRole('tab', { name: 'Oven and place' }));
    await user.click(await screen.findByRole('radio', { name: /Gas oven/ }));
    expect(spec().bake.oven).toMatchObject({ label: 'Gas oven', knob: 'gas', offsetC: 9 });
    expect(spec().bake.oven).not.toHaveProperty('places');
    await user.click(screen.getByRole('radio', { name: /On hot steel/ }));
    expect(spec().bake.beneath).toBe('hot_steel');
    await user.click(screen.getByRole('tab', { name: 'The bake' }));
    await user.click(screen.getByRole('radio', { name: /One heat/ }));
    expect(spec().bake.singleStage).toBe(true);
    await user.click(screen.getByRole('radio', { name: /My recipe says/ }));
    expect(spec().bake.stages).toEqual(found.bake!.stages);
  });

  it('tells the ranges in which it comes out right, and takes another way', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    show(spec());
    await user.click(screen.getByText('What else would do'));
    expect(screen.getByText(/It comes out right with a first stage of/)).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: /And in a fan oven/ }));
    await screen.findByText(/There, if it is true to its knob: \d+\s°C \d+ min/, undefined, {
      timeout: 15_000,
    });
    const [other] = screen.getAllByRole('button', { name: /^Bake at/ });
    await user.click(other!);
    expect(spec().bake.stages).not.toBeNull();
  });

  it('shows that it is at work, and can be stopped', async () => {
    const user = userEvent.setup();
    const cancel = jest.fn();
    show(starterSpec, { plan: null, baking: 0.4, cancel });
    expect(screen.getByRole('status')).toHaveTextContent('40 %');
    await user.click(screen.getByRole('button', { name: 'Stop' }));
    expect(cancel).toHaveBeenCalled();
  });

  it('says a first answer is one, and what to do when nothing gets it done', () => {
    show(starterSpec, { rough: true, baking: 0.2 });
    expect(screen.getByText(/A first answer; looking for a better one/)).toBeInTheDocument();
    show(starterSpec, { unbakeable: true });
    expect(screen.getByRole('alert')).toHaveTextContent('smaller or shallower dish');
  });
});

describe('the heat', () => {
  it('is scrubbed minute by minute, from cold to boiling', async () => {
    renderInKitchen(<HeatView plan={found} />);
    const minutes = await screen.findByRole('slider', { name: 'Minutes in the oven' }, { timeout: 10_000 });
    const warmest = (): number => {
      const words =
        screen.getByRole('img', { name: /the filling is between/ }).getAttribute('aria-label') ?? '';
      return Number(/and (-?\d+)/.exec(words)?.[1]);
    };
    const atEnd = warmest();
    act(() => {
      fireEvent.keyDown(minutes, { key: 'Home', code: 'Home' });
    });
    expect(warmest()).toBeLessThan(30);
    expect(atEnd).toBeGreaterThan(95);
  });
});

describe('words over the curves', () => {
  it('never lie on each other', () => {
    const marks = [
      { word: 'golden', at: 33 },
      { word: 'tender', at: 34 },
      { word: 'turn', at: 35 },
      { word: 'bubbles', at: 44 },
    ];
    const rows = inRows(marks, 45);
    for (const [i, one] of rows.entries()) {
      for (const other of rows.slice(i + 1)) {
        if (one.row === other.row) expect(other.at).toBeGreaterThan(one.at + 0.019 * 45 * one.word.length);
      }
    }
    expect(rows[0]?.row).toBe(0);
  });

  it('stay in the lowest row when they are far apart', () => {
    expect(
      inRows(
        [
          { word: 'foil', at: 5 },
          { word: 'turn', at: 30 },
        ],
        60,
      ).map(({ row }) => row),
    ).toEqual([0, 0]);
  });
});
