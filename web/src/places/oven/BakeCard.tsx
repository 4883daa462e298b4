import type { RunningBake } from '@mardle/core';
import { formOf, showText, standing, MINUTE_MS } from '@mardle/core';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { heardNow, isCalling, touchKey } from '../../bakes/alarm.js';
import { useKeys } from '../../shared/hooks/useKeys.js';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import { useHeard } from '../../bakes/heard.js';
import { useOutbox } from '../../state/sending/outbox.js';
import { useSettings } from '../../state/settings.js';
import classes from './BakeCard.module.css';
import { countdown, timeText } from '../../shared/format/countdown.js';
import type { BakeNow } from '../../bakes/useRunning.js';
import { ForecastPart } from './ForecastPart.js';
import { tapWordsFor, touchWords } from '../../bakes/tapWords.js';

/** So long after loading a bake may have been started by mistake. */
const MISTAKE_MS = 10 * MINUTE_MS;
/** Before this share of its time nobody takes a pie out without meaning to. */
const EARLY_SHARE = 0.75;

interface BakeCardProps extends BakeNow {
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
export function BakeCard({ bake, called = bake.spec.name, events, state, now, first }: BakeCardProps) {
  const units = useSettings((settings) => settings.units);
  const write = useOutbox((outbox) => outbox.write);
  const { next } = state;
  const last = standing(events).at(-1);
  const act = (): void => {
    if (next) write(bake.id, next.kind);
  };
  const undo = (): void => {
    if (last && last.kind !== 'loaded') write(bake.id, 'undo', { undoes: last.id });
  };
  const due = next !== null && now >= next.dueAt;
  const inside = state.outAt === null;
  /** How long it cools is worked out a moment after its card is there. */
  const isKnown = inside || state.sliceAt !== null;
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
          {inside && ` at ${showText(state.setTempC, 'C', units)}`}, in at {timeText(state.loadedAt)}
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
            <span>{isKnown ? countdown(next.dueAt - now) : '…'}</span>
            <small>{isKnown ? (due ? 'due now' : `at ${timeText(next.dueAt)}`) : 'working it out'}</small>
          </p>
          <Button
            className={classes.touch}
            onClick={act}
            color={due ? 'rim' : undefined}
            variant={due ? 'filled' : 'outline'}
          >
            {touchWords(bake, next, units)}
          </Button>
        </>
      )}
      <div className={classes.more}>
        {inside && <WhileInside bake={bake} events={events} state={state} now={now} />}
        {last && last.kind !== 'loaded' && (
          <Button variant="subtle" size="md" onClick={undo}>
            Undo last tap
          </Button>
        )}
        {state.done.length > 0 && (
          <span className={classes.plan}>
            {state.done
              .map(({ kind, at }) => `${tapWordsFor(bake, kind).toLowerCase()} ${timeText(at)}`)
              .join(' · ')}
          </span>
        )}
        <span className={classes.plan}>
          out at {timeText(state.outAt ?? state.outDueAt)}
          {state.sliceAt !== null && ` · ${state.then.toLowerCase()} at ${timeText(state.sliceAt)}`}
        </span>
      </div>
      {inside && !formOf(bake.spec.form.kind).filledCold(bake.spec.filling) && (
        <ForecastPart bake={bake} events={events} loadedAt={state.loadedAt} outDueAt={state.outDueAt} />
      )}
    </Plate>
  );
}

/** What else can be done while the pie is in the oven. */
function WhileInside({ bake, state, now }: BakeNow & { readonly now: number }) {
  const units = useSettings((settings) => settings.units);
  const write = useOutbox((outbox) => outbox.write);
  const { heard, hear } = useHeard();
  const { next, loadedAt, outDueAt, touches } = state;
  const calling = touches.filter((touch) =>
    isCalling(touch, heard[touchKey({ bakeId: bake.id, kind: touch.kind })], now),
  );
  const stopBell = (): void => {
    for (const { kind } of calling) hear(touchKey({ bakeId: bake.id, kind }), heardNow({ kind }, now));
  };
  /** Other touches that are due beside the one that leads, and what may be seen at any time. */
  const alsoDue = touches.filter(({ kind, dueAt }) => kind !== next?.kind && dueAt <= now);
  const others = state.seen.filter(
    (kind) => kind !== next?.kind && !alsoDue.some((touch) => touch.kind === kind),
  );
  return (
    <>
      {alsoDue.map((touch) => (
        <Button key={touch.kind} variant="outline" size="md" onClick={() => write(bake.id, touch.kind)}>
          {touchWords(bake, touch, units)}, since {timeText(touch.dueAt)}
        </Button>
      ))}
      {calling.length > 0 && (
        <Button variant="default" size="md" onClick={stopBell}>
          Heard, stop the bell
        </Button>
      )}
      <Button variant="default" size="md" onClick={() => write(bake.id, 'more_time', { minutes: 5 })}>
        5 minutes more
      </Button>
      {others.map((kind) => (
        <Button key={kind} variant="default" size="md" onClick={() => write(bake.id, kind)}>
          {tapWordsFor(bake, kind)}
        </Button>
      ))}
      {next?.kind !== 'out' && (
        <OutNow
          doneMin={(now - loadedAt) / MINUTE_MS}
          wholeMin={(outDueAt - loadedAt) / MINUTE_MS}
          onOut={() => write(bake.id, 'out')}
        />
      )}
      {now - loadedAt < MISTAKE_MS && (
        <Button variant="subtle" color="red" size="md" onClick={() => write(bake.id, 'cancelled')}>
          Started by mistake
        </Button>
      )}
    </>
  );
}

interface OutNowProps {
  readonly doneMin: number;
  readonly wholeMin: number;
  readonly onOut: () => void;
}

/** Out before its time: asked about when it is far from done, since a thumb slips. */
function OutNow({ doneMin, wholeMin, onOut }: OutNowProps) {
  const [asking, setAsking] = useState(false);
  const early = doneMin < EARLY_SHARE * wholeMin;
  if (!asking) {
    return (
      <Button
        className={classes.outNow}
        variant="default"
        size="md"
        onClick={() => (early ? setAsking(true) : onOut())}
      >
        Out now
      </Button>
    );
  }
  return (
    <span role="group" aria-label="Out already?" className={classes.outNow}>
      Out after {Math.max(0, Math.floor(doneMin))} of {Math.round(wholeMin)} minutes?{' '}
      <Button size="md" color="red" onClick={onOut}>
        Yes, it is out
      </Button>{' '}
      <Button size="md" variant="default" onClick={() => setAsking(false)}>
        No, it stays in
      </Button>
    </span>
  );
}
