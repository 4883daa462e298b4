import type { SaidFirst, UnitSystem } from '@mardle/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How amounts are counted: the units, and whether the scale or cups and spoons come first. */
interface Counting {
  readonly units: UnitSystem;
  readonly first: SaidFirst;
}

interface Settings extends Counting {
  /** Whether single keys do something; with Ctrl they always do. */
  readonly singleKeys: boolean;
  setCounting(counting: Counting): void;
  setSingleKeys(singleKeys: boolean): void;
}

/** What this browser prefers. */
export const useSettings = create<Settings>()(
  persist(
    (set) => ({
      units: 'metric',
      first: 'weight',
      singleKeys: true,
      setCounting: (counting) => set(counting),
      setSingleKeys: (singleKeys) => set({ singleKeys }),
    }),
    { name: 'mardle.settings' },
  ),
);
