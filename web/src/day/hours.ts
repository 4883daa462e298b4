import type { Day } from '@mardle/core';

/** The instant of a day and an hour as the clocks of this place have them, ISO 8601 with its offset. */
export function instantAt(date: string, hour: string): string {
  const local = new Date(`${date}T${hour}:00`);
  const offsetMin = -local.getTimezoneOffset();
  const two = (value: number): string => String(Math.floor(Math.abs(value))).padStart(2, '0');
  const sign = offsetMin < 0 ? '-' : '+';
  return `${date}T${hour}:00${sign}${two(offsetMin / 60)}:${two(offsetMin % 60)}`;
}

const MINUTE_MS = 60_000;

/** Date and hour of what a file says, in the clocks of this place. */
export function hourOf(zero: string, at: string | number): { readonly date: string; readonly hour: string } {
  const ms = typeof at === 'number' ? Date.parse(zero) + at * MINUTE_MS : Date.parse(at);
  const local = new Date(ms);
  const two = (value: number): string => String(value).padStart(2, '0');
  return {
    date: `${local.getFullYear()}-${two(local.getMonth() + 1)}-${two(local.getDate())}`,
    hour: `${two(local.getHours())}:${two(local.getMinutes())}`,
  };
}

/** Marks of the line of time: each whole hour between two minutes. */
export function hourMarks({ zero }: Pick<Day, 'zero'>, from: number, to: number): number[] {
  const zeroMin = Date.parse(zero) / MINUTE_MS;
  const marks: number[] = [];
  for (let at = Math.ceil((zeroMin + from) / 60) * 60 - zeroMin; at <= to; at += 60) marks.push(at);
  return marks;
}
