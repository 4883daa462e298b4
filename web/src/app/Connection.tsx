import { Button } from '@mantine/core';
import type { ReadyResponse } from '@mardle/contract';
import { showMinutes } from '@mardle/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { ask } from '../shared/api/client.js';
import { useConnection } from '../state/sending/connection.js';
import { useOutbox } from '../state/sending/outbox.js';
import { useUnsent } from '../state/sending/unsent.js';
import classes from './Connection.module.css';

const LOOK_AGAIN_MS = 3000;
const LOOK_NOW_AND_THEN_MS = 60_000;

const minutesText = (ms: number): string => {
  const { number, unit } = showMinutes(ms / 60_000);
  return `${number} ${unit}`;
};

const counted = (count: number, word: string): string[] =>
  count === 0 ? [] : [`${count} ${word}${count === 1 ? '' : 's'}`];

/** Says when the server does not answer, what is kept meanwhile, and goes away when it answers again. */
export function Connection() {
  const trouble = useConnection((state) => state.trouble);
  const aheadMs = useConnection((state) => state.aheadMs);
  const taps = useOutbox((state) => state.waiting.length);
  const allSaves = useUnsent((state) => state.saves);
  const saves = allSaves.filter(({ refused }) => !refused).length;
  const starts = useUnsent((state) => state.starts.length);
  const forgetSave = useUnsent((state) => state.forgetSave);
  const waiting = [counted(saves, 'pie'), counted(starts, 'bake'), counted(taps, 'tap')].flat();
  const { data: ready } = useQuery({
    queryKey: ['ready'],
    queryFn: () => ask<ReadyResponse>('/health/ready'),
    refetchInterval: trouble === null ? LOOK_NOW_AND_THEN_MS : LOOK_AGAIN_MS,
    retry: false,
  });
  const kept =
    waiting.length === 0
      ? 'What you do on the bench is kept in this browser.'
      : `${waiting.join(', ')} ${saves + starts + taps === 1 ? 'waits' : 'wait'} here and will be sent in order.`;
  return (
    <div role="status" className={classes.place}>
      {trouble && (
        <p className={classes.trouble}>
          <b>{trouble.title}.</b> {trouble.status === 507 ? trouble.detail : kept} {trouble.remedy}
        </p>
      )}
      {allSaves.map(
        ({ pieId, spec, refused }) =>
          refused && (
            <p key={pieId} className={classes.trouble}>
              <b>“{spec.name}” was not saved.</b> {refused.detail} {refused.remedy}{' '}
              <Link to={`/pies/${pieId}`}>Open it</Link>{' '}
              <Button size="compact-sm" variant="default" onClick={() => forgetSave(pieId)}>
                I know
              </Button>
            </p>
          ),
      )}
      {aheadMs !== 0 && (
        <p className={classes.trouble}>
          <b>
            The clock of this device is {minutesText(Math.abs(aheadMs))} {aheadMs > 0 ? 'ahead' : 'behind'}.
          </b>{' '}
          Set it right: what is tapped here is written down by it.
        </p>
      )}
      {ready?.clock === 'behind' && (
        <p className={classes.trouble}>
          <b>The clock of this machine was set back.</b> Something was saved at{' '}
          {new Date(ready.lastSavedAt ?? 0).toLocaleString()}, which is yet to come. Set it right: bakes go by
          it.
        </p>
      )}
    </div>
  );
}
