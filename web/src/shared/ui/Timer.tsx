import { Button } from '@mantine/core';
import { endsAtMs, useTimers } from '../../state/timers.js';
import { countdown } from '../format/countdown.js';
import { useNow } from '../hooks/useNow.js';

interface TimerProps {
  readonly name: string;
  readonly minutes: number;
  /** What to do when it is over. */
  readonly label: string;
  /** The page that it belongs to. */
  readonly page: string;
}

/** A kitchen timer that a reload does not stop. */
export function Timer({ name, minutes, label, page }: TimerProps) {
  const running = useTimers((state) => state.running[name]);
  const { start, stop } = useTimers.getState();
  const now = useNow();
  if (running === undefined) {
    return (
      <Button variant="default" onClick={() => start(name, { minutes, label, page })}>
        Start {minutes} minutes
      </Button>
    );
  }
  const left = endsAtMs(running) - now;
  return (
    <Button
      variant="default"
      onClick={() => stop(name)}
      aria-label={left > 0 ? `${countdown(left)} to go; stop` : 'Time is up; stop'}
    >
      <span role="timer">{left > 0 ? countdown(left) : label}</span>
    </Button>
  );
}
