import type { Day } from './day.js';
import { MINUTE_MS } from '../../units/index.js';

/**
 * The instant of a minute of the day. Durations are absolute: a night in which clocks change has an hour more or less on the
 * wall, and none more or less in the oven.
 * @param day whose zero is counted from
 * @param minute from zero
 * @returns ms since 1970
 * @example instantAt(day, 0)
 */
export const instantAt = ({ zero }: Pick<Day, 'zero'>, minute: number): number =>
  Date.parse(zero) + minute * MINUTE_MS;

/**
 * The hour that the wall shows then.
 * @param day with zero and time zone
 * @param minute from zero
 * @returns day of the week and hour
 * @example wallTime(day, 240)
 */
export function wallTime(day: Pick<Day, 'zero' | 'timeZone'>, minute: number): string {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: day.timeZone,
    weekday: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(instantAt(day, minute));
  const part = (type: string): string => parts.find((one) => one.type === type)?.value ?? '';
  return `${part('weekday')} ${part('hour')}:${part('minute')}`;
}
