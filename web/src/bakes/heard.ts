import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Heard } from './alarm.js';

interface HeardTouches {
  /** By bake and kind of touch. */
  readonly heard: Readonly<Record<string, Heard>>;
  hear(key: string, heard: Heard): void;
}

/** So many are remembered: more never are in the ovens at once. */
const REMEMBERED = 60;

/** Touches whose bell was stopped in this browser; a reload does not start it again. */
export const useHeard = create<HeardTouches>()(
  persist(
    (set, get) => ({
      heard: {},
      hear: (key, heard) =>
        set({
          heard: Object.fromEntries([
            ...Object.entries(get().heard)
              .filter(([other]) => other !== key)
              .slice(1 - REMEMBERED),
            [key, heard],
          ]),
        }),
    }),
    { name: 'mardle.heard' },
  ),
);
