import type { Day } from './day.js';
import { nightsBetween, nightWork, withNightsShut } from './night.js';
import { sampleDay } from './sample-day.js';

const berlin = { zero: '2026-09-19T00:00:00+02:00', timeZone: 'Europe/Berlin' };
const hour = 60;

/** Hands that come at four in the afternoon and go at six the next evening. */
const dayWith = (breaks: readonly (readonly [number, number])[]): Day => {
  const day = sampleDay(1, 2, { hands: 1 });
  const [lead] = day.kitchen.hands;
  if (!lead) throw new Error('nobody is there');
  const hands = [{ ...lead, from: -8 * hour, to: 18 * hour, breaks }];
  return { ...day, ...berlin, kitchen: { ...day.kitchen, hands } };
};
const breaksOf = (day: Day | null): unknown => day?.kitchen.hands[0]?.breaks;

describe('nights', () => {
  it('are from ten to five on the wall, cut where the span ends', () => {
    expect(nightsBetween(berlin, -8 * hour, 18 * hour)).toEqual([[-2 * hour, 5 * hour]]);
    expect(nightsBetween(berlin, 2 * hour + 7, 23 * hour)).toEqual([
      [127, 5 * hour],
      [22 * hour, 23 * hour],
    ]);
    expect(nightsBetween(berlin, 5 * hour, 22 * hour)).toEqual([]);
  });

  it('are an hour longer when clocks go back, shorter when they go on, and quarters off in Kathmandu', () => {
    const length = (zero: string, timeZone: string): number => {
      const [night] = nightsBetween({ zero, timeZone }, -8 * hour, 18 * hour);
      return night ? night[1] - night[0] : 0;
    };
    expect(length('2026-10-25T00:00:00+02:00', 'Europe/Berlin')).toBe(8 * hour);
    expect(length('2026-03-29T00:00:00+01:00', 'Europe/Berlin')).toBe(6 * hour);
    expect(nightsBetween({ zero: '2026-09-19T00:00:00+05:45', timeZone: 'Asia/Kathmandu' }, 0, 600)).toEqual([
      [0, 5 * hour],
    ]);
  });

  it('are shut beside the breaks that there are', () => {
    expect(breaksOf(withNightsShut(dayWith([])))).toEqual([[-2 * hour, 5 * hour]]);
    const away = [
      [-4 * hour, 2 * hour],
      [11 * hour, 12 * hour],
    ] as const;
    expect(breaksOf(withNightsShut(dayWith(away)))).toEqual([
      [-4 * hour, 5 * hour],
      [11 * hour, 12 * hour],
    ]);
  });

  it('are nothing to shut where all are away, or where they may be worked', () => {
    expect(withNightsShut(dayWith([[-3 * hour, 6 * hour]]))).toBeNull();
    expect(withNightsShut({ ...dayWith([]), nights: 'open' })).toBeNull();
  });

  it('tell who works in them, and how long', () => {
    const task = (start: number, end: number) =>
      ({ id: 'build:pie-1', kind: 'build', of: 'pie-1', start, end, hands: 'lead' }) as const;
    expect(nightWork(dayWith([]), { tasks: [task(-130, -110), task(290, 310)] })).toEqual([
      { hands: 'lead', from: -120, min: 20 },
    ]);
    expect(nightWork(dayWith([]), { tasks: [task(300, 320)] })).toEqual([]);
  });
});
