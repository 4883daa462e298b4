import { MINUTE_MS } from '../../units/index.js';
import type { Day, DayPlan, Worker } from './day.js';
import { instantAt } from './wall-time.js';

type Span = readonly [from: number, to: number];

/** When people sleep unless a day says otherwise, hours of the wall. Common practice, no source. */
export const nightHours = { from: 22, to: 5 } as const;

/** Zones of time differ by whole quarters of an hour. */
const STEP_MIN = 15;
/** Nobody's stay is looked at for longer, min: a fortnight. */
const MOST_MIN = 14 * 24 * 60;

/**
 * The nights between two minutes of a day, on the wall of its place.
 * @param day with zero and time zone
 * @param from minute of the day
 * @param to minute of the day
 * @returns spans in minutes of the day, cut at both ends
 * @example nightsBetween(day, 0, 1440)
 */
export function nightsBetween(day: Pick<Day, 'zero' | 'timeZone'>, from: number, to: number): Span[] {
  const hours = new Intl.DateTimeFormat('en-GB', {
    timeZone: day.timeZone,
    hour: '2-digit',
    hourCycle: 'h23',
  });
  const isNight = (minute: number): boolean => {
    const hour = Number(hours.format(instantAt(day, minute)));
    return hour >= nightHours.from || hour < nightHours.to;
  };
  const quarter = Math.floor(instantAt(day, from) / MINUTE_MS / STEP_MIN) * STEP_MIN;
  const first = quarter - instantAt(day, 0) / MINUTE_MS;
  const nights: [number, number][] = [];
  for (let at = first; at < Math.min(to, from + MOST_MIN); at += STEP_MIN) {
    if (!isNight(at)) continue;
    const last = nights.at(-1);
    const end = Math.min(at + STEP_MIN, to);
    if (last?.[1] === at) last[1] = end;
    else nights.push([Math.max(at, from), end]);
  }
  return nights;
}

/** Spans in their order, those that touch as one. */
function joinSpans(spans: readonly Span[]): Span[] {
  const joined: [number, number][] = [];
  for (const [from, to] of [...spans].sort((a, b) => a[0] - b[0])) {
    const last = joined.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else joined.push([from, to]);
  }
  return joined;
}

function asleep(day: Day, worker: Worker): Worker {
  const open = nightsBetween(day, worker.from, worker.to).filter(
    ([from, to]) => !worker.breaks.some((away) => away[0] <= from && to <= away[1]),
  );
  return open.length === 0 ? worker : { ...worker, breaks: joinSpans([...worker.breaks, ...open]) };
}

/**
 * The same day with everybody asleep at night.
 * @param day worked out
 * @returns null when nobody was to work at night, or the day says that nights may be worked
 * @example withNightsShut(day)?.kitchen.hands[0].breaks
 */
export function withNightsShut(day: Day): Day | null {
  if (day.nights === 'open') return null;
  const hands = day.kitchen.hands.map((worker) => asleep(day, worker));
  if (hands.every((worker, i) => worker === day.kitchen.hands[i])) return null;
  return { ...day, kitchen: { ...day.kitchen, hands } };
}

/** Work of somebody at night: from when, min of the day, and how long in all, min. */
export interface NightWork {
  readonly hands: string;
  readonly from: number;
  readonly min: number;
}

/**
 * Who works at night by a plan.
 * @param day worked out
 * @param plan of it
 * @returns one for each who does, in the order of the kitchen; empty when all sleep
 * @example nightWork(day, plan)
 */
export function nightWork(day: Day, { tasks }: Pick<DayPlan, 'tasks'>): NightWork[] {
  const starts = tasks.map(({ start }) => start);
  const nights = nightsBetween(day, Math.min(...starts), Math.max(...tasks.map(({ end }) => end)));
  return day.kitchen.hands.flatMap(({ id }): NightWork[] => {
    const spans = tasks
      .filter(({ hands }) => hands === id)
      .flatMap(({ start, end }) =>
        nights.map(([from, to]): Span => [Math.max(from, start), Math.min(to, end)]),
      )
      .filter(([from, to]) => to > from);
    if (spans.length === 0) return [];
    return [
      {
        hands: id,
        from: Math.min(...spans.map(([from]) => from)),
        min: spans.reduce((sum, [from, to]) => sum + to - from, 0),
      },
    ];
  });
}
