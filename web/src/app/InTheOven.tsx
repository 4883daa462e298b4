import { useDocumentTitle } from '@mantine/hooks';
import { Link, useLocation } from 'react-router';
import { countdown } from '../kit/countdown.js';
import { useNow } from '../kit/useNow.js';
import { useBakesNow } from '../oven/useRunning.js';
import classes from './InTheOven.module.css';
import { useAlarm } from './useAlarm.js';

const MOST_SHOWN = 4;
const MINUTE_MS = 60_000;

/** What is in the oven, on every page: the next touch of each with its minutes; the soonest in the title too. */
export function InTheOven() {
  const { running } = useBakesNow();
  const { pathname } = useLocation();
  const now = useNow();
  const inside = running.filter(({ state }) => state.outAt === null && state.next);
  const soonest = inside[0]?.state.next;
  const minutes = soonest ? Math.ceil((soonest.dueAt - now) / MINUTE_MS) : 0;
  useAlarm(
    inside.flatMap(({ bake, state: { next } }) =>
      next
        ? [{ bakeId: bake.id, kind: next.kind, name: bake.spec.name, label: next.label, dueAt: next.dueAt }]
        : [],
    ),
    now,
  );
  useDocumentTitle(
    soonest ? `${minutes > 0 ? `${minutes} min` : 'now'}: ${soonest.label} · Mardle` : 'Mardle',
  );
  if (inside.length === 0 || pathname === '/oven') return null;
  return (
    <nav aria-label="In the oven" className={`${classes.bar} no-print`}>
      {inside.slice(0, MOST_SHOWN).map(({ bake, state: { next } }) =>
        next ? (
          <Link key={bake.id} to="/oven" className={next.dueAt <= now ? classes.due : undefined}>
            <b>{bake.spec.name}</b> {next.label} <span>{countdown(next.dueAt - now)}</span>
          </Link>
        ) : null,
      )}
      {inside.length > MOST_SHOWN && <Link to="/oven">and {inside.length - MOST_SHOWN} more</Link>}
    </nav>
  );
}
