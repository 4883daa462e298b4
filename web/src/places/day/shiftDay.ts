import type { DayFile } from '../../state/day/dayFile.js';
import { toHour, instantFrom } from './hours.js';

const DAY_MS = 86_400_000;
const midnight = (date: string): number => Date.parse(`${date}T00:00:00Z`);

/** A date so many days on. */
export const daysOn = (date: string, days: number): string =>
  new Date(midnight(date) + days * DAY_MS).toISOString().slice(0, 10);

/** The same day on another date: every hour stays what the wall shows, also where clocks change between the two. */
export function shiftDay(file: DayFile, date: string): DayFile {
  const days = Math.round((midnight(date) - midnight(toHour(file, 0).date)) / DAY_MS);
  const onWall = (at: string | number): string => {
    const then = toHour(file, at);
    return instantFrom(daysOn(then.date, days), then.hour, file.timeZone);
  };
  return {
    ...file,
    zero: onWall(0),
    ...(file.earliest !== undefined && { earliest: onWall(file.earliest) }),
    kitchen: {
      ...file.kitchen,
      hands: file.kitchen.hands.map((hand) => ({
        ...hand,
        from: onWall(hand.from),
        to: onWall(hand.to),
        ...(hand.breaks && { breaks: hand.breaks.map(([from, to]) => [onWall(from), onWall(to)] as const) }),
      })),
    },
    pies: file.pies.map((pie) => ({ ...pie, ready: { ...pie.ready, at: onWall(pie.ready.at) } })),
  };
}
