import type { LogEntry } from '@mardle/contract';
import { nothingTasted, nothingWeighed, readLog, starterSpec } from '@mardle/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { renderInKitchen } from '../../test/kitchen.js';
import { standInServer } from '../../test/server.js';
import { TastingForm } from './bake/TastingForm.js';
import { LearnedList } from '../../learned/LearnedList.js';
import { tableOfLog, textOfLog } from './outFiles.js';
import { faultWords, isGood } from '../../learned/words.js';

const oven = {
  kind: 'oven' as const,
  of: 'Corner oven',
  label: 'Corner oven: as if hotter than its knob by',
  unit: 'C' as const,
  builtIn: { value: 0, low: -23, high: 23 },
  learned: { value: 8.2, low: 5, high: 11 },
  used: 8,
  bakes: ['a', 'b'],
  split: [],
  seasons: [],
  words: 'Corner oven bakes as if it were 8 °C hotter than told, by 2 bakes.',
  odd: null,
};
/** The sums run in a worker, which jsdom has not. */
jest.mock('../../shared/workers/log.js', () => ({
  learnInWorker: () => Promise.resolve({ figures: [oven], unread: [] }),
  bakedInWorker: () => Promise.resolve(null),
  trendsInWorker: () => Promise.resolve([]),
  whyInWorker: () => new Promise(() => undefined),
}));

const entry: LogEntry = {
  id: 'a',
  pieId: 'p',
  pieVersion: 1,
  name: 'Damson',
  bakedAt: '2026-09-01T08:00:00.000Z',
  note: '',
  version: 0,
  photo: null,
  season: '2026',
  plan: starterSpec,
  stages: null,
  oven: 'Corner oven',
  weighed: nothingWeighed,
  weepDrainedG: null,
  saucer: null,
  events: [
    { kind: 'loaded', atMin: 0 },
    { kind: 'out', atMin: 50 },
    { kind: 'cut', atMin: 215 },
  ],
  readings: [],
  tasting: null,
};
const kept = (version: number, set: 'loose' | 'right') => ({
  body: { ...entry, version, tasting: { ...nothingTasted, set } },
});

describe('a slice in words', () => {
  it('good, not tasted, or what was wrong with it', () => {
    expect(faultWords(null)).toBe('not tasted');
    expect(faultWords({ ...nothingTasted, set: 'right', base: 'crisp' })).toBe('good');
    expect(faultWords({ ...nothingTasted, set: 'ran', base: 'soft', leak: 'leaked' })).toBe(
      'filling ran, base soft, rim: it leaked',
    );
    expect(isGood('sweetness', 'tart')).toBe(false);
    expect(isGood('sweetness', null)).toBe(true);
  });
});

describe('the log out', () => {
  const odd: LogEntry = { ...entry, note: '=1+1', tasting: { ...nothingTasted, set: 'loose' } };

  it('as a file that the reader of logs takes back', () => {
    const read = readLog(JSON.parse(textOfLog([odd])));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(read.log.bakes[0]).toMatchObject({ id: 'a', tasting: { set: 'loose' }, oven: 'Corner oven' });
  });

  it('as a table, in which a note is no sum', async () => {
    const { default: papa } = await import('papaparse');
    const { data } = papa.parse<Record<string, string>>(await tableOfLog([odd]), { header: true });
    expect(data[0]).toMatchObject({ pie: 'Damson', set: 'loose', 'out, min': '50', gap: '' });
    expect(data[0]?.['note']).toBe("'=1+1");
  });
});

describe('tasting by thumb', () => {
  it('keeps each tap on top of the last, the minutes cooled among them, and a second tap takes a word back', async () => {
    let version = 0;
    const asked = standInServer({
      'PUT /api/log/a/tasting': ({ body }) => kept(++version, (body as { set: 'loose' }).set),
    });
    renderInKitchen(<TastingForm entry={entry} />);
    const hand = userEvent.setup();
    await hand.click(screen.getByRole('button', { name: 'loose' }));
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]?.body).toEqual({ version: 0, set: 'loose', cooledMin: 165 });
    await screen.findByText('Kept.');
    await hand.click(screen.getByRole('button', { name: 'loose' }));
    await hand.click(screen.getByRole('button', { name: 'too tart' }));
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(asked[1]?.body).toEqual({ version: 1, sweetness: 'tart', cooledMin: 165 });
  });

  it('says when somebody else was quicker, and overwrites nothing', async () => {
    const document = {
      type: 't',
      title: 'Somebody else said something',
      status: 412,
      detail: 'This slice was written down elsewhere meanwhile; that is version 3.',
      remedy: 'Look at what was said. Nothing was overwritten.',
    };
    const asked = standInServer({ 'PUT /api/log/a/tasting': { status: 412, body: document } });
    renderInKitchen(<TastingForm entry={entry} />);
    await userEvent.setup().click(screen.getByRole('button', { name: 'gluey' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Nothing was overwritten');
    expect(asked).toHaveLength(1);
  });
});

describe('what the log teaches', () => {
  it('shows a figure with its band and words, and tells the kitchen its oven with one tap', async () => {
    const corner = {
      id: 'o',
      label: 'Corner oven',
      kind: 'still',
      offsetC: 0,
      warmUpMin: 20,
      places: 2,
      knob: '5_c',
      hotSide: 'none',
    };
    const asked = standInServer({
      'GET /api/log?page=1&size=100': { body: { bakes: [entry], total: 1, page: 1, size: 100 } },
      'GET /api/kitchen': { body: { id: 'k', name: 'K', dishes: [], ovens: [corner] } },
      'PUT /api/kitchen/ovens/o': { body: corner },
    });
    renderInKitchen(
      <MemoryRouter>
        <LearnedList />
      </MemoryRouter>,
    );
    expect(await screen.findByText(/8 °C hotter than told/)).toBeInTheDocument();
    expect(
      screen.getByRole('img', { name: /The book: −23 °C to \+23 °C. Learned: \+5 °C to \+11 °C/ }),
    ).toBeInTheDocument();
    await userEvent.setup().click(await screen.findByRole('button', { name: 'Use +8 °C' }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'PUT')?.body).toMatchObject({
        offsetC: 8,
        label: 'Corner oven',
      }),
    );
  });
});
