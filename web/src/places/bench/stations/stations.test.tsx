import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { starterSpec } from '@mardle/core';
import { useSettings } from '../../../state/settings.js';
import { useTyped } from '../../../state/typed.js';
import { layOnBench, planOf, renderInKitchen } from '../../../test/kitchen.js';
import { FruitStation } from './FruitStation.js';
import { PreparationPart } from './juice/PreparationPart.js';
import { SpicePart } from './juice/SpicePart.js';
import { SugarAndSet } from './juice/SugarAndSet.js';
import { ThickenerChoice } from './juice/ThickenerPart.js';
import { PastryStation } from './PastryStation.js';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import { TopStation } from './TopStation.js';

beforeEach(() => {
  useSettings.setState({ units: 'metric' });
  useTyped.getState().forgetAll();
});

describe('a quantity field', () => {
  const field = (onChange: (value: number | null) => void, value: number | null = 3.5): void => {
    renderInKitchen(
      <QuantityField limit="dish.depthCm" label="Depth" unit="cm" value={value} onChange={onChange} />,
    );
  };

  it('uses what lies within the limits', () => {
    const onChange = jest.fn();
    field(onChange);
    fireEvent.change(screen.getByLabelText('Depth, cm'), { target: { value: '4.5' } });
    expect(onChange).toHaveBeenLastCalledWith(4.5);
  });

  it('keeps what does not in the field, with the remedy, and does not use it', () => {
    const onChange = jest.fn();
    field(onChange);
    fireEvent.change(screen.getByLabelText('Depth, cm'), { target: { value: '80' } });
    expect(onChange).not.toHaveBeenCalled();
    expect(screen.getByLabelText('Depth, cm')).toHaveValue('80');
    expect(screen.getByText(/Measure the depth inside the dish, in cm\. \(1 to 15 cm\)/)).toBeInTheDocument();
  });

  it('takes inches and hands on centimetres', () => {
    useSettings.setState({ units: 'us' });
    const onChange = jest.fn();
    field(onChange, 5.08);
    expect(screen.getByLabelText('Depth, in')).toHaveValue('2');
    fireEvent.change(screen.getByLabelText('Depth, in'), { target: { value: '1.5' } });
    expect(onChange.mock.lastCall?.[0]).toBeCloseTo(3.81, 8);
  });

  it('reads what bakers type, and says what it understood', () => {
    const onChange = jest.fn();
    renderInKitchen(
      <QuantityField limit="filling.fruitMassG" label="Fruit" unit="g" value={700} onChange={onChange} />,
    );
    const type = (text: string): void =>
      void fireEvent.change(screen.getByLabelText('Fruit, g'), { target: { value: text } });
    type('1.5 kg');
    expect(onChange).toHaveBeenLastCalledWith(1500);
    expect(screen.getByText(/that is 1\.50.kg/)).toBeInTheDocument();
    type('2 lb');
    expect(onChange.mock.lastCall?.[0]).toBeCloseTo(907.2, 1);
    onChange.mockClear();
    type('2 moons');
    expect(onChange).not.toHaveBeenCalled();
    expect(screen.getByLabelText('Fruit, g')).toHaveValue('2 moons');
    expect(screen.getByText(/Type an amount, as/)).toBeInTheDocument();
  });

  it('keeps what cannot be read while its leaf is turned over, until it is mended', () => {
    const one = (onChange: (value: number | null) => void) => (
      <QuantityField limit="dish.depthCm" label="Depth" unit="cm" value={3.5} onChange={onChange} />
    );
    const first = renderInKitchen(one(jest.fn()));
    fireEvent.change(screen.getByLabelText('Depth, cm'), { target: { value: 'deep' } });
    first.unmount();
    expect(Object.values(useTyped.getState().unread)).toEqual([{ label: 'Depth', text: 'deep' }]);
    const onChange = jest.fn();
    renderInKitchen(one(onChange));
    expect(screen.getByLabelText('Depth, cm')).toHaveValue('deep');
    fireEvent.change(screen.getByLabelText('Depth, cm'), { target: { value: '4' } });
    expect(onChange).toHaveBeenLastCalledWith(4);
    expect(useTyped.getState().unread).toEqual({});
  });

  it('turns by its step with the arrow keys', () => {
    const onChange = jest.fn();
    field(onChange);
    fireEvent.keyDown(screen.getByLabelText('Depth, cm'), { key: 'ArrowUp' });
    expect(onChange).toHaveBeenLastCalledWith(4);
    fireEvent.keyDown(screen.getByLabelText('Depth, cm'), { key: 'ArrowDown' });
    expect(onChange).toHaveBeenLastCalledWith(3.5);
  });

  it('may be empty where Mardle works it out', () => {
    const onChange = jest.fn();
    renderInKitchen(
      <QuantityField
        limit="filling.fruitMassG"
        label="Fruit"
        unit="g"
        value={700}
        empty="fills the dish"
        onChange={onChange}
      />,
    );
    fireEvent.change(screen.getByLabelText('Fruit, g'), { target: { value: '' } });
    expect(onChange).toHaveBeenLastCalledWith(null);
  });
});

