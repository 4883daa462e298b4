import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MantineProvider } from '@mantine/core';
import { starterSpec } from '@mardle/core';
import { ErrorBoundary } from 'react-error-boundary';
import { MemoryRouter, Route, Routes } from 'react-router';
import { keepDraft, keptDraft } from '../state/drafts.js';
import { Unreadable } from './Unreadable.js';

function Broken(): never {
  throw new Error('no fruit by that name');
}

function open(path: string): void {
  const broken = (
    <ErrorBoundary FallbackComponent={Unreadable}>
      <Broken />
    </ErrorBoundary>
  );
  render(
    <MantineProvider>
      <MemoryRouter initialEntries={[path]}>
        <Routes>
          <Route path="/pies/:pieId" element={broken} />
          <Route path="/pies" element={<h1>All pies</h1>} />
        </Routes>
      </MemoryRouter>
    </MantineProvider>,
  );
}

describe('a pie that cannot be shown', () => {
  beforeEach(() => {
    localStorage.clear();
    // React writes what it caught to the console.
    jest.spyOn(console, 'error').mockImplementation(() => undefined);
  });
  afterEach(() => jest.restoreAllMocks());

  it('says what it stumbled over, and leads back to the pies', async () => {
    open('/pies/p1');
    expect(screen.getByRole('alert')).toHaveTextContent('no fruit by that name');
    expect(screen.queryByText(/unsaved changes/i)).toBeNull();
    await userEvent.setup().click(screen.getByRole('link', { name: 'To the pies' }));
    expect(screen.getByRole('heading', { name: 'All pies' })).toBeInTheDocument();
  });

  it('gives unsaved changes out as a file before it lays them aside', async () => {
    keepDraft('p1', { basedOn: 1, spec: starterSpec });
    open('/pies/p1');
    const file = screen.getByRole('link', { name: /as a file/ }).getAttribute('href') ?? '';
    expect(JSON.parse(decodeURIComponent(file.split(',').slice(1).join(',')))).toEqual(starterSpec);
    await userEvent.setup().click(screen.getByRole('button', { name: 'Open it as it was saved' }));
    expect(keptDraft('p1')).toBeNull();
  });
});
