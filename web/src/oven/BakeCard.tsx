import type { RunningBake } from '@mardle/core';
import { runningBake, showText, standing } from '@mardle/core';
import { Button } from '@mantine/core';
import { useKeys } from '../kit/useKeys.js';
import { Plate } from '../kit/Plate/Plate.js';
import { useOutbox } from '../state/outbox.js';
import { useSettings } from '../state/settings.js';
import classes from './BakeCard.module.css';
import { countdown, timeText } from '../kit/countdown.js';
import type { BakeNow } from './useRunning.js';
import { ForecastPart } from './ForecastPart.js';
import { tapWords } from './tapWords.js';
import { useBakeTimes } from './useRunning.js';

/** So long after loading a bake may have been started by mistake. */
const MISTAKE_MS = 10 * 60_000;

interface BakeCardProps extends Omit<BakeNow, 'state'> {
  /** Its name among the others, when another has the same. */
  readonly called?: string;
  readonly now: number;
  /** The one that Space acts on. */
  readonly first: boolean;
}

const phaseWords: Readonly<Record<RunningBake['phase'], string>> = {
  stage1: 'First stage, hot',
  stage2: 'Second stage, lower',
  one_heat: 'One temperature all through',
  cooling: 'Cooling on the rack',
  cancelled: 'It was not baked',
  ready: 'Cool enough to slice',
  eaten: 'Eaten',
};

/** One bake: one statement, one number, one action; the rest small. */
export function BakeCard({ bake, called = bake.spec.name, events, now, first }: BakeCardProps) {
  const units = useSettings((state) => state.units);
  const write = useOutbox((state) => state.write);
  const times = useBakeTimes(bake);
  const state = runningBake(times, events, now);
  const { next } = state;
  const last = standing(events).at(-1);
  const act = (): void => {
    if (next) write(bake.id, next.kind);
  };
  const undo = (): void => {
    if (last && last.kind !== 'loaded') write(bake.id, 'undo', { undoes: last.id });
  };
  const lower = next?.kind === 'lowered' ? ` to ${showText(bake.stages[1].tempC, 'C', units)}` : '';
  const due = next !== null && now >= next.dueAt;
  const inside = state.outAt === null;
  const justStarted = now - state.loadedAt < MISTAKE_MS;
  useKeys(
    first
      ? [
          // A pie that cools is not sliced by a key before it may be.
          ['space', () => (inside || due ? act() : undefined)],
          ['z', undo],
        ]
      : [],
  );
  return (
    <Plate label={called} className={`${classes.bake} ${due ? classes.due : ''}`}>
      <div className={classes.what}>
        <h2>{called}</h2>
        <p>
          {bake.spec.bake.oven.label}
          {state.outAt === null && ` at ${showText(state.setTempC, 'C', units)}`}
        </p>
        <p className={classes.phase}>{phaseWords[state.phase]}</p>
      </div>
      {next && (
        <>
          <p
            className={classes.time}
            role="timer"
            aria-label={`${next.label}: ${countdown(next.dueAt - now)}`}
          >
            <span>{countdown(next.dueAt - now)}</span>
            <small>{due ? 'due now' : `at ${timeText(next.dueAt)}`}</small>
          </p>
          <Button
            className={classes.touch}
            onClick={act}
            color={due ? 'rim' : undefined}
            variant={due ? 'filled' : 'outline'}
          >
            {next.label}
            {lower}
          </Button>
        </>
      )}
      <div className={classes.more}>
        {inside && (
          <>
            <Button variant="default" size="sm" onClick={() => write(bake.id, 'more_time', { minutes: 5 })}>
              5 minutes more
            </Button>
            {next?.kind !== 'out' && (
              <Button variant="default" size="sm" onClick={() => write(bake.id, 'out')}>
                Out now
              </Button>
            )}
            {state.seen
              .filter((kind) => kind !== next?.kind)
              .map((kind) => (
                <Button key={kind} variant="default" size="sm" onClick={() => write(bake.id, kind)}>
                  {tapWords[kind]}
                </Button>
              ))}
            {justStarted && (
              <Button variant="subtle" color="red" size="sm" onClick={() => write(bake.id, 'cancelled')}>
                Started by mistake
              </Button>
            )}
          </>
        )}
        {last && last.kind !== 'loaded' && (
          <Button variant="subtle" size="sm" onClick={undo}>
            Undo last tap
          </Button>
        )}
        {state.done.length > 0 && (
          <span className={classes.plan}>
            {state.done.map(({ kind, at }) => `${tapWords[kind].toLowerCase()} ${timeText(at)}`).join(' · ')}
          </span>
        )}
        <span className={classes.plan}>
          {state.outAt === null
            ? `out at ${timeText(state.outDueAt)} · `
            : `out at ${timeText(state.outAt)} · `}
          {state.then.toLowerCase()} at {timeText(state.sliceAt)}
        </span>
      </div>
      {inside && (
        <ForecastPart bake={bake} events={events} loadedAt={state.loadedAt} outDueAt={state.outDueAt} />
      )}
    </Plate>
  );
}
