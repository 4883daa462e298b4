import { bakesKey, sendBakeEvents, showAnswered } from '../api/bakes.js';
import { mayGoWellLater, ProblemError } from '../api/client.js';
import type { QueryClient } from '@tanstack/react-query';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useConnection } from './connection.js';
import type { Waiting } from './outbox.js';
import { useOutbox } from './outbox.js';

const RESEND_MS = 4000;
const LOCK = 'mardle.taps';

/** One tab sends at a time; the others see what arrived. */
const alone = (act: () => Promise<void>): Promise<void> =>
  'locks' in navigator
    ? navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => (lock ? act() : undefined))
    : act();

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

async function sendAll(client: QueryClient): Promise<boolean> {
  const { waiting } = useOutbox.getState();
  for (const bakeId of new Set(waiting.map((row) => row.bakeId))) {
    const rows = waiting.filter((row) => row.bakeId === bakeId);
    if (!(await sendRows(rows, client))) return false;
  }
  return true;
}

/** Sends waiting taps as soon as the server answers, and again until it does, whichever page is open. */
export function useSendTaps(): void {
  const waiting = useOutbox((state) => state.waiting);
  const client = useQueryClient();
  // When the server answers again they go at once.
  const answers = useConnection((state) => state.trouble === null);
  useEffect(() => {
    if (waiting.length === 0) return;
    const send = (): void =>
      void alone(async () => {
        if (await sendAll(client)) await client.invalidateQueries({ queryKey: bakesKey });
      });
    send();
    const timer = setInterval(send, RESEND_MS);
    return () => clearInterval(timer);
  }, [waiting, answers, client]);
}
