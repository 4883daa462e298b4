import { create } from 'zustand';

/** What was typed into a field and cannot be read, with the field's name. */
export interface Unread {
  readonly label: string;
  readonly text: string;
}

interface Typed {
  /** By field. */
  readonly unread: Readonly<Record<string, Unread>>;
  keep(field: string, unread: Unread): void;
  forget(field: string): void;
  forgetAll(): void;
}

/** Typed text that cannot be read: it stays until it is mended, also while its leaf is turned over, and Save says that it is not in. */
export const useTyped = create<Typed>()((set, get) => ({
  unread: {},
  keep: (field, unread) => set({ unread: { ...get().unread, [field]: unread } }),
  forget: (field) => {
    const { [field]: gone, ...rest } = get().unread;
    if (gone) set({ unread: rest });
  },
  forgetAll: () => set({ unread: {} }),
}));
