import type { BakeSummary } from '@mardle/contract';
import { standing } from '@mardle/core';
import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { readBake, useLateBakes } from '../../shared/api/bakes.js';
import { timeText } from '../../shared/format/countdown.js';
import { useNow } from '../../shared/hooks/useNow.js';
import { useOutbox } from '../../state/sending/outbox.js';
import classes from './OvenPlace.module.css';

/** What went in longer ago stands in the log alone. */
const LATELY_MS = 36 * 3_600_000;

/** What is over, and the way back for what was ended by a wrong tap. */
export function LatelyOut() {
  const { data } = useLateBakes();
  const write = useOutbox((state) => state.write);
  const now = useNow();
  const bakes = (data?.bakes ?? []).filter(({ loadedAt }) => now - Date.parse(loadedAt) < LATELY_MS);
  if (bakes.length === 0) return null;
  const bringBack = ({ id }: BakeSummary): void =>
    void readBake(id).then(
      ({ events }) => {
        const last = standing(events).findLast(({ kind }) => kind === 'cut' || kind === 'cancelled');
        if (last) write(id, 'undo', { undoes: last.id });
      },
      // The head of the page says that the server does not answer.
      () => undefined,
    );
  return (
    <section className={classes.eaten}>
      <h2>Lately out</h2>
      <ul>
        {bakes.map((bake) => (
          <li key={bake.id}>
            <Link to={`/pies/${bake.pieId}`}>{bake.name}</Link>, {bake.oven}, in at{' '}
            {timeText(Date.parse(bake.loadedAt))}{' '}
            {bake.logged ? (
              <Button component={Link} to={`/log/${bake.id}`} size="compact-sm" variant="default">
                How was it?
              </Button>
            ) : (
              '(started by mistake)'
            )}{' '}
            <Button variant="subtle" size="compact-sm" onClick={() => bringBack(bake)}>
              Not over yet
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
