import type { UnitSystem } from '@mardle/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface Settings {
  readonly units: UnitSystem;
  setUnits(units: UnitSystem): void;
}

/** What this browser prefers. */
export const useSettings = create<Settings>()(
  persist((set) => ({ units: 'metric', setUnits: (units) => set({ units }) }), { name: 'mardle.settings' }),
);
