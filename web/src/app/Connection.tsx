import { useQuery } from '@tanstack/react-query';
import { ask } from '../api/client.js';
import { useConnection } from '../state/connection.js';
import { useOutbox } from '../state/outbox.js';
import classes from './Connection.module.css';

const LOOK_AGAIN_MS = 3000;

/** Says when the server does not answer, what is kept meanwhile, and goes away when it answers again. */
export function Connection() {
  const trouble = useConnection((state) => state.trouble);
  const waiting = useOutbox((state) => state.waiting.length);
  useQuery({
    queryKey: ['ready'],
    queryFn: () => ask('/health/ready'),
    enabled: trouble !== null,
    refetchInterval: LOOK_AGAIN_MS,
    retry: false,
  });
  const kept =
    waiting === 0
      ? 'What you do on the bench is kept in this browser.'
      : `${waiting} ${waiting === 1 ? 'tap waits' : 'taps wait'} here and will be sent in order.`;
  return (
    <div role="status" className={classes.place}>
      {trouble && (
        <p className={classes.trouble}>
          <b>{trouble.title}.</b> {trouble.status === 507 ? trouble.detail : kept} {trouble.remedy}
        </p>
      )}
    </div>
  );
}
