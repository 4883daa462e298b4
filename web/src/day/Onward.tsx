import { Button, Group } from '@mantine/core';
import type { Day, DayPlan, Happened, Mended } from '@mardle/core';
import { pieName, taskWords, wallTime } from '@mardle/core';
import { useState } from 'react';
import { useDay } from '../state/day.js';
import { mendInWorker } from '../workers/day.js';

const MOST_TOLD = 8;

interface OnwardProps {
  readonly day: Day;
  readonly plan: DayPlan;
  /** The day as it would go. */
  readonly next: DayPlan;
  /** What made it so: another way is looked for where it is late. */
  readonly happened?: Happened;
  readonly onDone: () => void;
  /** The plan may also be left as it was. */
  readonly canLeave?: boolean;
}

/** How a day goes on from what happened: what moves, what is late, another way where one helps; nothing until it is agreed to. */
export function Onward({ day, plan, next: pushed, happened, onDone, canLeave = false }: OnwardProps) {
  const { follow, done } = useDay();
  const [mended, setMended] = useState<Mended | null | 'looked for'>(null);
  const [none, setNone] = useState(false);
  const next = mended && mended !== 'looked for' ? mended.plan : pushed;
  const look = async (): Promise<void> => {
    if (!happened) return;
    setMended('looked for');
    const found = await mendInWorker(day, plan, happened, done);
    setMended(found);
    setNone(found === null);
  };
  return (
    <>
      <p role="status">
        <b>{lateWords(day, next)}</b> {movedWords(plan, next)}
        {none && ' No other hands would make it sooner.'}
      </p>
      {mended && mended !== 'looked for' && (
        <>
          <p>With these changes:</p>
          <ul>
            {mended.changes.map(({ task: id, hands, was }) => {
              const task = next.tasks.find((one) => one.id === id);
              return (
                task && (
                  <li key={id}>
                    {taskWords(day, next, task)}: <b>{wallTime(day, task.start)}</b>,{' '}
                    {hands === was ? 'before what was to come first' : `${hands} instead of ${was}`}
                  </li>
                )
              );
            })}
          </ul>
        </>
      )}
      <Moves day={day} plan={plan} next={next} />
      <Group>
        <Button
          onClick={() => {
            follow(next);
            onDone();
          }}
        >
          Go on like this
        </Button>
        {happened && pushed.late.length > 0 && (mended === null || mended === 'looked for') && !none && (
          <Button variant="default" loading={mended === 'looked for'} onClick={() => void look()}>
            Look for another way
          </Button>
        )}
        {canLeave && (
          <Button variant="default" onClick={onDone}>
            Leave it as it was
          </Button>
        )}
      </Group>
    </>
  );
}

const lateWords = (day: Day, { late }: DayPlan): string =>
  late.length === 0
    ? 'All is still in time.'
    : `Late then: ${late.map(({ pie, byMin }) => `${pieName(day, pie)} by ${byMin} min`).join(', ')}.`;

const startsOf = (plan: DayPlan): ReadonlyMap<string, number> =>
  new Map(plan.tasks.map(({ id, start }) => [id, start]));

function movedWords(plan: DayPlan, next: DayPlan): string {
  const was = startsOf(plan);
  const moved = next.tasks.filter(({ id, start }) => start !== was.get(id)).length;
  return moved === 0 ? 'Nothing else moves.' : `${moved} of ${plan.tasks.length} things move:`;
}

function Moves({ day, plan, next }: { readonly day: Day; readonly plan: DayPlan; readonly next: DayPlan }) {
  const was = startsOf(plan);
  const moved = next.tasks.filter(({ id, start }) => start !== was.get(id)).sort((a, b) => a.start - b.start);
  return (
    <ul>
      {moved.slice(0, MOST_TOLD).map((one) => (
        <li key={one.id}>
          {taskWords(day, next, one)}: <b>{wallTime(day, one.start)}</b>, was{' '}
          {wallTime(day, was.get(one.id) ?? 0)}
        </li>
      ))}
      {moved.length > MOST_TOLD && <li>and {moved.length - MOST_TOLD} more</li>}
    </ul>
  );
}
