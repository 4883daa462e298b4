import { finishNow } from '../units/index.js';
import type { Day } from '../scheduler/index.js';
import { readDay, buildDayProblem } from '../scheduler/index.js';

interface SmallDay {
  readonly pies: readonly object[];
  readonly dishes: Readonly<Record<string, number>>;
  readonly ovens?: readonly object[];
  readonly freezer?: unknown;
}

/** A day's file: one pair of hands, one oven of two places where nothing else is said. */
export const smallDay = ({ pies, dishes, ovens, freezer }: SmallDay): unknown => ({
  format: 'mardle-day',
  version: 1,
  zero: '2026-09-12T03:00:00+02:00',
  kitchen: {
    hands: [{ id: 'lead', from: 0, to: 900 }],
    ovens: ovens ?? [{ id: 'Oven', warmUpMin: 20, places: 2 }],
    dishes,
  },
  pies,
  freezer,
});

/** A file worked out; throws what is wrong with it. */
export function workedDay(file: unknown): Day {
  const read = readDay(file);
  const out = read.ok ? finishNow(buildDayProblem(read.asked)) : read;
  if (!out.ok) throw new Error(out.problems.map(({ message, remedy }) => `${message} ${remedy}`).join(' '));
  return out.day;
}
