import type { KitchenDish, KitchenOven } from '@mardle/contract';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { starterSpec } from '@mardle/core';
import { useSettings } from '../../state/settings.js';
import { renderInKitchen } from '../../test/kitchen.js';
import type { Asked } from '../../test/server.js';
import { standInServer } from '../../test/server.js';
import { Dishes } from './Dishes.js';
import { offText } from './offText.js';
import { Ovens } from './Ovens.js';

jest.mock(
  '../../shared/workers/bake.js',
  () => jest.requireActual<{ bakesOnThisThread: object }>('../../test/bakes.js').bakesOnThisThread,
);

const enamel: KitchenDish = { id: 'd1', ...starterSpec.dish };
const corner: KitchenOven = {
  id: 'o1',
  label: 'Corner oven',
  kind: 'still',
  offsetC: 9,
  warmUpMin: 25,
  places: 2,
  knob: '10_c',
  hotSide: 'left',
};

function kitchen(): Asked[] {
  return standInServer({
    'GET /api/kitchen': { body: { id: 'k', name: 'Kitchen', dishes: [enamel], ovens: [corner] } },
    'GET /api/pies?sort=name&size=100&whole=yes': {
      body: { pies: [{ id: 'p', version: 1, spec: starterSpec }], total: 1, page: 1, size: 100 },
    },
    'PUT /api/kitchen/dishes/d1': ({ body }) => ({ body }),
    'PUT /api/kitchen/ovens/o1': ({ body }) => ({ body }),
    'DELETE /api/kitchen/dishes/d1': { status: 204 },
  });
}

const sent = (asked: readonly Asked[], method: string): Asked | undefined =>
  asked.find((one) => one.method === method);

beforeEach(() => useSettings.setState({ units: 'metric' }));

describe('a dish of the kitchen', () => {
  it('is kept with what was changed, and said to be', async () => {
    const user = userEvent.setup();
    const asked = kitchen();
    renderInKitchen(<Dishes />);
    const keep = await screen.findByRole('button', { name: 'Keep this dish' });
    expect(keep).toBeDisabled();
    fireEvent.change(screen.getByLabelText('Depth, cm'), { target: { value: '4' } });
    await user.click(keep);
    await waitFor(() => expect(sent(asked, 'PUT')?.body).toMatchObject({ depthCm: 4, topCm: enamel.topCm }));
    expect(sent(asked, 'PUT')?.body).not.toHaveProperty('id');
    expect(await screen.findByText(/^Kept\./)).toBeInTheDocument();
  });

  it('without a name is not kept', async () => {
    kitchen();
    renderInKitchen(<Dishes />);
    fireEvent.change(await screen.findByLabelText('Its name'), { target: { value: ' ' } });
    expect(screen.getByRole('alert')).toHaveTextContent('no name');
    expect(screen.getByRole('button', { name: 'Keep this dish' })).toBeDisabled();
  });

  it('is put away', async () => {
    const user = userEvent.setup();
    const asked = kitchen();
    renderInKitchen(<Dishes />);
    await user.click(await screen.findByRole('button', { name: 'Put it away' }));
    await waitFor(() => expect(sent(asked, 'DELETE')?.path).toBe('/api/kitchen/dishes/d1'));
  });

  it('new, begins as an ordinary one', async () => {
    const user = userEvent.setup();
    Object.assign(crypto, { randomUUID: () => 'abcdef12-0000-4000-8000-000000000001' });
    kitchen();
    renderInKitchen(<Dishes />);
    await user.click(await screen.findByRole('button', { name: 'Add a dish' }));
    expect(screen.getByLabelText('Its name')).toHaveValue('New dish');
    expect(screen.getByRole('button', { name: 'Keep this dish' })).toBeEnabled();
    expect(screen.queryByRole('button', { name: 'Put it away' })).not.toBeInTheDocument();
  });
});

describe('an oven of the kitchen', () => {
  it('is measured by a thermometer', async () => {
    const user = userEvent.setup();
    const asked = kitchen();
    renderInKitchen(<Ovens />);
    fireEvent.change(await screen.findByLabelText('It reads, °C'), { target: { value: '171' } });
    expect(screen.getAllByText('9 °C cold')[0]).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Keep this oven' }));
    await waitFor(() => expect(sent(asked, 'PUT')?.body).toMatchObject({ offsetC: -9, knob: '10_c' }));
  });

  it('further off than one may be is not taken', async () => {
    kitchen();
    renderInKitchen(<Ovens />);
    fireEvent.change(await screen.findByLabelText('It reads, °C'), { target: { value: '280' } });
    expect(screen.getByRole('alert')).toHaveTextContent('wants repair');
    expect(screen.queryByText(/100 °C hot/)).not.toBeInTheDocument();
  });

  it('is measured by a pie that takes longer', async () => {
    const user = userEvent.setup();
    kitchen();
    renderInKitchen(<Ovens />);
    await user.click(await screen.findByRole('radio', { name: /A pie that takes longer/ }));
    await user.click(await screen.findByRole('button', { name: 'Work it out' }));
    expect(
      await screen.findByText(/An oven \d+ °C cold would do that/, undefined, { timeout: 15_000 }),
    ).toBeInTheDocument();
  });

  it('has its knob, its hot side and its places', async () => {
    const user = userEvent.setup();
    const asked = kitchen();
    renderInKitchen(<Ovens />);
    await user.click(await screen.findByRole('radio', { name: /gas marks/ }));
    await user.click(screen.getByRole('radio', { name: /Back/ }));
    await user.click(screen.getByRole('button', { name: 'Keep this oven' }));
    await waitFor(() =>
      expect(sent(asked, 'PUT')?.body).toMatchObject({ knob: 'gas', hotSide: 'back', places: 2 }),
    );
  });

  it.each([
    [0, 'metric', 'as its knob says'],
    [12.4, 'metric', '12 °C hot'],
    [-10, 'us', '18 °F cold'],
  ] as const)('off by %d in %s is said as %s', (offsetC, units, words) => {
    expect(offText(offsetC, units)).toBe(words);
  });
});
