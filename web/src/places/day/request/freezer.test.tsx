import { starterSpec } from '@mardle/core';
import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useDay, withRemedy } from '../../../state/day/day.js';
import { aDayFile, aSolvedDay, layNoDay } from '../../../test/day.js';
import { renderInKitchen } from '../../../test/kitchen.js';
import { InFreezer } from './InFreezer.js';
import { weighedPortions } from '../portions.js';
import { loadedBy } from '../plan/runSpecs.js';

beforeEach(layNoDay);

const { label } = starterSpec.dish;

function FreezerOfTheDay() {
  const { file } = useDay();
  return file && <InFreezer file={file} />;
}

describe('what lies in the freezer', () => {
  it('is asked for where a pie of the day could use it', async () => {
    useDay.setState({ file: aDayFile() });
    renderInKitchen(<FreezerOfTheDay />);
    const user = userEvent.setup();
    const shells = screen.getByLabelText(`Shells, ${label}`);
    await user.clear(shells);
    await user.type(shells, '1');
    const dough = screen.getByLabelText(/^Dough for pies, /);
    await user.clear(dough);
    await user.type(dough, '2');
    expect(useDay.getState().file?.freezer).toMatchObject({
      shells: { [label]: 1 },
      dough: { [starterSpec.pastry.dough]: 2 },
    });
    const damsons = screen.getByLabelText('Damson in the freezer');
    await user.type(damsons, '1.2 kg');
    await user.tab();
    expect(useDay.getState().file?.freezer?.fruit).toEqual({ damson: 1200 });
    expect(screen.getByText(`It goes to 2 ${starterSpec.name}.`)).toBeVisible();
    await user.clear(damsons);
    await user.tab();
    expect(useDay.getState().file?.freezer?.fruit).toEqual({ damson: 0 });
    expect(useDay.getState().changed).toBe(true);
  });

  it('says when there is too little for a pie', () => {
    useDay.setState({ file: { ...aDayFile(), freezer: { fruit: { damson: 100 } } } });
    renderInKitchen(<FreezerOfTheDay />);
    expect(screen.getByText(/^No pie of this day finds enough of it/)).toBeVisible();
  });

  it('is not asked for where nothing of the day could use it', () => {
    const bought = {
      ...starterSpec,
      filling: {
        ...starterSpec.filling,
        fruits: starterSpec.filling.fruits.map((part) => ({ ...part, fruit: 'raisin' })),
      },
      pastry: { ...starterSpec.pastry, base: 'bought', doughFrom: 'bought' } as const,
    };
    useDay.setState({
      file: { ...aDayFile(), pies: aDayFile().pies.map((one) => ({ ...one, pie: bought })) },
    });
    renderInKitchen(<FreezerOfTheDay />);
    expect(screen.queryByRole('heading', { name: 'In the freezer' })).toBeNull();
    // What lies there all the same can be taken out.
    act(() => useDay.getState().change({ freezer: { shells: { [label]: 2 } } }));
    expect(screen.getByLabelText(`Shells, ${label}`)).toHaveValue('2');
  });

  const file = { ...aDayFile(), freezer: { shells: { [label]: 1 } } };

  it('goes into the oven as what it is: one of two on a frozen shell', () => {
    const run = {
      id: 'run-1',
      oven: 'Corner oven',
      heat: [200, 15, 180] as const,
      start: 0,
      pies: ['pie-1-1', 'pie-1-2'].map((pie) => ({ pie, out: 50, foil: null })),
    };
    const loaded = loadedBy(file, run);
    expect(loaded.map(({ spec }) => spec.pastry.base)).toEqual(['frozen', starterSpec.pastry.base]);
    expect(loaded.map(({ spec }) => spec.name)).toEqual([1, 2].map((n) => `${starterSpec.name} ${n}`));
    expect(loaded.map(({ kept }) => kept)).toEqual([starterSpec, starterSpec]);
    expect(weighedPortions(file).map(({ count }) => count)).toEqual([1, 1]);
  });

  it('a remedy counts the dishes that shells stand in', () => {
    const day = { ...aSolvedDay.day, kitchen: { ...aSolvedDay.day.kitchen, dishes: { [label]: 3 } } };
    expect(withRemedy(file, { day }).kitchen.dishes[label]).toBe(4);
  });
});
