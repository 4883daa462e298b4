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

/**
 * On which day a first touch is meant: today, or the date of tomorrow where its hour has passed today.
 * @param at HH:MM
 */
export function dayOfTouch(at: string, now: Date): { readonly words: string; readonly passed: boolean } {
  const passed = at < timeNow(now);
  if (!passed) return { words: 'today', passed };
  const next = new Date(now);
  next.setDate(next.getDate() + 1);
  const date = next.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
  return { words: date, passed };
}

/** The time of day now, HH:MM. */
export const timeNow = (now = new Date()): string =>
  `${String(now.getHours()).padStart(2, '0')}:${String(now.getMinutes()).padStart(2, '0')}`;

const NAMED: Readonly<Record<string, string>> = { noon: '12:00', midday: '12:00', midnight: '00:00' };

/** The hour of the day by half of it: 12 am is midnight, 12 pm is noon. */
function clockHour(hours: number, half: string | undefined): number {
  if (half === undefined) return hours;
  if (hours < 1 || hours > 12) return NaN;
  return (hours % 12) + (half.startsWith('p') ? 12 : 0);
}

/** A time as typed (7, 7:30, 0730, 4pm, 4.30 p.m., noon) as HH:MM; null when it is none. */
export function readTime(text: string): string | null {
  const plain = text.trim().toLowerCase();
  const named = NAMED[plain];
  if (named !== undefined) return named;
  const match = /^(\d{1,2})(?:[:.]?(\d{2}))?\s*(?:([ap])\.?m\.?|h|o['’]?clock)?$/.exec(plain);
  const hours = clockHour(Number(match?.[1]), match?.[3]);
  const minutes = Number(match?.[2] ?? 0);
  if (!match || !(hours >= 0 && hours <= 23) || minutes > 59) return null;
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}
