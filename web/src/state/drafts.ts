import type { PieSpec } from '@mardle/core';
import { upgradeSpec } from '@mardle/core';
import { openTabs, thisTab } from './tab.js';

/** Unsaved changes of a pie, kept in the browser until they are saved or thrown away. */
export interface Draft {
  readonly basedOn: number;
  readonly spec: PieSpec;
}

/** Each tab has drafts of its own: two on one pie do not overwrite each other. */
const ofPie = (pieId: string): string => `mardle.draft.${pieId}`;
const key = (pieId: string, tab = thisTab()): string => `${ofPie(pieId)}.${tab}`;

export function keepDraft(pieId: string, draft: Draft): void {
  try {
    localStorage.setItem(key(pieId), JSON.stringify(draft));
  } catch {
    // A full or forbidden store must not stop the baker; the spec is still on the bench.
  }
}

function readDraft(at: string): Draft | null {
  try {
    const text = localStorage.getItem(at);
    if (!text) return null;
    const { basedOn, spec } = JSON.parse(text) as { readonly basedOn: number; readonly spec: unknown };
    // It may hold a slip that is still to be corrected: brought forward, not judged.
    return { basedOn, spec: upgradeSpec(spec) };
  } catch {
    return null;
  }
}

/** What this tab has changed and not saved. */
export const keptDraft = (pieId: string): Draft | null => readDraft(key(pieId));

export const forgetDraft = (pieId: string): void => localStorage.removeItem(key(pieId));

/** Keys of the drafts of other tabs for a pie; one without a tab is from before tabs had drafts of their own. */
const keysOfOthers = (pieId: string): string[] =>
  Object.keys(localStorage).filter(
    (at) => (at === ofPie(pieId) || at.startsWith(`${ofPie(pieId)}.`)) && at !== key(pieId),
  );

const tabOf = (pieId: string, at: string): string => at.slice(ofPie(pieId).length + 1);

/** What a tab that is closed by now has left: it is this tab's from now on. */
export async function takeLeftDraft(pieId: string): Promise<Draft | null> {
  const isOpen = await openTabs();
  for (const at of keysOfOthers(pieId)) {
    const draft = isOpen(tabOf(pieId, at)) ? null : readDraft(at);
    if (!draft) continue;
    keepDraft(pieId, draft);
    localStorage.removeItem(at);
    return draft;
  }
  return null;
}

/** Another tab that is open now has changes to a pie that are not saved. */
export async function isChangedElsewhere(pieId: string): Promise<boolean> {
  const isOpen = await openTabs();
  return keysOfOthers(pieId).some((at) => isOpen(tabOf(pieId, at)));
}
