import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface Ticks {
  /** Amounts that were weighed, as they were shown, by `pie id/line id`. */
  readonly weighed: Readonly<Record<string, string>>;
  toggle(key: string, amount: string): void;
  clear(pieId: string): void;
}

/** A tick belongs to an amount: a line whose amount has changed since is not weighed. */
export const useTicks = create<Ticks>()(
  persist(
    (set) => ({
      weighed: {},
      toggle: (key, amount) =>
        set(({ weighed: { [key]: before, ...others } }) => ({
          weighed: before === amount ? others : { ...others, [key]: amount },
        })),
      clear: (pieId) =>
        set(({ weighed }) => ({
          weighed: Object.fromEntries(
            Object.entries(weighed).filter(([key]) => !key.startsWith(`${pieId}/`)),
          ),
        })),
    }),
    { name: 'mardle.weighed' },
  ),
);
