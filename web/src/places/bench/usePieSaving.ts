import type { PieResponse } from '@mardle/contract';
import type { PieSpec } from '@mardle/core';
import { useNavigate } from 'react-router';
import { ProblemError } from '../../shared/api/client.js';
import { useCreatePie, useSavePie } from '../../shared/api/pies.js';
import { isSame } from '../../shared/isSame.js';
import { useBench } from '../../state/bench.js';
import { useUnsent } from '../../state/sending/unsent.js';
import type { KitchenFigures } from './kitchenFigures.js';
import { withKitchenFigures } from './kitchenFigures.js';

/** How the pie on the bench is saved, and what came of it. */
interface PieSaving {
  /** As it lies on the bench when somebody acts on it, with the kitchen’s own rows that it needs elsewhere. */
  readonly onBench: () => PieSpec;
  /** Saves it as the version after `on`; the pie as kept, null when it was not. */
  readonly saveNow: (on?: number) => Promise<PieResponse | null>;
  readonly saveCopy: () => Promise<void>;
  readonly isSaving: boolean;
  /** Kept in this browser until the server answers. */
  readonly keptHere: boolean;
  /** Somebody saved another version first. */
  readonly clash: boolean;
  /** Why it was not saved, where that was no clash. */
  readonly errors: readonly Error[];
}

/** Saves the pie on the bench, and copies of it. */
export function usePieSaving(pie: PieResponse, name: string, kitchen: KitchenFigures): PieSaving {
  const { change, discard, markSaved } = useBench.getState();
  const basedOn = useBench((state) => state.basedOn);
  const spec = useBench((state) => state.spec);
  const waits = useUnsent(({ saves }) => saves.find(({ pieId, refused }) => pieId === pie.id && !refused));
  const save = useSavePie();
  const copy = useCreatePie();
  const navigate = useNavigate();
  const onBench = (): PieSpec => withKitchenFigures(useBench.getState().spec ?? pie.spec, kitchen);
  const saveNow = async (on = basedOn): Promise<PieResponse | null> => {
    const sent = onBench();
    // What is sent is what lies on the bench, or it would never count as saved.
    change(() => sent);
    const kept = await save.mutateAsync({ id: pie.id, basedOn: on, spec: sent }).catch(() => undefined);
    if (kept) markSaved(kept);
    // Kept here while the server is away: what is baked of it is of this version until it is sent.
    return kept === null ? { ...pie, version: on, spec: sent } : (kept ?? null);
  };
  const saveCopy = async (): Promise<void> => {
    const made = await copy.mutateAsync({ ...onBench(), name: `${name}, copy` }).catch(() => null);
    if (!made) return;
    discard();
    await navigate(`/pies/${made.id}`);
  };
  const clash = save.error instanceof ProblemError && save.error.status === 412;
  return {
    onBench,
    saveNow,
    saveCopy,
    isSaving: save.isPending,
    keptHere: waits !== undefined && isSame(waits.spec, spec),
    clash,
    errors: [clash ? null : save.error, copy.error].filter((error) => error !== null),
  };
}
