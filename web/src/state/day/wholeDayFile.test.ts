import { aDayFile } from '../../test/day.js';
import type { DayFile } from './dayFile.js';
import { wholeDayFile } from './wholeDayFile.js';

const asWritten = (pies: readonly object[], left: object = {}): DayFile =>
  ({ ...aDayFile(), ...left, pies }) as unknown as DayFile;

describe('a file of a day that leaves things out', () => {
  const [one] = aDayFile().pies;
  if (!one) throw new Error('the day has no pie');
  const { count: _, ...uncounted } = one;

  it('is told whole: one of each, by the clock of the file', () => {
    const { pies, timeZone } = wholeDayFile(asWritten([uncounted], { timeZone: undefined }));
    expect(pies.map(({ count }) => count)).toEqual([1]);
    expect(timeZone).toBe('UTC');
  });

  it('keeps as what a pie is wanted: warm stays warm, and what is not said is cold', () => {
    const ready = (as?: string): object => ({ at: one.ready.at, ...(as && { as }) });
    const { pies } = wholeDayFile(
      asWritten([
        { ...uncounted, ready: ready('warm') },
        { ...one, id: 'other', ready: ready() },
      ]),
    );
    expect(pies.map((pie) => pie.ready.as)).toEqual(['warm', 'cold']);
  });

  it('is the same file where all is said, and where it cannot be read', () => {
    const said = aDayFile();
    expect(wholeDayFile(said)).toBe(said);
    const unreadable = asWritten([{ ...uncounted, pie: 7 }]);
    expect(wholeDayFile(unreadable)).toBe(unreadable);
  });
});
