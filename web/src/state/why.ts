import { create } from 'zustand';

interface WhyState {
  /** Ids of figures whose stories were opened, one out of another. */
  readonly trail: readonly string[];
  /** The line of the slip that was opened, by its id: its amount can be said there. */
  readonly line: string | null;
  open(id: string): void;
  openLine(line: string, figure: string | undefined): void;
  follow(id: string): void;
  back(): void;
  close(): void;
}

export const useWhy = create<WhyState>()((set) => ({
  trail: [],
  line: null,
  open: (id) => set({ trail: [id], line: null }),
  openLine: (line, figure) => set({ line, trail: figure === undefined ? [] : [figure] }),
  follow: (id) => set(({ trail }) => ({ trail: [...trail, id] })),
  back: () => set(({ trail }) => ({ trail: trail.slice(0, -1) })),
  close: () => set({ trail: [], line: null }),
}));
