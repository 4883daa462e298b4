import type { PieSpec } from '@mardle/core';
import { isSame } from '../../shared/isSame.js';

type Plain = Readonly<Record<string, unknown>>;

const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What somebody has now, with all that a change brought taken back where they have not touched it since. */
function takenBack(before: unknown, brought: unknown, now: unknown): unknown {
  if (isSame(brought, now)) return before;
  if (!isPlain(before) || !isPlain(brought) || !isPlain(now)) return now;
  const keys = new Set([...Object.keys(before), ...Object.keys(brought), ...Object.keys(now)]);
  return Object.fromEntries(
    [...keys].flatMap((key) => {
      const value = takenBack(before[key], brought[key], now[key]);
      return value === undefined ? [] : [[key, value]];
    }),
  );
}

/** A form that is tried: the pie before, and as the form made it. */
interface Trial {
  readonly before: PieSpec;
  readonly brought: PieSpec;
}

const trials = new Map<string, Trial>();

/**
 * The pie that another form is taken up from: as it was before the one being tried brought its own things, with what was
 * changed since.
 */
export function beforeTrial(pieId: string, now: PieSpec): PieSpec {
  const trial = trials.get(pieId);
  return trial?.brought.form.kind === now.form.kind
    ? (takenBack(trial.before, trial.brought, now) as PieSpec)
    : now;
}

/** Keeps what a form brought, as long as the page is open. */
export const keepTrial = (pieId: string, before: PieSpec, brought: PieSpec): void =>
  void trials.set(pieId, { before, brought });
