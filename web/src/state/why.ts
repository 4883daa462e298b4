import { create } from 'zustand';

interface WhyState {
  /** Ids of figures whose stories were opened, one out of another. */
  readonly trail: readonly string[];
  open(id: string): void;
  follow(id: string): void;
  back(): void;
  close(): void;
}

export const useWhy = create<WhyState>()((set) => ({
  trail: [],
  open: (id) => set({ trail: [id] }),
  follow: (id) => set(({ trail }) => ({ trail: [...trail, id] })),
  back: () => set(({ trail }) => ({ trail: trail.slice(0, -1) })),
  close: () => set({ trail: [] }),
}));
