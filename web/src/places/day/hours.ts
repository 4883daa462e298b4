import { MINUTE_MS } from '@mardle/core';
import type { Day } from '@mardle/core';

interface OnTheWall {
  readonly date: string;
  readonly hour: string;
}

/** Date and hour that a wall in a time zone shows at an instant. */
function onTheWall(ms: number, timeZone: string): OnTheWall {
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(ms);
  const part = (type: string): string => parts.find((one) => one.type === type)?.value ?? '';
  return {
    date: `${part('year')}-${part('month')}-${part('day')}`,
    hour: `${part('hour')}:${part('minute')}`,
  };
}

const asIfUtc = ({ date, hour }: OnTheWall): number => Date.parse(`${date}T${hour}:00Z`);

/** How far a zone is ahead of UTC at an instant, min. */
const aheadMin = (ms: number, timeZone: string): number => {
  const whole = Math.floor(ms / MINUTE_MS) * MINUTE_MS;
  return (asIfUtc(onTheWall(whole, timeZone)) - whole) / MINUTE_MS;
};

/** The instant at which a wall in a time zone shows a date and hour, ISO 8601 with its offset. */
export function instantFrom(date: string, hour: string, timeZone: string): string {
  const wall = asIfUtc({ date, hour });
  const near = aheadMin(wall, timeZone);
  const offsetMin = aheadMin(wall - near * MINUTE_MS, timeZone);
  const two = (value: number): string => String(Math.floor(Math.abs(value))).padStart(2, '0');
  return `${date}T${hour}:00${offsetMin < 0 ? '-' : '+'}${two(offsetMin / 60)}:${two(offsetMin % 60)}`;
}

/** Where a day's times are counted from, and in which zone they are told. */
type Clock = Pick<Day, 'zero' | 'timeZone'>;

/** The instant of what the file of a day says, ms. */
const toMs = ({ zero }: Pick<Clock, 'zero'>, at: string | number): number =>
  typeof at === 'number' ? Date.parse(zero) + at * MINUTE_MS : Date.parse(at);

/** The minute of the day of that. */
export const toDayMinute = (clock: Pick<Clock, 'zero'>, at: string | number): number =>
  (toMs(clock, at) - toMs(clock, 0)) / MINUTE_MS;

/** Date and hour of that, on the wall of its own place. */
export const toHour = (clock: Clock, at: string | number): OnTheWall =>
  onTheWall(toMs(clock, at), clock.timeZone);

/** Marks of the line of time: each whole hour between two minutes. */
export function hourMarks({ zero }: Pick<Day, 'zero'>, from: number, to: number): number[] {
  const zeroMin = Date.parse(zero) / MINUTE_MS;
  const marks: number[] = [];
  for (let at = Math.ceil((zeroMin + from) / 60) * 60 - zeroMin; at <= to; at += 60) marks.push(at);
  return marks;
}
