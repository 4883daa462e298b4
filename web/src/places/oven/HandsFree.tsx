import { standing } from '@mardle/core';
import { Button, Modal } from '@mantine/core';
import { useWindowEvent } from '@mantine/hooks';
import { useEffect, useRef, useState } from 'react';
import { sayAloud } from '../../bakes/alarm.js';
import { countdown } from '../../shared/format/countdown.js';
import { useOutbox } from '../../state/sending/outbox.js';
import { useSettings } from '../../state/settings.js';
import classes from './HandsFree.module.css';
import { tapWordsFor, touchWords } from '../../bakes/tapWords.js';
import type { BakeNow } from '../../bakes/useRunning.js';

/** A second press so soon is a slip of the elbow, ms. */
const TWICE_MS = 1500;
const NOT_A_PRESS = new Set(['Escape', 'Tab', 'Shift', 'Control', 'Alt', 'Meta', 'CapsLock']);
const TAKES_BACK = new Set(['z', 'Z', 'Backspace']);

/** A button beside the large one is pressed as any button is. */
const isOfAnother = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest('button:not([data-all])') !== null;

interface HandsFreeProps extends BakeNow {
  readonly called: string;
  readonly now: number;
  readonly onClose: () => void;
}

/** The next touch of the first pie over the whole screen: any key, or a tap anywhere, does it. */
export function HandsFree({ bake, events, state, called, now, onClose }: HandsFreeProps) {
  const units = useSettings((settings) => settings.units);
  const write = useOutbox((outbox) => outbox.write);
  const { next, outAt } = state;
  const last = standing(events).at(-1);
  const [did, setDid] = useState<string | null>(null);
  const pressedAt = useRef(0);
  const due = next !== null && now >= next.dueAt;
  const words = next ? touchWords(bake, next, units) : 'Nothing more to do';
  const act = (): void => {
    // A pie that cools is not sliced by an elbow before it may be.
    if (!next || (outAt !== null && !due) || Date.now() - pressedAt.current < TWICE_MS) return;
    pressedAt.current = Date.now();
    write(bake.id, next.kind);
    setDid(tapWordsFor(bake, next.kind));
  };
  const takeBack = (): void => {
    if (!last || last.kind === 'loaded') return;
    write(bake.id, 'undo', { undoes: last.id });
    setDid(`${tapWordsFor(bake, last.kind)} taken back`);
  };
  useWindowEvent('keydown', (event) => {
    if (event.repeat || NOT_A_PRESS.has(event.key) || isOfAnother(event.target)) return;
    event.preventDefault();
    if (TAKES_BACK.has(event.key)) takeBack();
    else act();
  });
  useEffect(() => {
    if (did !== null) sayAloud(`${did}. Next, ${called}: ${words}`);
  }, [did, called, words]);
  return (
    <Modal
      opened
      fullScreen
      onClose={onClose}
      title="Any key does it. Z takes it back, Escape ends this."
      closeButtonProps={{ 'aria-label': 'Close' }}
      classNames={{ body: classes.body ?? '' }}
    >
      <button
        type="button"
        data-all
        data-autofocus
        className={classes.all}
        data-due={due || undefined}
        onClick={act}
      >
        <span className={classes.called}>
          {called}, {bake.spec.bake.oven.label}
        </span>
        <span className={classes.words}>{words}</span>
        {next && <span className={classes.time}>{due ? 'now' : `in ${countdown(next.dueAt - now)}`}</span>}
      </button>
      <div className={classes.foot}>
        <p role="status">{did === null ? '' : `Written down: ${did.toLowerCase()}.`}</p>
        {last && last.kind !== 'loaded' && (
          <Button variant="default" size="md" onClick={takeBack}>
            Take back “{tapWordsFor(bake, last.kind).toLowerCase()}”
          </Button>
        )}
      </div>
    </Modal>
  );
}
