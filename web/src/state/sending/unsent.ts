import type { ProblemDocument, StartBakeRequest, TastingRequest } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { create } from 'zustand';

/** A version of a pie that was saved while the server did not answer. */
export interface UnsentSave {
  readonly pieId: string;
  /** The version that it builds on. */
  readonly basedOn: number;
  readonly spec: PieSpec;
  /** Why the server refused it: it is on its bench as changed, and is told on every page until it is saved or let go. */
  readonly refused?: ProblemDocument;
}

/** A bake that was started while the server did not answer. */
export interface UnsentStart {
  readonly request: StartBakeRequest;
  /** Why the server refused it. */
  readonly refused?: ProblemDocument;
}

/** What was said of a bake while the server did not answer. */
export interface UnsentTasting {
  readonly bakeId: string;
  /** With the version that it builds on. */
  readonly said: TastingRequest;
  /** The server will not have it as it is: it stays in its form until it is said again. */
  readonly refused?: true;
}

interface Unsent {
  readonly tastings: readonly UnsentTasting[];
  readonly saves: readonly UnsentSave[];
  readonly starts: readonly UnsentStart[];
  keepSave(save: UnsentSave): void;
  keepStart(start: UnsentStart): void;
  keepTasting(tasting: UnsentTasting): void;
  forgetTasting(bakeId: string): void;
  forgetSave(pieId: string): void;
  forgetStart(bakeId: string): void;
}

const SAVE = 'mardle.save.';
const START = 'mardle.start.';
const TASTING = 'mardle.tasting.';

function rows<T>(place: string, isOne: (row: T) => boolean): T[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(place))
    .sort()
    .flatMap((key) => {
      try {
        const row = JSON.parse(localStorage.getItem(key) ?? 'null') as T | null;
        return row && isOne(row) ? [row] : [];
      } catch {
        return [];
      }
    });
}

const unsent = (): Pick<Unsent, 'saves' | 'starts' | 'tastings'> => ({
  tastings: rows<UnsentTasting>(TASTING, ({ bakeId, said }) => typeof bakeId === 'string' && Boolean(said)),
  saves: rows<UnsentSave>(SAVE, ({ pieId, spec }) => typeof pieId === 'string' && Boolean(spec)),
  starts: rows<UnsentStart>(START, ({ request }) => typeof request?.id === 'string').sort((a, b) =>
    a.request.loaded.at.localeCompare(b.request.loaded.at),
  ),
});

/** Pies saved and bakes started that wait to be sent: each has a place of its own, and every tab sees all of them. */
export const useUnsent = create<Unsent>()((set) => ({
  ...unsent(),
  keepSave: (save) => {
    localStorage.setItem(`${SAVE}${save.pieId}`, JSON.stringify(save));
    set(unsent());
  },
  keepStart: (start) => {
    localStorage.setItem(`${START}${start.request.id}`, JSON.stringify(start));
    set(unsent());
  },
  keepTasting: (tasting) => {
    localStorage.setItem(`${TASTING}${tasting.bakeId}`, JSON.stringify(tasting));
    set(unsent());
  },
  forgetTasting: (bakeId) => {
    localStorage.removeItem(`${TASTING}${bakeId}`);
    set(unsent());
  },
  forgetSave: (pieId) => {
    localStorage.removeItem(`${SAVE}${pieId}`);
    set(unsent());
  },
  forgetStart: (bakeId) => {
    localStorage.removeItem(`${START}${bakeId}`);
    set(unsent());
  },
}));

window.addEventListener('storage', ({ key }) => {
  if (key === null || [SAVE, START, TASTING].some((place) => key.startsWith(place)))
    useUnsent.setState(unsent());
});
