import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { starterSpec } from '@mardle/core';
import { MemoryRouter } from 'react-router';
import { isChanged, useBench } from '../../state/bench.js';
import { layOnBench, renderInKitchen } from '../../test/kitchen.js';
import { standInServer } from '../../test/server.js';
import { BenchHead } from './BenchHead.js';

const hedgePlum = { id: 'own_hedge_plum', label: 'Hedge plum', like: 'plum', figures: { ph: 3.1 } };

it('saves what lies on the bench now, with the kitchen’s own fruit that it needs', async () => {
  const user = userEvent.setup();
  const asked = standInServer({
    'GET /api/pies/pie/versions': { body: [] },
    'GET /api/pies': { body: [] },
    'PUT /api/pies/pie': ({ body }) => ({
      body: { id: 'pie', version: 2, savedAt: '2026-01-01T00:00:00Z', ...(body as object) },
    }),
  });
  layOnBench();
  const pie = { id: 'pie', version: 1, savedAt: '2026-01-01T00:00:00Z', spec: starterSpec };
  const [part] = starterSpec.filling.fruits;
  useBench.getState().change((spec) => ({
    ...spec,
    filling: { ...spec.filling, fruits: [{ ...part!, fruit: hedgePlum.id }] },
  }));
  renderInKitchen(
    <MemoryRouter>
      <BenchHead
        pie={pie}
        name="Hedge plum pie"
        plan={null}
        baking={false}
        kitchen={{ fruits: [hedgePlum], thickeners: [] }}
      />
    </MemoryRouter>,
  );
  await user.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
  expect(asked.find(({ method }) => method === 'PUT')?.body).toMatchObject({
    spec: { ownFruits: [hedgePlum] },
  });
  await waitFor(() => expect(isChanged(useBench.getState())).toBe(false));
});
