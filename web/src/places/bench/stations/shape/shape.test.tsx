import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { DishSpec, PieSpec } from '@mardle/core';
import { measureDish, starterSpec } from '@mardle/core';
import { layOnBench, planOf, renderInKitchen } from '../../../../test/kitchen.js';
import { standInServer } from '../../../../test/server.js';
import { ShapeStation } from '../ShapeStation.js';
import { DishFields } from '../../../../pie/DishFields.js';

const deep = {
  id: 'deep',
  label: '25 cm deep',
  topCm: 25.4,
  baseCm: 20.3,
  depthCm: 5,
  material: 'stoneware',
};
const tray = {
  id: 'tray',
  label: 'Tray',
  shape: 'rectangle' as const,
  topCm: 40,
  widthCm: 30,
  baseCm: 40,
  depthCm: 1.5,
  material: 'aluminium',
};
const own = { id: 'own', ...starterSpec.dish };

beforeEach(() => {
  standInServer({
    'GET /api/kitchen': { body: { id: 'k', name: 'Kitchen', dishes: [own, deep, tray], ovens: [] } },
  });
});

const show = (spec: PieSpec): void => {
  renderInKitchen(<ShapeStation spec={spec} plan={planOf(spec)} />);
};

describe('the form', () => {
  it('changes with what it needs, and says what changed', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    show(spec());
    // The kitchen's own dishes are there before one of them is taken.
    await user.click(screen.getByRole('tab', { name: 'Dish' }));
    await screen.findByRole('radio', { name: /25 cm deep/ });
    await user.click(screen.getByRole('tab', { name: 'Form' }));
    await user.click(screen.getByRole('radio', { name: /free-form$/ }));
    expect(spec().form.kind).toBe('free_form');
    expect(spec().dish.label).toBe('Tray');
    expect(screen.getByRole('status')).toHaveTextContent('on another dish now: Tray');
  });

  it('says when nothing else had to change', async () => {
    const user = userEvent.setup();
    const spec = layOnBench();
    show(spec());
    await user.click(screen.getByRole('radio', { name: /lattice$/ }));
    expect(spec().form.kind).toBe('lattice');
    expect(screen.getByRole('status')).toHaveTextContent('stay as they were');
  });
});

describe('the dish', () => {
  it('says how many times the recipe another of mine takes, and no sheet stands among them', async () => {
    const user = userEvent.setup();
    layOnBench();
    show(starterSpec);
    await user.click(screen.getByRole('tab', { name: 'Dish' }));
    expect(
      await screen.findByRole('radio', { name: /25 cm deep.*takes 1\.8 times this pie/ }),
    ).toBeInTheDocument();
    expect(screen.queryByRole('radio', { name: /Tray/ })).not.toBeInTheDocument();
  });

  it('scales weighed amounts to another dish when asked', async () => {
    const user = userEvent.setup();
    const spec = layOnBench({ ...starterSpec, filling: { ...starterSpec.filling, fruitMassG: 700 } });
    const { rerender } = renderInKitchen(<ShapeStation spec={spec()} plan={planOf(spec())} />);
    await user.click(screen.getByRole('tab', { name: 'Dish' }));
    await user.click(await screen.findByRole('radio', { name: /25 cm deep/ }));
    expect(spec().dish.label).toBe('25 cm deep');
    expect(spec().filling.fruitMassG).toBe(700);
    rerender(<div />);
  });

  const fields = (dish: DishSpec): jest.Mock => {
    const onChange = jest.fn();
    renderInKitchen(<DishFields dish={dish} onChange={onChange} />);
    return onChange;
  };

  it('is found from the water it holds', () => {
    const onChange = fields(deep);
    fireEvent.change(screen.getByLabelText('Or water to the brim, mL'), { target: { value: '1900' } });
    const changed = onChange.mock.lastCall?.[0] as DishSpec;
    expect(measureDish(changed).brimMl).toBeCloseTo(1900, -1);
    expect(changed.topCm).toBe(deep.topCm);
  });

  it('that no wall could hold is refused with what to measure', async () => {
    const onChange = fields(deep);
    fireEvent.change(screen.getByLabelText('Or water to the brim, mL'), { target: { value: '9000' } });
    await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent('Measure the top and the depth'));
    expect(onChange).not.toHaveBeenCalled();
  });

  it('gets a second measure when it is oblong, and loses it when it is round', async () => {
    const user = userEvent.setup();
    const onChange = fields(deep);
    expect(screen.queryByLabelText(/Shorter side/)).not.toBeInTheDocument();
    await user.click(screen.getByRole('radio', { name: /Oblong/ }));
    expect(onChange.mock.lastCall?.[0]).toMatchObject({ shape: 'rectangle', widthCm: 18 });
    const back = fields(tray);
    await user.click(screen.getAllByRole('radio', { name: /Round/ }).at(-1)!);
    expect((back.mock.lastCall?.[0] as DishSpec).widthCm).toBeUndefined();
  });
});

describe('another dish', () => {
  it('measured on the bench is named and kept in the kitchen', async () => {
    const user = userEvent.setup();
    const id = '6f1c1a52-0a8e-4f5e-9d0c-3a8f6f0b7a11';
    jest.spyOn(crypto, 'randomUUID').mockReturnValue(id);
    const asked = standInServer({
      'GET /api/kitchen': { body: { id: 'k', name: 'Kitchen', dishes: [own], ovens: [] } },
      [`PUT /api/kitchen/dishes/${id}`]: ({ body }) => ({ body }),
    });
    const spec = layOnBench({
      ...starterSpec,
      dish: { ...starterSpec.dish, label: 'Another dish', topCm: 27, material: 'stoneware' },
    });
    show(spec());
    await user.click(screen.getByRole('tab', { name: 'Dish' }));
    const keep = await screen.findByRole('button', { name: 'Keep in this kitchen' });
    expect(keep).toBeDisabled();
    await user.type(screen.getByLabelText('Keep it as'), 'The brown one');
    await user.click(keep);
    await waitFor(() => expect(spec().dish.label).toBe('The brown one'));
    expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual(spec().dish);
  });
});
