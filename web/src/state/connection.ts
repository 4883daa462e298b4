import type { ProblemDocument } from '@mardle/contract';
import { create } from 'zustand';

/** A disk that is full shows when something is written; reading goes on. */
const STORAGE_FULL = 507;

interface Connection {
  /** Why the server cannot do what it is asked; null while it does. */
  readonly trouble: ProblemDocument | null;
  /** An answer came: of a write, or of a look. */
  answered(wrote: boolean): void;
  failed(document: ProblemDocument): void;
}

/** Whether the server answers, as the last asking found. */
export const useConnection = create<Connection>()((set, get) => ({
  trouble: null,
  answered: (wrote) => {
    const { trouble } = get();
    if (trouble && (wrote || trouble.status !== STORAGE_FULL)) set({ trouble: null });
  },
  failed: (trouble) => set({ trouble }),
}));
