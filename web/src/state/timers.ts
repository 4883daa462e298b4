import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** A kitchen timer that runs. */
export interface RunningTimer {
  readonly startedMs: number;
  readonly minutes: number;
  /** What to do when it is over. */
  readonly label: string;
  /** The page that it belongs to. */
  readonly page: string;
}

interface Timers {
  /** By name. Kept in the browser: a reload does not stop it. */
  readonly running: Readonly<Record<string, RunningTimer>>;
  start(name: string, timer: Omit<RunningTimer, 'startedMs'>): void;
  stop(name: string): void;
}

export const endsAtMs = ({ startedMs, minutes }: RunningTimer): number => startedMs + minutes * 60_000;

export const useTimers = create<Timers>()(
  persist(
    (set) => ({
      running: {},
      start: (name, timer) =>
        set(({ running }) => ({ running: { ...running, [name]: { ...timer, startedMs: Date.now() } } })),
      stop: (name) =>
        set(({ running }) => ({
          running: Object.fromEntries(Object.entries(running).filter(([key]) => key !== name)),
        })),
    }),
    { name: 'mardle.timers' },
  ),
);
