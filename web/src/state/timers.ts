import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface Timers {
  /** When a timer was started, ms since 1970, by name. Kept in the browser: a reload does not stop it. */
  readonly started: Readonly<Record<string, number>>;
  start(name: string): void;
  stop(name: string): void;
}

export const useTimers = create<Timers>()(
  persist(
    (set) => ({
      started: {},
      start: (name) => set(({ started }) => ({ started: { ...started, [name]: Date.now() } })),
      stop: (name) =>
        set(({ started }) => ({
          started: Object.fromEntries(Object.entries(started).filter(([key]) => key !== name)),
        })),
    }),
    { name: 'mardle.timers' },
  ),
);
