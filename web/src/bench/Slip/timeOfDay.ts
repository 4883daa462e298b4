const DAY_MIN = 24 * 60;

/** A time of day some minutes after another, HH:MM, with the days that passed: 02:10 (+1). */
export function timeOfDay(from: string, laterMin: number): string {
  const [hours = 0, minutes = 0] = from.split(':').map(Number);
  const total = hours * 60 + minutes + Math.round(laterMin);
  const days = Math.floor(total / DAY_MIN);
  const inDay = ((total % DAY_MIN) + DAY_MIN) % DAY_MIN;
  const text = `${String(Math.floor(inDay / 60)).padStart(2, '0')}:${String(inDay % 60).padStart(2, '0')}`;
  return days > 0 ? `${text} (+${days})` : text;
}

/** The time of day now, HH:MM. */
export const timeNow = (now = new Date()): string =>
  `${String(now.getHours()).padStart(2, '0')}:${String(now.getMinutes()).padStart(2, '0')}`;

/** A time as typed (7, 7:30, 0730) as HH:MM; null when it is none. */
export function readTime(text: string): string | null {
  const match = /^\s*(\d{1,2})(?:[:.]?(\d{2}))?\s*$/.exec(text);
  const hours = Number(match?.[1]);
  const minutes = Number(match?.[2] ?? 0);
  if (!match || hours > 23 || minutes > 59) return null;
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}
