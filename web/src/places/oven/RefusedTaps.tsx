import { Alert, Button } from '@mantine/core';
import { timeText } from '../../shared/format/countdown.js';
import { useOutbox } from '../../state/sending/outbox.js';
import { useUnsent } from '../../state/sending/unsent.js';
import { tapWords } from '../../bakes/tapWords.js';

/** Taps and starts that the server refused: set aside and shown, so that they hold up no other. */
export function RefusedTaps() {
  const refused = useOutbox((state) => state.refused);
  const arrived = useOutbox((state) => state.arrived);
  const starts = useUnsent((state) => state.starts).filter((start) => start.refused);
  const forgetStart = useUnsent((state) => state.forgetStart);
  const forget = (): void => {
    arrived(refused.map(({ event }) => event.id));
    for (const { request } of starts) forgetStart(request.id);
  };
  const count = refused.length + starts.length;
  if (count === 0) return null;
  return (
    <Alert color="red" role="alert" title="Not written down" mb={12}>
      <ul>
        {starts.map(({ request, refused: why }) => (
          <li key={request.id}>
            {request.spec.name} into the oven at {timeText(Date.parse(request.loaded.at))}: {why?.detail}{' '}
            {why?.remedy}
          </li>
        ))}
        {refused.map(({ event, refused: why }) => (
          <li key={event.id}>
            {tapWords[event.kind]} at {timeText(Date.parse(event.at))}: {why?.detail} {why?.remedy}
          </li>
        ))}
      </ul>
      <Button variant="default" size="sm" onClick={forget}>
        Forget {count === 1 ? 'it' : 'them'}
      </Button>
    </Alert>
  );
}
