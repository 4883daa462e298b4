import type { PieSpec } from '@mardle/core';
import { changeForm, eatenHow, servingRules, starterSpec } from '@mardle/core';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useSettings } from '../../../state/settings.js';
import { layOnBench, planOf, renderInKitchen } from '../../../test/kitchen.js';
import { FruitStation } from './FruitStation.js';
import { MemoryRouter } from 'react-router';
import { JuiceStation } from './JuiceStation.js';
import { PastryStation } from './PastryStation.js';
import { ShapeStation } from './ShapeStation.js';
import { TopStation } from './TopStation.js';

beforeEach(() => useSettings.setState({ units: 'metric' }));

const twoFruits: PieSpec = {
  ...starterSpec,
  filling: {
    ...starterSpec.filling,
    fruits: [
      { ...starterSpec.filling.fruits[0]!, fruit: 'raspberry' },
      { ...starterSpec.filling.fruits[0]!, fruit: 'blackberry' },
    ],
  },
};

const openTab = (name: string): Promise<void> => userEvent.setup().click(screen.getByRole('tab', { name }));

describe('a mix', () => {
  it('is weighed fruit by fruit, as it lies on the scale', async () => {
    const spec = layOnBench(twoFruits);
    renderInKitchen(<FruitStation spec={spec()} plan={planOf(spec())} kitchenFruits={[]} />);
    await openTab('Mix and amount');
    fireEvent.change(screen.getByLabelText('Raspberry, g'), { target: { value: '300' } });
    const [raspberry, blackberry] = spec().filling.fruits;
    expect(raspberry?.share).toBe(300);
    expect(spec().filling.fruitMassG).toBe(300 + (blackberry?.share ?? 0));
  });

  it('has a leaf for each fruit, and takes one out', async () => {
    const user = userEvent.setup();
    const spec = layOnBench(twoFruits);
    renderInKitchen(<FruitStation spec={spec()} plan={planOf(spec())} kitchenFruits={[]} />);
    await openTab('Blackberry');
    await user.click(screen.getByRole('radio', { name: 'Frozen' }));
    expect(spec().filling.fruits.map(({ state }) => state)).toEqual(['fresh', 'frozen']);
    await user.click(screen.getByRole('button', { name: /Take out blackberry/ }));
    expect(spec().filling.fruits.map(({ fruit }) => fruit)).toEqual(['raspberry']);
  });

  it('goes by parts too', async () => {
    const spec = layOnBench(twoFruits);
    renderInKitchen(<FruitStation spec={spec()} plan={planOf(spec())} kitchenFruits={[]} />);
    await openTab('Mix and amount');
    fireEvent.change(screen.getByLabelText('Parts of Blackberry'), { target: { value: '3' } });
    expect(spec().filling.fruits.map(({ share }) => share)).toEqual([1, 3]);
  });
});

describe('the juice', () => {
  const show = (change: Partial<PieSpec['filling']> = {}): (() => PieSpec) => {
    const spec = layOnBench({ ...starterSpec, filling: { ...starterSpec.filling, ...change } });
    renderInKitchen(
      <MemoryRouter>
        <JuiceStation pieId="pie" spec={spec()} plan={planOf(spec())} />
      </MemoryRouter>,
    );
    return spec;
  };

  it.each(eatenHow)('eaten %s brings the set that suits it', async (eaten) => {
    const user = userEvent.setup();
    const spec = show();
    await user.click(screen.getByRole('radio', { name: servingRules[eaten].label }));
    expect(spec().filling.eaten).toBe(eaten);
    expect(spec().filling.set).toBe(servingRules[eaten].set);
  });

  it('takes a second sugar and lets it go', async () => {
    const user = userEvent.setup();
    const spec = show();
    await openTab('Sugars');
    await user.click(screen.getByRole('button', { name: /second sugar/ }));
    expect(spec().filling.sugar.second?.share).toBe(0.3);
    expect(spec().filling.sugar.second?.sugar).not.toBe(spec().filling.sugar.sugar);
  });

  it('never holds the same sugar twice', async () => {
    const user = userEvent.setup();
    const spec = show({
      sugar: { sugar: 'white', style: 0.16, massG: null, second: { sugar: 'honey', share: 0.2 } },
    });
    await openTab('Sugars');
    const first = within(screen.getByRole('radiogroup', { name: 'Sugar' }));
    await user.click(first.getByRole('radio', { name: /Honey/ }));
    expect(spec().filling.sugar).toMatchObject({ sugar: 'honey', second: undefined });
  });

  it('takes a liquid by its grams, and leaves it out', async () => {
    const user = userEvent.setup();
    const spec = show({ additions: [{ addition: 'red_wine', massG: 60 }] });
    await openTab('Liquid, jam');
    fireEvent.change(screen.getByLabelText('Red wine, g'), { target: { value: '80' } });
    expect(spec().filling.additions).toEqual([{ addition: 'red_wine', massG: 80 }]);
    await user.click(screen.getByRole('button', { name: 'Leave out Red wine' }));
    expect(spec().filling.additions).toBeUndefined();
  });

  it('cooks part of the fruit', async () => {
    const user = userEvent.setup();
    const spec = show({ preparation: { kind: 'stew' } });
    await openTab('Preparation');
    screen.getByRole('slider', { name: 'Cooked' }).focus();
    await user.keyboard('{Home}');
    expect(spec().filling.preparation.cookedShare).toBe(0.25);
  });

  it('all of it is what is left unsaid', async () => {
    const user = userEvent.setup();
    const spec = show({ preparation: { kind: 'stew', cookedShare: 0.5 } });
    await openTab('Preparation');
    screen.getByRole('slider', { name: 'Cooked' }).focus();
    await user.keyboard('{End}');
    expect(spec().filling.preparation.cookedShare).toBeUndefined();
  });
});

