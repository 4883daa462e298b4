import type { BakeEvent, BakeEventKind } from '@mardle/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface Waiting {
  readonly bakeId: string;
  readonly event: BakeEvent;
}

interface Outbox {
  readonly waiting: readonly Waiting[];
  write(bakeId: string, kind: BakeEventKind, more?: Partial<Pick<BakeEvent, 'minutes' | 'undoes'>>): void;
  arrived(ids: readonly string[]): void;
}

/** Taps on running bakes that the server has not confirmed yet; they survive a reload and an offline tablet. */
export const useOutbox = create<Outbox>()(
  persist(
    (set) => ({
      waiting: [],
      write: (bakeId, kind, more = {}) =>
        set(({ waiting }) => ({
          waiting: [
            ...waiting,
            { bakeId, event: { id: crypto.randomUUID(), kind, at: new Date().toISOString(), ...more } },
          ],
        })),
      arrived: (ids) =>
        set(({ waiting }) => ({ waiting: waiting.filter(({ event }) => !ids.includes(event.id)) })),
    }),
    { name: 'mardle.outbox' },
  ),
);
