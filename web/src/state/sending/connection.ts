import { MINUTE_MS } from '@mardle/core';
import type { ProblemDocument } from '@mardle/contract';
import { create } from 'zustand';

/** A disk that is full shows when something is written; reading goes on. */
const STORAGE_FULL = 507;

/** Clocks of a kitchen differ by a minute or two; more is told. */
const CLOCK_MAY_DIFFER_MS = 5 * MINUTE_MS;

interface Connection {
  /** Why the server cannot do what it is asked; null while it does. */
  readonly trouble: ProblemDocument | null;
  /** How far this device's clock is ahead of the server's, ms, as far as that matters. */
  readonly aheadMs: number;
  /** By the server's clock it is so late, ms since 1970. */
  told(serverMs: number): void;
  /** An answer came: of a write, or of a look. */
  answered(wrote: boolean): void;
  failed(document: ProblemDocument): void;
}

/** Whether the server answers, as the last asking found. */
export const useConnection = create<Connection>()((set, get) => ({
  trouble: null,
  aheadMs: 0,
  told: (serverMs) => {
    const ahead = Date.now() - serverMs;
    const aheadMs = Math.abs(ahead) > CLOCK_MAY_DIFFER_MS ? Math.round(ahead / MINUTE_MS) * MINUTE_MS : 0;
    if (aheadMs !== get().aheadMs) set({ aheadMs });
  },
  answered: (wrote) => {
    const { trouble } = get();
    if (trouble && (wrote || trouble.status !== STORAGE_FULL)) set({ trouble: null });
  },
  failed: (trouble) => set({ trouble }),
}));
