import { readDay, starterSpec } from '@mardle/core';
import type { DayFile } from '../../state/day/dayFile.js';
import { toHour, instantFrom } from './hours.js';
import { daysOn, shiftDay } from './shiftDay.js';

const timeZone = 'Europe/Berlin';
const at = (date: string, hour: string): string => instantFrom(date, hour, timeZone);

/** A Saturday whose work begins on Friday: all kinds of times that a file can have. */
const saturday: DayFile = {
  format: 'mardle-day',
  version: 1,
  name: 'Stall',
  zero: at('2026-10-17', '00:00'),
  timeZone,
  earliest: at('2026-10-16', '16:00'),
  kitchen: {
    hands: [
      {
        id: 'lead',
        from: -480,
        to: at('2026-10-17', '19:00'),
        breaks: [[at('2026-10-16', '20:00'), at('2026-10-17', '02:00')]],
      },
    ],
    ovens: [{ id: 'Long oven', kind: 'still', warmUpMin: 20, places: 4 }],
    dishes: { [starterSpec.dish.label]: 2 },
  },
  pies: [{ id: 'pie-1', count: 1, ready: { at: at('2026-10-17', '09:00'), as: 'cold' }, pie: starterSpec }],
};

const onWall = (file: DayFile, when: string | number): string => Object.values(toHour(file, when)).join(' ');

describe('a day on another date', () => {
  it('counts days on across months and years', () => {
    expect(daysOn('2026-12-31', 1)).toBe('2027-01-01');
    expect(daysOn('2028-03-01', -1)).toBe('2028-02-29');
  });

  it('keeps every hour on the wall, also on the weekend on which clocks go back', () => {
    const later = shiftDay(saturday, '2026-10-25');
    const [lead] = later.kitchen.hands;
    expect(onWall(later, later.zero)).toBe('2026-10-25 00:00');
    expect(onWall(later, later.earliest ?? 0)).toBe('2026-10-24 16:00');
    expect(onWall(later, lead?.from ?? 0)).toBe('2026-10-24 16:00');
    expect(onWall(later, lead?.to ?? 0)).toBe('2026-10-25 19:00');
    expect(lead?.breaks?.[0]?.map((when) => onWall(later, when))).toEqual([
      '2026-10-24 20:00',
      '2026-10-25 02:00',
    ]);
    expect(onWall(later, later.pies[0]?.ready.at ?? 0)).toBe('2026-10-25 09:00');
    // The night is an hour longer: nine o'clock lies ten hours after midnight.
    const read = readDay(later);
    expect(read.ok && read.asked.pies[0]?.ready.at).toBe(600);
  });

  it('comes back to what it was', () => {
    const back = shiftDay(shiftDay(saturday, '2027-04-03'), '2026-10-17');
    expect(readDay(back)).toEqual(readDay(saturday));
  });

  it('has an hour that no wall shows on the next one that it does', () => {
    const { kitchen, ...spring } = shiftDay(saturday, '2027-03-28');
    const night = kitchen.hands[0]?.breaks?.[0] ?? [0, 0];
    expect(onWall({ kitchen, ...spring }, night[1])).toBe('2027-03-28 03:00');
  });
});
