import { Alert, Button } from '@mantine/core';
import { timeText } from '../kit/countdown.js';
import { useOutbox } from '../state/outbox.js';
import { tapWords } from './tapWords.js';

/** Taps that the server refused: set aside and shown, so that they hold up no other. */
export function RefusedTaps() {
  const refused = useOutbox((state) => state.refused);
  const arrived = useOutbox((state) => state.arrived);
  if (refused.length === 0) return null;
  return (
    <Alert color="red" role="alert" title="Not written down" mb={12}>
      <ul>
        {refused.map(({ event, refused: why }) => (
          <li key={event.id}>
            {tapWords[event.kind]} at {timeText(Date.parse(event.at))}: {why?.detail} {why?.remedy}
          </li>
        ))}
      </ul>
      <Button variant="default" size="sm" onClick={() => arrived(refused.map(({ event }) => event.id))}>
        Forget {refused.length === 1 ? 'it' : 'them'}
      </Button>
    </Alert>
  );
}
