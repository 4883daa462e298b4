import { useInterval } from '@mantine/hooks';
import { readDay } from '@mardle/core';
import { useEffect, useRef, useState } from 'react';
import { ProblemError } from '../../shared/api/client.js';
import { dayNow, keepDay, sendTicks, sharedDay } from '../../shared/api/days.js';
import type { DayFile } from '../../state/day/dayFile.js';
import { doneWith, useDay } from '../../state/day/day.js';
import type { SolvedDay } from '../../shared/workers/day.js';

/** Others see a tick within two seconds. */
const LOOK_EVERY_MS = 1000;
const MOST_AT_ONCE = 200;
const OVERTAKEN = 412;

interface Content {
  readonly file: DayFile;
  readonly solved: SolvedDay;
  /** Days that were shared before bakes of a run were have none. */
  readonly inOven?: Readonly<Record<string, string>>;
}

/** Lays a shared day on the page as it is now. */
export async function openShared(id: string): Promise<void> {
  const { content, version, done } = await sharedDay(id);
  const { file, solved, inOven = {} } = JSON.parse(content) as Content;
  if (!readDay(file).ok)
    throw new Error('This day is of another version of Mardle and cannot be opened here.');
  useDay.getState().open({ file, solved, inOven, shared: { id, version }, done });
}

/** Sends what was ticked here, then looks what others ticked and planned. */
async function meet(id: string): Promise<void> {
  const sent = useDay.getState().waiting.slice(0, MOST_AT_ONCE);
  const now = sent.length > 0 ? await sendTicks(id, sent) : await dayNow(id);
  const { shared } = useDay.getState();
  if (shared?.id !== id) return;
  if (now.version > shared.version) await openShared(id);
  const { waiting, hear } = useDay.getState();
  const left = waiting.filter((tick) => !sent.includes(tick));
  hear(doneWith(now.done, left), left);
}

/** Sends this screen's plan over the version it builds on; what is done goes along the first time. */
async function tell(id: string, version: number): Promise<void> {
  const { file, solved, inOven, done, told } = useDay.getState();
  if (!file || !solved) return;
  const content = JSON.stringify({ file, solved, inOven } satisfies Content);
  const kept = await keepDay(id, { version, name: file.name.trim() || 'Bake day', content });
  told({ id, version: kept.version }, { file, solved, inOven });
  if (version > 0 || done.length === 0) return;
  const at = new Date().toISOString();
  await sendTicks(
    id,
    done.slice(0, MOST_AT_ONCE).map((task) => ({ task, done: true, at })),
  );
}

/** One look at the others: a plan of this screen goes out first; where somebody was quicker theirs is laid on the page. */
async function look(id: string, version: number): Promise<string | null> {
  try {
    if (useDay.getState().untold) await tell(id, version);
    await meet(id);
    return null;
  } catch (error) {
    if (!(error instanceof ProblemError) || error.status !== OVERTAKEN) throw error;
    await openShared(id);
    return 'Somebody else planned the day meanwhile: theirs is shown.';
  }
}

const sharingWords = (error: unknown): string => (error instanceof Error ? error.message : String(error));

export interface Sharing {
  /** What stands in the way; null while all is well. */
  readonly trouble: string | null;
  share(): Promise<void>;
}

/** Keeps this screen and the kitchen's others at one day: ticks of all, and the newest plan. */
export function useSharing(): Sharing {
  const shared = useDay((state) => state.shared !== null);
  const untold = useDay((state) => state.untold);
  const [trouble, setTrouble] = useState<string | null>(null);
  /** Said until this screen plans anew. */
  const [overtaken, setOvertaken] = useState<string | null>(null);
  const busy = useRef(false);
  const { start, stop } = useInterval(() => {
    const now = useDay.getState().shared;
    if (!now || busy.current) return;
    busy.current = true;
    void look(now.id, now.version)
      .then(
        (quicker) => {
          setTrouble(null);
          if (quicker !== null) setOvertaken(quicker);
        },
        (error: unknown) => setTrouble(sharingWords(error)),
      )
      .finally(() => {
        busy.current = false;
      });
  }, LOOK_EVERY_MS);
  useEffect(() => {
    if (!shared) return undefined;
    start();
    return stop;
  }, [shared, start, stop]);
  const share = (): Promise<void> =>
    tell(crypto.randomUUID(), 0).then(
      () => setTrouble(null),
      (error: unknown) => setTrouble(sharingWords(error)),
    );
  const ticks = useDay((state) => state.waiting.length);
  const kept =
    trouble !== null && ticks > 0
      ? ` ${ticks} ${ticks === 1 ? 'tick is' : 'ticks are'} kept here and sent when Mardle answers.`
      : '';
  return { trouble: trouble === null ? (untold ? null : overtaken) : `${trouble}${kept}`, share };
}
