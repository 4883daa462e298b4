import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface FirstTouch {
  /** Time of day that work begins, HH:MM. */
  readonly at: string;
  setAt(at: string): void;
}

export const useFirstTouch = create<FirstTouch>()(
  persist((set) => ({ at: '14:00', setAt: (at) => set({ at }) }), { name: 'mardle.first-touch' }),
);
