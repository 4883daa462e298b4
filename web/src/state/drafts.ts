import type { PieSpec } from '@mardle/core';
import { upgradeSpec } from '@mardle/core';

/** Unsaved changes of a pie, kept in the browser until they are saved or thrown away. */
export interface Draft {
  readonly basedOn: number;
  readonly spec: PieSpec;
}

const key = (pieId: string): string => `mardle.draft.${pieId}`;

export function keepDraft(pieId: string, draft: Draft): void {
  try {
    localStorage.setItem(key(pieId), JSON.stringify(draft));
  } catch {
    // A full or forbidden store must not stop the baker; the spec is still on the bench.
  }
}

export function keptDraft(pieId: string): Draft | null {
  try {
    const text = localStorage.getItem(key(pieId));
    if (!text) return null;
    const { basedOn, spec } = JSON.parse(text) as { readonly basedOn: number; readonly spec: unknown };
    // It may hold a slip that is still to be corrected: brought forward, not judged.
    return { basedOn, spec: upgradeSpec(spec) };
  } catch {
    return null;
  }
}

export const forgetDraft = (pieId: string): void => localStorage.removeItem(key(pieId));
