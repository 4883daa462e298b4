import type { PieResponse } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { create } from 'zustand';
import { forgetDraft, keepDraft, keptDraft } from './drafts.js';

interface BenchState {
  readonly pieId: string | null;
  /** The version that the spec builds on. */
  readonly basedOn: number;
  readonly saved: PieSpec | null;
  readonly spec: PieSpec | null;
  readonly past: readonly PieSpec[];
  /** Changes of an earlier visit were found and laid back on the bench. */
  readonly restored: boolean;
  load(pie: PieResponse): void;
  change(recipe: (spec: PieSpec) => PieSpec): void;
  undo(): void;
  /** The spec on the bench is now this version; what was changed while saving stays. */
  markSaved(pie: PieResponse): void;
  /** Builds on a version saved elsewhere, keeping the spec on the bench. */
  rebase(version: number): void;
  discard(): void;
}

const REMEMBERED = 100;

/** The one pie on the bench. Every change is kept in the browser at once, so that nothing typed is lost. */
export const useBench = create<BenchState>()((set, get) => {
  const keep = (): void => {
    const { pieId, basedOn, spec, saved } = get();
    if (!pieId || !spec) return;
    if (spec === saved) forgetDraft(pieId);
    else keepDraft(pieId, { basedOn, spec });
  };
  return {
    pieId: null,
    basedOn: 0,
    saved: null,
    spec: null,
    past: [],
    restored: false,
    load: (pie) => {
      const draft = keptDraft(pie.id);
      set({
        pieId: pie.id,
        basedOn: draft?.basedOn ?? pie.version,
        saved: pie.spec,
        spec: draft?.spec ?? pie.spec,
        past: [],
        restored: draft !== null,
      });
    },
    change: (recipe) => {
      const { spec, past } = get();
      if (!spec) return;
      const next = recipe(spec);
      if (next === spec) return;
      set({ spec: next, past: [...past, spec].slice(-REMEMBERED) });
      keep();
    },
    undo: () => {
      const { past } = get();
      const before = past.at(-1);
      if (!before) return;
      set({ spec: before, past: past.slice(0, -1) });
      keep();
    },
    markSaved: (pie) => {
      set(({ spec }) => ({
        basedOn: pie.version,
        saved: JSON.stringify(spec) === JSON.stringify(pie.spec) ? spec : pie.spec,
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
      set({ spec: saved, past: [], restored: false });
      keep();
    },
  };
});

export const isChanged = ({ spec, saved }: Pick<BenchState, 'spec' | 'saved'>): boolean => spec !== saved;
