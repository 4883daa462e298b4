import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface Ticks {
  /** Lines of slips that were weighed, as `pie id/line id`. */
  readonly ticked: readonly string[];
  toggle(key: string): void;
  clear(pieId: string): void;
}

export const useTicks = create<Ticks>()(
  persist(
    (set) => ({
      ticked: [],
      toggle: (key) =>
        set(({ ticked }) => ({
          ticked: ticked.includes(key) ? ticked.filter((other) => other !== key) : [...ticked, key],
        })),
      clear: (pieId) =>
        set(({ ticked }) => ({ ticked: ticked.filter((key) => !key.startsWith(`${pieId}/`)) })),
    }),
    { name: 'mardle.ticks' },
  ),
);
