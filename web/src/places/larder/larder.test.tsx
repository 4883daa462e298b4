import { builtInFruits } from '@mardle/core';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { renderInKitchen } from '../../test/kitchen.js';
import { standInServer } from '../../test/server.js';
import { AddFruit } from './AddFruit.js';
import { FruitFigures } from './FruitFigures.js';
import { Shelves } from './Shelves.js';

const damson = builtInFruits.get('damson')!;

describe('the figures of a fruit', () => {
  it('stand with spread and source, and its cautions', () => {
    renderInKitchen(<FruitFigures fruit={damson} own={null} />);
    expect(screen.getByText(/Take out every stone/)).toBeInTheDocument();
    expect(
      screen.getByRole('row', { name: /Acid .* 2\.2 %.*±25 %.*composition tables/ }),
    ).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Keep these figures' })).toBeDisabled();
  });

  it('are kept whole when right', async () => {
    const user = userEvent.setup();
    const asked = standInServer({
      'PUT /api/larder/fruits/damson': ({ body }) => ({ body }),
      'GET /api/larder/fruits': { body: [] },
    });
    renderInKitchen(<FruitFigures fruit={damson} own={null} />);
    fireEvent.change(screen.getByLabelText('Juice that comes free, ripe, this kitchen’s'), {
      target: { value: '0.62' },
    });
    await user.click(screen.getByRole('button', { name: 'Keep these figures' }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({
        id: 'damson',
        label: 'Damson',
        like: 'damson',
        figures: { releaseRipe: 0.62 },
      }),
    );
  });

  it('are refused, with the reason, when sums could not stand on them', () => {
    renderInKitchen(<FruitFigures fruit={damson} own={null} />);
    fireEvent.change(screen.getByLabelText('Juice that comes free, firm, this kitchen’s'), {
      target: { value: '0.9' },
    });
    expect(screen.getByRole('alert')).toHaveTextContent('Firm fruit would give more juice than ripe fruit');
    expect(screen.getByRole('button', { name: 'Keep these figures' })).toBeDisabled();
  });

  it('go back to built-in', async () => {
    const user = userEvent.setup();
    const asked = standInServer({
      'DELETE /api/larder/fruits/damson': { status: 204 },
      'GET /api/larder/fruits': { body: [] },
    });
    const own = { id: 'damson', label: 'Damson', like: 'damson', figures: { ph: 3.1 } };
    renderInKitchen(<FruitFigures fruit={damson} own={own} />);
    await user.click(screen.getByRole('button', { name: 'Back to built-in' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'DELETE')).toBe(true));
  });
});

describe('a new fruit', () => {
  it('has a name and an id of its own and begins from a similar one', async () => {
    const user = userEvent.setup();
    const added = jest.fn();
    const asked = standInServer({});
    Object.assign(crypto, { randomUUID: () => 'abcdef12-0000-4000-8000-000000000000' });
    const log = standInServer({ 'PUT /api/larder/fruits/own_hedge_plum_abcdef': ({ body }) => ({ body }) });
    renderInKitchen(<AddFruit onClose={() => undefined} onAdded={added} />);
    const add = await screen.findByRole('button', { name: 'Add it' });
    expect(add).toBeDisabled();
    await user.type(screen.getByLabelText('Its name'), 'Hedge plum');
    await user.click(add);
    await waitFor(() => expect(added).toHaveBeenCalledWith('own_hedge_plum_abcdef'));
    expect(log[0]?.body).toMatchObject({ label: 'Hedge plum', like: 'damson', figures: {} });
    expect(asked).toEqual([]);
  });
});

describe('the other shelves', () => {
  it('show thickeners and sugars as they are reckoned with', () => {
    renderInKitchen(
      <>
        <Shelves shelf="thickeners" />
        <Shelves shelf="sugars" />
      </>,
    );
    expect(screen.getByRole('row', { name: /Plain flour 0\.50 64\s°C/ })).toBeInTheDocument();
    expect(screen.getByRole('row', { name: /Gelatine .* does not swell/ })).toBeInTheDocument();
    expect(screen.getByRole('row', { name: /Maple syrup 0\.65 67 % 33 % 315\sg/ })).toBeInTheDocument();
  });
});
