import type { PieSpec } from '@mardle/core';
import { upgradeSpec } from '@mardle/core';

/** What undo goes back to and redo forward to, the nearest last. */
export interface Steps {
  readonly past: readonly PieSpec[];
  readonly future: readonly PieSpec[];
}

/** As many steps outlive a reload, each way. */
const MOST_KEPT = 30;

const key = (pieId: string): string => `mardle.steps.${pieId}`;

/** Keeps the steps of this tab's pie for a reload; another tab has its own. */
export function keepSteps(pieId: string, { past, future }: Steps): void {
  try {
    const kept = { past: past.slice(-MOST_KEPT), future: future.slice(-MOST_KEPT) };
    sessionStorage.setItem(key(pieId), JSON.stringify(kept));
  } catch {
    // Without room for them the pie itself is still kept.
  }
}

/** The steps kept before a reload; none when they cannot be read. */
export function keptSteps(pieId: string): Steps {
  try {
    const text = sessionStorage.getItem(key(pieId));
    sessionStorage.removeItem(key(pieId));
    if (!text) return { past: [], future: [] };
    const { past, future } = JSON.parse(text) as Record<keyof Steps, readonly unknown[]>;
    return { past: past.map(upgradeSpec), future: future.map(upgradeSpec) };
  } catch {
    return { past: [], future: [] };
  }
}
