import { MINUTE_MS } from '@mardle/core';
import { Button } from '@mantine/core';
import { useDocumentTitle } from '@mantine/hooks';
import { Link, useLocation } from 'react-router';
import { countdown } from '../shared/format/countdown.js';
import { useNow } from '../shared/hooks/useNow.js';
import { touchWords } from '../bakes/tapWords.js';
import type { BakeNow } from '../bakes/useRunning.js';
import { useBakesNow } from '../bakes/useRunning.js';
import { endsAtMs, useTimers } from '../state/timers.js';
import { useSettings } from '../state/settings.js';
import type { Touch } from '../bakes/alarm.js';
import { allowSound } from '../bakes/alarm.js';
import classes from './InTheOven.module.css';
import { useAlarm, useSound } from './useAlarm.js';

const MOST_SHOWN = 4;
/** What is in the oven, on every page: the next touch of each with its minutes; the soonest in the title too. */
export function InTheOven() {
  const now = useNow();
  const { running } = useBakesNow(now);
  const { pathname } = useLocation();
  const units = useSettings((state) => state.units);
  const alarm = useSettings((state) => state.alarm);
  const sound = useSound();
  const inside = running.filter(({ state }) => state.outAt === null && state.next);
  const first = inside[0];
  const soonest = first?.state.next;
  const minutes = soonest ? Math.ceil((soonest.dueAt - now) / MINUTE_MS) : 0;
  const touchesOf = ({ bake, state: { touches } }: BakeNow): Touch[] =>
    touches.map((touch) => ({
      bakeId: bake.id,
      kind: touch.kind,
      name: bake.spec.name,
      label: touchWords(bake, touch, units),
      dueAt: touch.dueAt,
    }));
  const timers = useTimers((state) => state.running);
  const timed = Object.entries(timers).map(([name, timer]) => ({ name, ...timer, dueAt: endsAtMs(timer) }));
  useAlarm(
    [
      ...inside.flatMap(touchesOf),
      ...timed.map(({ name, label, dueAt }) => ({
        bakeId: name,
        kind: 'timer',
        name: 'Timer',
        label,
        dueAt,
      })),
    ],
    now,
    sound,
  );
  useDocumentTitle(
    first && soonest
      ? `${minutes > 0 ? `${minutes} min` : 'now'}: ${touchWords(first.bake, soonest, units)} · Mardle`
      : 'Mardle',
  );
  if (inside.length === 0 && timed.length === 0) return null;
  return (
    <>
      {sound === 'blocked' && alarm !== 'quiet' && (
        <p role="note" aria-live="assertive" className={`${classes.silent} no-print`}>
          <b>No bell yet.</b> The browser keeps this page silent until it is touched once.{' '}
          <Button size="compact-md" onClick={allowSound}>
            Let it ring
          </Button>
        </p>
      )}
      {timed.length > 0 && (
        <nav aria-label="Timers" className={`${classes.bar} no-print`}>
          {timed.map(({ name, label, page, dueAt }) => (
            <Link key={name} to={page} className={dueAt <= now ? classes.due : undefined}>
              <b>{label}</b> <span>{countdown(dueAt - now)}</span>
            </Link>
          ))}
        </nav>
      )}
      {inside.length > 0 && pathname !== '/oven' && (
        <nav aria-label="In the oven" className={`${classes.bar} no-print`}>
          {inside.slice(0, MOST_SHOWN).map(({ bake, state: { next } }) =>
            next ? (
              <Link key={bake.id} to="/oven" className={next.dueAt <= now ? classes.due : undefined}>
                <b>{bake.spec.name}</b> {touchWords(bake, next, units)}{' '}
                <span>{countdown(next.dueAt - now)}</span>
              </Link>
            ) : null,
          )}
          {inside.length > MOST_SHOWN && <Link to="/oven">and {inside.length - MOST_SHOWN} more</Link>}
        </nav>
      )}
    </>
  );
}