describe('what is there already', () => {
  it('bought dough and a greased dish', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    const { rerender } = renderInKitchen(<PastryStation spec={spec()} plan={planOf()} />);
    await openTab('There already');
    await user.click(screen.getByRole('radio', { name: /^Bought nothing/ }));
    expect(spec().pastry.doughFrom).toBe('bought');
    await user.click(screen.getByRole('radio', { name: /Greased/ }));
    expect(spec().pastry.dishCoat).toBe('greased');
    rerender(<div />);
    renderInKitchen(<PastryStation spec={spec()} plan={planOf(spec())} />);
    await openTab('There already');
    fireEvent.change(screen.getByLabelText('A bought disc or sheet, across, cm'), {
      target: { value: '32' },
    });
    expect(spec().pastry.boughtDiscCm).toBe(32);
  });
});

describe('a crumb of one’s own', () => {
  it('begins with the school’s parts and is changed part by part', async () => {
    const user = userEvent.setup();
    const crisp = changeForm(starterSpec, 'crisp').spec;
    const spec = layOnBench(crisp);
    const { rerender } = renderInKitchen(<TopStation spec={spec()} plan={planOf(crisp)} />);
    await user.click(screen.getByRole('button', { name: 'A mix of my own' }));
    expect(spec().form.crumb?.own?.butter).toBe(60);
    rerender(<div />);
    renderInKitchen(<TopStation spec={spec()} plan={planOf(spec())} />);
    fireEvent.change(screen.getByLabelText('Oats'), { target: { value: '40' } });
    expect(spec().form.crumb?.own?.oats).toBe(40);
    await user.click(screen.getByRole('button', { name: 'As the school has it' }));
    expect(spec().form.crumb?.own).toBeUndefined();
  });
});

describe('scones and batter of one’s own', () => {
  it.each(['cobbler', 'buckle'] as const)('%s: from the Larder’s parts, and back', async (kind) => {
    const user = userEvent.setup();
    const made = changeForm(starterSpec, kind).spec;
    const spec = layOnBench(made);
    const own = () => (kind === 'cobbler' ? spec().form.cobbler?.own : spec().form.buckle?.own);
    const { rerender } = renderInKitchen(<TopStation spec={spec()} plan={planOf(made)} />);
    await user.click(screen.getByRole('button', { name: 'A mix of my own' }));
    expect(own()?.leaven).toBeGreaterThan(0);
    rerender(<div />);
    renderInKitchen(<TopStation spec={spec()} plan={planOf(spec())} />);
    fireEvent.change(screen.getByLabelText('Egg'), { target: { value: '25' } });
    expect(own()?.egg).toBe(25);
    await user.click(screen.getByRole('button', { name: 'As the Larder has it' }));
    expect(own()).toBeUndefined();
  });
});

describe('a heap', () => {
  it('is turned up on purpose, and let lie again', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    const { rerender } = renderInKitchen(<ShapeStation spec={spec()} plan={planOf()} />);
    screen.getByRole('slider', { name: 'Heaped' }).focus();
    await user.keyboard('{End}');
    expect(spec().filling.heapCm).toBe(7);
    rerender(<div />);
    renderInKitchen(<ShapeStation spec={spec()} plan={planOf(spec())} />);
    await user.click(screen.getByRole('button', { name: 'As it lies' }));
    expect(spec().filling.heapCm).toBeUndefined();
  });
});
