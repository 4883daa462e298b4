import { taskId } from '@mardle/core';
import type { DayRun } from '@mardle/core';
import { useRef, useState } from 'react';
import { useStartBake } from '../../../shared/api/bakes.js';
import { useCreatePie, usePieChoice } from '../../../shared/api/pies.js';
import type { DayFile } from '../../../state/day/dayFile.js';
import { useDay } from '../../../state/day/day.js';
import type { Loaded } from './runSpecs.js';
import { loadedBy } from './runSpecs.js';

interface Ids {
  readonly bake: string;
  readonly loaded: string;
}

interface StartRun {
  /** Starts a bake for each pie of a run; pressed again it goes on where it failed, and starts nothing twice. */
  start(run: DayRun): Promise<void>;
  /** The run that is being started. */
  readonly starting: string | null;
  readonly error: unknown;
}

/** Runs of the day become running bakes. A pie that this kitchen does not have yet is kept first. */
export function useStartRun(file: DayFile): StartRun {
  const { data } = usePieChoice();
  const create = useCreatePie();
  const bake = useStartBake();
  const { tick, load } = useDay();
  const ids = useRef(new Map<string, Ids>());
  const kept = useRef(new Map<string, { readonly id: string; readonly version: number }>());
  const [starting, setStarting] = useState<string | null>(null);
  const [error, setError] = useState<unknown>(null);

  const keptPie = async ({
    kept: pie,
  }: Loaded): Promise<{ readonly id: string; readonly version: number }> => {
    const known = data?.pies.find(({ name }) => name === pie.name) ?? kept.current.get(pie.name);
    if (known) return known;
    const made = await create.mutateAsync(pie);
    kept.current.set(pie.name, made);
    return made;
  };
  const startOne = async (one: Loaded): Promise<void> => {
    const mine = ids.current.get(one.pie) ?? { bake: crypto.randomUUID(), loaded: crypto.randomUUID() };
    ids.current.set(one.pie, mine);
    const pie = await keptPie(one);
    await bake.mutateAsync({
      id: mine.bake,
      pieId: pie.id,
      pieVersion: pie.version,
      spec: one.spec,
      stages: [...one.stages],
      loaded: { id: mine.loaded, kind: 'loaded', at: new Date().toISOString() },
    });
    load(one.pie, mine.bake);
  };
  return {
    starting,
    error,
    start: async (run) => {
      if (starting !== null) return;
      setStarting(run.id);
      setError(null);
      try {
        for (const one of loadedBy(file, run)) await startOne(one);
        tick(taskId('load', run.id));
      } catch (trouble) {
        setError(trouble);
      } finally {
        setStarting(null);
      }
    },
  };
}
