import type { ProblemDocument } from '@mardle/contract';
import type { BakeEvent, BakeEventKind } from '@mardle/core';
import { create } from 'zustand';

/** A tap on a running bake that the server has not confirmed yet. */
export interface Waiting {
  readonly bakeId: string;
  readonly event: BakeEvent;
  /** Why the server refused it; it holds up no other. */
  readonly refused?: ProblemDocument;
}

interface Outbox {
  readonly waiting: readonly Waiting[];
  readonly refused: readonly Waiting[];
  write(bakeId: string, kind: BakeEventKind, more?: Partial<Pick<BakeEvent, 'minutes' | 'undoes'>>): void;
  arrived(ids: readonly string[]): void;
  setAside(id: string, problem: ProblemDocument): void;
}

/** Each tap has a place of its own, so that two tabs never write over each other's. */
const PLACE = 'mardle.tap.';
const placeOf = (id: string): string => `${PLACE}${id}`;
/** Where all taps stood in one list. */
const FORMER_PLACE = 'mardle.outbox';

function read(text: string | null): Waiting | null {
  try {
    const row = JSON.parse(text ?? 'null') as Waiting | null;
    return row && typeof row.bakeId === 'string' && typeof row.event?.id === 'string' ? row : null;
  } catch {
    return null;
  }
}

/** All taps of this browser, in the order in which they were made. */
function taps(): { readonly waiting: readonly Waiting[]; readonly refused: readonly Waiting[] } {
  const rows = Object.keys(localStorage)
    .filter((key) => key.startsWith(PLACE))
    .flatMap((key) => read(localStorage.getItem(key)) ?? [])
    .sort((a, b) => a.event.at.localeCompare(b.event.at) || a.event.id.localeCompare(b.event.id));
  return { waiting: rows.filter(({ refused }) => !refused), refused: rows.filter(({ refused }) => refused) };
}

const keep = (row: Waiting): void => localStorage.setItem(placeOf(row.event.id), JSON.stringify(row));

/** Taps that an earlier Mardle kept in one list. */
function takeOver(): void {
  const former = localStorage.getItem(FORMER_PLACE);
  if (former === null) return;
  try {
    const { state } = JSON.parse(former) as { state?: { waiting?: Waiting[] } };
    state?.waiting?.forEach(keep);
  } finally {
    localStorage.removeItem(FORMER_PLACE);
  }
}

/** The last moment given out: two taps in one millisecond keep their order. */
let lastMs = 0;
const nextMoment = (): string => {
  lastMs = Math.max(lastMs + 1, Date.now());
  return new Date(lastMs).toISOString();
};

/** Taps that wait to be sent; they survive a reload and an offline tablet, and every tab sees all of them. */
export const useOutbox = create<Outbox>()((set) => ({
  ...taps(),
  write: (bakeId, kind, more = {}) => {
    keep({ bakeId, event: { id: crypto.randomUUID(), kind, at: nextMoment(), ...more } });
    set(taps());
  },
  arrived: (ids) => {
    ids.forEach((id) => localStorage.removeItem(placeOf(id)));
    set(taps());
  },
  setAside: (id, refused) => {
    const row = read(localStorage.getItem(placeOf(id)));
    if (row) keep({ ...row, refused });
    set(taps());
  },
}));

takeOver();
useOutbox.setState(taps());
window.addEventListener('storage', ({ key }) => {
  if (key === null || key.startsWith(PLACE)) useOutbox.setState(taps());
});
