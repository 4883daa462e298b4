import type { SaidFirst, UnitSystem } from '@mardle/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How amounts are counted: the units, and whether the scale or cups and spoons come first. */
interface Counting {
  readonly units: UnitSystem;
  readonly first: SaidFirst;
}

interface Settings extends Counting {
  setCounting(counting: Counting): void;
}

/** What this browser prefers. */
export const useSettings = create<Settings>()(
  persist((set) => ({ units: 'metric', first: 'weight', setCounting: (counting) => set(counting) }), {
    name: 'mardle.settings',
  }),
);