describe('stations change the spec on the bench', () => {
  it('the fruit: its kind, its state, and the amount in any way of counting', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    renderInKitchen(<FruitStation spec={spec()} plan={planOf()} kitchenFruits={[]} />);
    await user.click(screen.getByRole('radio', { name: 'Frozen' }));
    expect(spec().filling.fruits[0]?.state).toBe('frozen');
    await user.click(screen.getByRole('button', { name: /Mix in another/ }));
    expect(spec().filling.fruits).toHaveLength(2);
    await user.click(screen.getByRole('tab', { name: 'Mix and amount' }));
    fireEvent.change(screen.getByLabelText('cups'), { target: { value: '4' } });
    expect(spec().filling.fruitMassG).toBe(660);
  });

  it('sugar: taste and adjust by the grams it says', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    const plan = planOf();
    renderInKitchen(<SugarAndSet spec={spec()} plan={plan} />);
    const button = screen.getByRole('button', { name: /Still sharp/ });
    const stepG = Number(/(\d+)\sg more/.exec(button.textContent)?.[1]);
    await user.click(button);
    expect(spec().filling.sugar.massG).toBeCloseTo(plan.filling.sugar.massG + stepG, -0.5);
  });

  it('thickener: each says what it takes for this set', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    renderInKitchen(<ThickenerChoice spec={spec()} plan={planOf()} />);
    const grams = (name: RegExp): number =>
      Number(/([\d.]+)\sg/.exec(screen.getByRole('radio', { name }).textContent)?.[1]);
    expect(grams(/Plain flour/)).toBeGreaterThan(1.6 * grams(/Corn starch/));
    expect(screen.queryByRole('radio', { name: /Gelatine/ })).not.toBeInTheDocument();
    await user.click(screen.getByRole('radio', { name: /Arrowroot/ }));
    expect(spec().filling.thickeners).toEqual([{ thickener: 'arrowroot', share: 1 }]);
  });

  it('preparation: leaving a glaze takes its gelatine away', async () => {
    const user = userEvent.setup();
    const glaze = {
      ...starterSpec,
      filling: {
        ...starterSpec.filling,
        preparation: { kind: 'glaze' as const },
        thickeners: [{ thickener: 'gelatine', share: 1 }],
      },
    };
    const spec = layOnBench(glaze);
    renderInKitchen(<PreparationPart spec={spec()} plan={planOf(glaze)} />);
    await user.click(screen.getByRole('radio', { name: 'Stew' }));
    expect(spec().filling.preparation.kind).toBe('stew');
    expect(spec().filling.thickeners).toEqual([{ thickener: 'corn_starch', share: 1 }]);
  });

  it('spice: by its usual dose for this much fruit, and none again', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    const plan = planOf();
    renderInKitchen(<SpicePart spec={spec()} plan={plan} />);
    screen.getByRole('slider', { name: 'Cinnamon' }).focus();
    await user.keyboard('{End}');
    const [cinnamon] = spec().filling.seasonings;
    expect(cinnamon?.massG).toBeCloseTo((2 * 2.5 * plan.filling.batch.massG) / 1000, 1);
  });

  it('pastry and wash', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    renderInKitchen(
      <>
        <PastryStation spec={spec()} plan={planOf()} />
        <TopStation spec={spec()} plan={planOf()} />
      </>,
    );
    await user.click(screen.getByRole('radio', { name: /Cornmeal/ }));
    expect(spec().pastry.dough).toBe('cornmeal');
    screen.getByRole('slider', { name: 'Vents' }).focus();
    await user.keyboard('{Home}');
    expect(spec().form.vents).toBe(0);
    await user.click(screen.getByRole('tab', { name: 'Wash' }));
    await user.click(screen.getByRole('radio', { name: /Yolk and cream/ }));
    expect(spec().pastry.wash).toBe('yolk_cream');
  });

  it('more strips are narrower ones where they would not fit', async () => {
    const user = userEvent.setup();
    const lattice = {
      ...starterSpec,
      form: {
        ...starterSpec.form,
        kind: 'lattice' as const,
        lattice: { strips: 6, widthCm: 3, angleDeg: 90 },
      },
    };
    const spec = layOnBench(lattice);
    renderInKitchen(<TopStation spec={spec()} plan={planOf(lattice)} />);
    screen.getByRole('slider', { name: 'Strips each way' }).focus();
    await user.keyboard('{End}');
    expect(spec().form.lattice?.strips).toBe(15);
    expect((spec().form.lattice?.widthCm ?? 9) * 15).toBeLessThanOrEqual(22.9);
  });
});
