import { openSpotlight } from '@mantine/spotlight';
import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import fetchMock from 'fetch-mock';
import { MemoryRouter } from 'react-router';
import { renderInKitchen } from '../test/kitchen.js';
import { FindAnything } from './FindAnything.js';

const loganberry = { id: 'a', name: 'Loganberry', fruits: 'Loganberry', oven: '' };
const answered = { pies: [loganberry], total: 1, page: 1, size: 7 };

describe('what is found', () => {
  it('waits for the pies that there are before Enter could begin another of that fruit', async () => {
    let answer: (body: object) => void = () => undefined;
    const later = new Promise<object>((resolve) => (answer = resolve));
    fetchMock.hardReset();
    Object.assign(fetchMock.config, { allowRelativeUrls: true, fallbackToNetwork: false });
    fetchMock.mockGlobal().route('*', later);
    renderInKitchen(
      <MemoryRouter>
        <FindAnything />
      </MemoryRouter>,
    );
    act(() => openSpotlight());
    const user = userEvent.setup();
    await user.type(await screen.findByLabelText('What to find'), 'loganb');
    // They have been asked for by these letters, and have not come.
    const asked = (): string[] => fetchMock.callHistory.calls().map(({ url }) => url);
    await waitFor(() => expect(asked().some((url) => url.includes('find=loganb'))).toBe(true));
    expect(screen.getByText('Looking …')).toBeVisible();
    await user.keyboard('{Enter}');
    expect(screen.queryByText('New pie of')).toBeNull();
    const methods = fetchMock.callHistory
      .calls()
      .map(({ options }) => (options.method ?? 'get').toUpperCase());
    expect(new Set(methods)).toEqual(new Set(['GET']));
    act(() => answer({ status: 200, body: answered }));
    await waitFor(() => expect(document.querySelectorAll('[data-action]').length).toBe(2));
    expect(document.querySelector('[data-action]')?.textContent).toContain('Loganberry');
  });
});
