import type { SaidFirst, UnitSystem } from '@mardle/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How amounts are counted: the units, and whether the scale or cups and spoons come first. */
interface Counting {
  readonly units: UnitSystem;
  readonly first: SaidFirst;
}

/** How a touch that is due is called out. */
export const alarms = ['quiet', 'sound', 'aloud'] as const;
export type Alarm = (typeof alarms)[number];

interface Settings extends Counting {
  readonly alarm: Alarm;
  /** Whether single keys do something; with Ctrl they always do. */
  readonly singleKeys: boolean;
  /** Fruits whose learned dose is not offered to plans. */
  readonly byTheBook: readonly string[];
  setByTheBook(fruit: string, so: boolean): void;
  setCounting(counting: Counting): void;
  setSingleKeys(singleKeys: boolean): void;
  setAlarm(alarm: Alarm): void;
}

/** What this browser prefers. */
export const useSettings = create<Settings>()(
  persist(
    (set, get) => ({
      units: 'metric',
      first: 'weight',
      singleKeys: true,
      alarm: 'sound',
      byTheBook: [],
      setByTheBook: (fruit, so) =>
        set({ byTheBook: [...get().byTheBook.filter((one) => one !== fruit), ...(so ? [fruit] : [])] }),
      setCounting: (counting) => set(counting),
      setSingleKeys: (singleKeys) => set({ singleKeys }),
      setAlarm: (alarm) => set({ alarm }),
    }),
    { name: 'mardle.settings' },
  ),
);
