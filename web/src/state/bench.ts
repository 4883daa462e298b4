import type { PieResponse } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { temporal } from 'zundo';
import { create } from 'zustand';
import { oncePerGesture } from './gesture.js';
import { keepSteps, keptSteps } from './steps.js';
import type { Draft } from './drafts.js';
import { forgetDraft, keepDraft, keptDraft } from './drafts.js';
import { useTyped } from './typed.js';
import { isSame } from '../shared/isSame.js';

interface BenchState {
  readonly pieId: string | null;
  /** The version that the spec builds on. */
  readonly basedOn: number;
  readonly saved: PieSpec | null;
  readonly spec: PieSpec | null;
  /** Changes of an earlier visit were found and laid back on the bench. */
  readonly restored: boolean;
  /** With what was changed and not saved; this tab's own unless another is given. */
  load(pie: PieResponse, draft?: Draft | null): void;
  change(recipe: (spec: PieSpec) => PieSpec): void;
  undo(): void;
  redo(): void;
  /** Takes the pie off the bench; what was changed stays kept for the next visit. */
  clear(): void;
  /** The spec on the bench is now this version; what was changed while saving stays. */
  markSaved(pie: PieResponse): void;
  /** Builds on a version saved elsewhere, keeping the spec on the bench. */
  rebase(version: number): void;
  discard(): void;
}

/** Steps that undo goes back. */
const REMEMBERED = 100;

/** The one pie on the bench. Every change is kept in the browser at once, so that nothing typed is lost. */
export const useBench = create<BenchState>()(
  temporal(
    (set, get) => {
      const keep = (): void => {
        const { pieId, basedOn, spec, saved } = get();
        if (!pieId || !spec) return;
        if (isSame(spec, saved)) forgetDraft(pieId);
        else keepDraft(pieId, { basedOn, spec });
      };
      return {
        pieId: null,
        basedOn: 0,
        saved: null,
        spec: null,
        restored: false,
        load: (pie, kept = keptDraft(pie.id)) => {
          // Saved meanwhile by what was sent later: nothing of it is unsaved any more.
          const draft = kept && isSame(kept.spec, pie.spec) ? null : kept;
          if (kept && !draft) forgetDraft(pie.id);
          set({
            pieId: pie.id,
            basedOn: draft?.basedOn ?? pie.version,
            saved: pie.spec,
            spec: draft?.spec ?? pie.spec,
            restored: draft !== null,
          });
          const { past, future } = keptSteps(pie.id);
          useBench.temporal.setState({
            pastStates: past.map((spec) => ({ spec })),
            futureStates: future.map((spec) => ({ spec })),
          });
        },
        change: (recipe) => {
          const { spec } = get();
          if (!spec) return;
          set({ spec: recipe(spec) });
          keep();
        },
        undo: () => {
          useBench.temporal.getState().undo();
          keep();
        },
        redo: () => {
          useBench.temporal.getState().redo();
          keep();
        },
        clear: () => {
          useTyped.getState().forgetAll();
          set({ pieId: null, spec: null, saved: null });
          forgetSteps();
        },
        markSaved: (pie) => {
          set(({ spec }) => ({
            basedOn: pie.version,
            saved: isSame(spec, pie.spec) ? spec : pie.spec,
            restored: false,
          }));
          keep();
        },
        rebase: (version) => {
          set({ basedOn: version });
          keep();
        },
        discard: () => {
          const { saved } = get();
          set({ spec: saved, restored: false });
          forgetSteps();
          keep();
        },
      };
    },
    {
      partialize: ({ spec }) => ({ spec }),
      equality: (before, now) => before.spec === now.spec,
      handleSet: oncePerGesture,
      limit: REMEMBERED,
    },
  ),
);

/** A reload finds the steps again. */
if (typeof window !== 'undefined') {
  window.addEventListener('pagehide', () => {
    const { pieId } = useBench.getState();
    const { pastStates, futureStates } = useBench.temporal.getState();
    const specs = (states: typeof pastStates): PieSpec[] => states.flatMap(({ spec }) => spec ?? []);
    if (pieId) keepSteps(pieId, { past: specs(pastStates), future: specs(futureStates) });
  });
}

/** What was done to another pie, or was given up, is not undone. */
function forgetSteps(): void {
  useBench.temporal.getState().clear();
}

/** Turned back to what was saved counts as saved, however it was turned back. */
export const isChanged = ({ spec, saved }: Pick<BenchState, 'spec' | 'saved'>): boolean =>
  !isSame(spec, saved);
