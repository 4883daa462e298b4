import { bakesKey, sendBakeEvents, sendStart, showAnswered } from '../../shared/api/bakes.js';
import { mayGoWellLater, ProblemError } from '../../shared/api/client.js';
import { sendTasting } from '../../shared/api/log.js';
import { readPie, savePie, showSaved } from '../../shared/api/pies.js';
import type { QueryClient } from '@tanstack/react-query';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useConnection } from './connection.js';
import type { Waiting } from './outbox.js';
import { useOutbox } from './outbox.js';
import type { UnsentSave, UnsentStart, UnsentTasting } from './unsent.js';
import { useUnsent } from './unsent.js';

const RESEND_MS = 4000;
const LOCK = 'mardle.taps';

let sending = false;
/** Something came while it was sent: it is looked at once more. */
let again = false;

const oneTab = (act: () => Promise<void>): Promise<void> =>
  'locks' in navigator
    ? navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => (lock ? act() : undefined))
    : act();

/** One tab sends at a time, and one sending in it; the others see what arrived. */
async function alone(act: () => Promise<void>): Promise<void> {
  again = true;
  if (sending) return;
  sending = true;
  try {
    while (again) {
      again = false;
      await oneTab(act);
    }
  } finally {
    sending = false;
  }
}
/** Sends taps in order; one that is refused is set aside, and the rest goes on. False when the server does not answer. */
async function sendRows(rows: readonly Waiting[], client: QueryClient): Promise<boolean> {
  const { arrived, setAside } = useOutbox.getState();
  const [first] = rows;
  if (!first) return true;
  try {
    const bake = await sendBakeEvents(
      first.bakeId,
      rows.map(({ event }) => event),
    );
    // Before they leave the outbox: a tap that was seen must not vanish for a moment.
    showAnswered(client, bake);
    arrived(rows.map(({ event }) => event.id));
    return true;
  } catch (error) {
    if (!(error instanceof ProblemError) || mayGoWellLater(error)) return false;
    if (rows.length === 1) {
      setAside(first.event.id, error.document);
      return true;
    }
    // One of them is at fault: each by itself shows which.
    for (const row of rows) if (!(await sendRows([row], client))) return false;
    return true;
  }
}

/** Whether what was refused will be refused again. */
const isRefused = (error: unknown): error is ProblemError =>
  error instanceof ProblemError && !mayGoWellLater(error);

/** Sends a pie that was saved; one that is refused is set aside with its reason. */
async function sendSave({ pieId, basedOn, spec }: UnsentSave, client: QueryClient): Promise<boolean> {
  const { forgetSave, keepSave } = useUnsent.getState();
  try {
    showSaved(client, await savePie(pieId, basedOn, spec));
    forgetSave(pieId);
  } catch (error) {
    if (!isRefused(error)) return false;
    keepSave({ pieId, basedOn, spec, refused: error.document });
  }
  return true;
}

/** Sends a bake that was started, of the version of its pie that the server has by now. */
async function sendOneStart({ request }: UnsentStart, client: QueryClient): Promise<boolean> {
  const { forgetStart, keepStart } = useUnsent.getState();
  try {
    const { version } = await readPie(request.pieId);
    showAnswered(client, await sendStart({ ...request, pieVersion: version }));
    forgetStart(request.id);
  } catch (error) {
    if (!isRefused(error)) return false;
    keepStart({ request, refused: error.document });
  }
  return true;
}

/** Sends what was said of a bake; where somebody else said something meanwhile it stays, and its form tells. */
async function sendOneTasting({ bakeId, said }: UnsentTasting): Promise<boolean> {
  const { forgetTasting, keepTasting } = useUnsent.getState();
  try {
    await sendTasting(bakeId, said);
    forgetTasting(bakeId);
  } catch (error) {
    if (!isRefused(error)) return false;
    keepTasting({ bakeId, said, refused: true });
  }
  return true;
}

async function sendUnsent(client: QueryClient): Promise<boolean> {
  const { saves, starts, tastings } = useUnsent.getState();
  for (const tasting of tastings) if (!tasting.refused && !(await sendOneTasting(tasting))) return false;
  for (const save of saves) if (!save.refused && !(await sendSave(save, client))) return false;
  for (const start of starts) if (!start.refused && !(await sendOneStart(start, client))) return false;
  return true;
}

async function sendAll(client: QueryClient): Promise<boolean> {
  if (!(await sendUnsent(client))) return false;
  const { waiting } = useOutbox.getState();
  const notStarted = new Set(useUnsent.getState().starts.map(({ request }) => request.id));
  for (const bakeId of new Set(waiting.map((row) => row.bakeId))) {
    if (notStarted.has(bakeId)) continue;
    const rows = waiting.filter((row) => row.bakeId === bakeId);
    if (!(await sendRows(rows, client))) return false;
  }
  return true;
}

/** Sends pies, bakes and taps that wait as soon as the server answers, and again until it does, whichever page is open. */
export function useSendTaps(): void {
  const waiting = useOutbox((state) => state.waiting);
  const saves = useUnsent((state) => state.saves).filter(({ refused }) => !refused).length;
  const starts = useUnsent((state) => state.starts);
  const tastings = useUnsent((state) => state.tastings).filter(({ refused }) => !refused).length;
  const client = useQueryClient();
  // When the server answers again they go at once.
  const answers = useConnection((state) => state.trouble === null);
  useEffect(() => {
    if (waiting.length + saves + starts.length + tastings === 0) return;
    const send = (): void =>
      void alone(async () => {
        if (await sendAll(client)) await client.invalidateQueries({ queryKey: bakesKey });
      });
    send();
    const timer = setInterval(send, RESEND_MS);
    return () => clearInterval(timer);
  }, [waiting, saves, starts, tastings, answers, client]);
}
