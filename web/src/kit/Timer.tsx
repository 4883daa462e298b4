import { Button } from '@mantine/core';
import { useTimers } from '../state/timers.js';
import { countdown } from './countdown.js';
import { useNow } from './useNow.js';

interface TimerProps {
  readonly name: string;
  readonly minutes: number;
}

/** A kitchen timer that a reload does not stop. */
export function Timer({ name, minutes }: TimerProps) {
  const started = useTimers((state) => state.started[name]);
  const { start, stop } = useTimers.getState();
  const now = useNow();
  if (started === undefined) {
    return (
      <Button variant="default" onClick={() => start(name)}>
        Start {minutes} minutes
      </Button>
    );
  }
  const left = started + minutes * 60_000 - now;
  return (
    <Button
      variant="default"
      onClick={() => stop(name)}
      aria-label={left > 0 ? `${countdown(left)} to go; stop` : 'Time is up; stop'}
    >
      <span role="timer">{left > 0 ? countdown(left) : 'Weigh it now'}</span>
    </Button>
  );
}
