import { makeWeighingList } from '@mardle/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { useDay } from '../../../state/day/day.js';
import { aDayFile, aSolvedDay, layNoDay } from '../../../test/day.js';
import { renderInKitchen } from '../../../test/kitchen.js';
import { standInServer } from '../../../test/server.js';
import { DayBuyList } from './DayBuyList.js';
import { tableOfBuying } from './outFiles.js';

/** The slips are added up in a worker, which jsdom has not: here on this thread. */
jest.mock('../../../shared/workers/day.js', () => ({
  weighInWorker: (wanted: Parameters<typeof makeWeighingList>[0]) =>
    Promise.resolve(makeWeighingList(wanted)),
}));

beforeEach(layNoDay);

function BuyListOfTheDay() {
  const { file } = useDay();
  return file && <DayBuyList file={file} />;
}

const show = async () => {
  useDay.setState({ file: aDayFile(), solved: aSolvedDay });
  renderInKitchen(
    <MemoryRouter>
      <BuyListOfTheDay />
    </MemoryRouter>,
  );
  await screen.findByRole('textbox', { name: 'A pack of Butter holds' });
  return userEvent.setup();
};
const rowOf = (label: string) => screen.getByRole('row', { name: new RegExp(`^${label}`) });

describe('what is to be bought', () => {
  it('is said in packs, with what it costs, as soon as somebody says how it is sold', async () => {
    const user = await show();
    expect(screen.getByRole('status')).toHaveTextContent('No prices yet');
    await user.type(screen.getByRole('textbox', { name: 'A pack of Butter holds' }), '250');
    await user.type(screen.getByRole('textbox', { name: 'A pack of Butter costs' }), '2,50');
    const butter = rowOf('Butter');
    expect(within(butter).getByText(/\d packs/)).toBeInTheDocument();
    const packs = Number(/(\d+) packs/.exec(butter.textContent ?? '')?.[1]);
    expect(within(butter).getByText((2.5 * packs).toFixed(2))).toBeInTheDocument();
    expect(screen.getByRole('status')).toHaveTextContent(`To pay now ${(2.5 * packs).toFixed(2)}`);
    expect(screen.getByRole('status')).toHaveTextContent(/Without a price: .*Damson/);
  });

  it('keeps with the kitchen how a thing is sold, once it is typed, and shows what the kitchen knows', async () => {
    const asked = standInServer({
      'GET /api/larder/own/sold': { body: [{ id: 'Damson', packG: 1000, packPrice: 3 }] },
      'PUT /api/larder/own/sold/Butter': ({ body }) => ({ body }),
    });
    const user = await show();
    await waitFor(() =>
      expect(screen.getByRole('textbox', { name: 'A pack of Damson costs' })).toHaveValue('3.00'),
    );
    await user.type(screen.getByRole('textbox', { name: 'A pack of Butter costs' }), '2,45');
    await waitFor(() => expect(asked.filter(({ method }) => method === 'PUT')).toHaveLength(1));
    expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({ id: 'Butter', packPrice: 2.45 });
    expect(screen.getByRole('textbox', { name: 'A pack of Butter costs' })).toHaveValue('2,45');
  });

  it('takes off what is there, typed as bakers type it, and plans nothing anew', async () => {
    const user = await show();
    const { solved } = useDay.getState();
    await user.type(screen.getByRole('textbox', { name: 'Butter that is there' }), '4 lb');
    expect(within(rowOf('Butter')).getByText('enough')).toBeInTheDocument();
    expect(useDay.getState().file?.buying?.items?.['Butter']?.haveG).toBeCloseTo(4 * 453.59, 0);
    expect(useDay.getState()).toMatchObject({ changed: false, solved });
  });

  it('says what it cannot read and keeps what it knew', async () => {
    const user = await show();
    const price = screen.getByRole('textbox', { name: 'A pack of Butter costs' });
    await user.type(price, '2.5');
    await user.clear(price);
    await user.type(price, 'two');
    expect(screen.getByText('A price, as 2.40')).toBeInTheDocument();
    expect(price).toHaveValue('two');
  });

  it('tells a slice, by as many as a pie is cut into', async () => {
    const user = await show();
    await user.type(screen.getByRole('textbox', { name: 'A pack of Damson holds' }), '1 kg');
    await user.type(screen.getByRole('textbox', { name: 'A pack of Damson costs' }), '4');
    const costs = (): number[] =>
      within(screen.getAllByRole('table')[1]!)
        .getAllByRole('cell')
        .slice(0, 2)
        .map((cell) => Number(cell.textContent?.replace('over ', '')));
    const [pie, slice] = costs();
    expect(slice).toBeCloseTo(pie! / 8, 1);
    const slices = screen.getByRole('textbox', { name: 'Slices of a pie' });
    await user.clear(slices);
    await user.type(slices, '4');
    expect(costs()[1]).toBeCloseTo(pie! / 4, 1);
  });

  it('packs and prices stay for the next day; what was there does not', () => {
    const file = aDayFile();
    useDay.setState({ file });
    useDay.getState().stock('Butter', { haveG: 300, packG: 250, packPrice: 2 });
    useDay.getState().cut(6);
    useDay.getState().clear();
    useDay.getState().begin(aDayFile());
    expect(useDay.getState().file?.buying).toEqual({
      slices: 6,
      items: { Butter: { haveG: null, packG: 250, packPrice: 2 } },
    });
  });

  it('goes out as a table, with nothing where nothing is known', async () => {
    const text = await tableOfBuying([
      {
        label: '=Butter',
        pieces: null,
        needsG: 940.4,
        haveG: null,
        missingG: 940.4,
        packG: 250,
        packs: 4,
        packPrice: 2.5,
        usesCost: 9.4,
        buysCost: 10,
      },
    ]);
    const [head, row] = text.split('\r\n');
    expect(head?.split(',')[0]).toBe('what');
    expect(row).toBe(`"'=Butter",,940,,940,250,4,2.5,10.00`);
  });
});
