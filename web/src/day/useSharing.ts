import { useInterval } from '@mantine/hooks';
import { readDay } from '@mardle/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ProblemError } from '../api/client.js';
import { dayNow, keepDay, sendTicks, sharedDay } from '../api/days.js';
import type { DayFile } from '../state/day.js';
import { doneWith, useDay } from '../state/day.js';
import type { SolvedDay } from '../workers/day.js';

/** Others see a tick within two seconds. */
const LOOK_EVERY_MS = 1000;
const MOST_AT_ONCE = 200;
const OVERTAKEN = 412;

interface Content {
  readonly file: DayFile;
  readonly solved: SolvedDay;
}

/** Lays a shared day on the page as it is now. */
export async function openShared(id: string): Promise<void> {
  const { content, version, done } = await sharedDay(id);
  const { file, solved } = JSON.parse(content) as Content;
  if (!readDay(file).ok)
    throw new Error('This day is of another version of Mardle and cannot be opened here.');
  useDay.getState().open({ file, solved, shared: { id, version }, done });
}

/** Sends what was ticked here, then looks what others ticked and planned. */
async function meet(id: string): Promise<void> {
  const { waiting } = useDay.getState();
  const sent = waiting.slice(0, MOST_AT_ONCE);
  const now = sent.length > 0 ? await sendTicks(id, sent) : await dayNow(id);
  const { shared, waiting: stillWaiting, hear } = useDay.getState();
  if (shared?.id !== id) return;
  const left = stillWaiting.filter((tick) => !sent.includes(tick));
  if (now.version > shared.version) await openShared(id);
  hear(doneWith(now.done, left), left);
}

export interface Sharing {
  /** What stands in the way; null while all is well. */
  readonly trouble: string | null;
  share(): Promise<void>;
}

/** Keeps this screen and the kitchen's others at one day: ticks of all, and the newest plan. */
export function useSharing(): Sharing {
  const shared = useDay((state) => state.shared);
  const solved = useDay((state) => state.solved);
  const [trouble, setTrouble] = useState<string | null>(null);
  const busy = useRef(false);
  /** The plan that the others have. */
  const told = useRef<SolvedDay | null>(shared ? solved : null);

  const put = useCallback(async (id: string, version: number): Promise<void> => {
    const { file, solved: plan, done, setShared } = useDay.getState();
    if (!file || !plan) return;
    told.current = plan;
    try {
      const content = JSON.stringify({ file, solved: plan });
      const kept = await keepDay(id, { version, name: file.name.trim() || 'Bake day', content });
      setShared({ id, version: kept.version });
      const at = new Date().toISOString();
      const unsaid = done.filter((task) => !kept.done.includes(task));
      if (unsaid.length > 0)
        await sendTicks(
          id,
          unsaid.slice(0, MOST_AT_ONCE).map((task) => ({ task, done: true, at })),
        );
      setTrouble(null);
    } catch (error) {
      if (error instanceof ProblemError && error.status === OVERTAKEN) {
        await openShared(id);
        told.current = useDay.getState().solved;
        setTrouble('Somebody else planned the day meanwhile: theirs is shown.');
      } else setTrouble(error instanceof Error ? error.message : String(error));
    }
  }, []);

  const look = useInterval(() => {
    const now = useDay.getState().shared;
    if (!now || busy.current) return;
    busy.current = true;
    void meet(now.id)
      .then(() => {
        if (useDay.getState().shared?.version !== now.version) told.current = useDay.getState().solved;
        setTrouble(null);
      })
      .catch((error: unknown) => setTrouble(error instanceof Error ? error.message : String(error)))
      .finally(() => {
        busy.current = false;
      });
  }, LOOK_EVERY_MS);
  const { start, stop } = look;
  useEffect(() => {
    if (!shared) return undefined;
    start();
    return stop;
  }, [shared, start, stop]);

  // A new plan of this screen goes to the others.
  useEffect(() => {
    if (shared && solved && solved !== told.current) void put(shared.id, shared.version);
  }, [shared, solved, put]);

  return { trouble, share: () => put(crypto.randomUUID(), 0) };
}
