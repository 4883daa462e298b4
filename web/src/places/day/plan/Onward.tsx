import { Button, Group } from '@mantine/core';
import type { Day, DayPlan, DayTask, Actuals, Repair } from '@mardle/core';
import { unloadGroups, pieName, taskWords, wallTime, brokenRules } from '@mardle/core';
import { useEffect, useState } from 'react';
import { useDay } from '../../../state/day/day.js';
import { mendInWorker } from '../../../shared/workers/day.js';
import classes from '../DayPlace.module.css';

const MOST_TOLD = 8;

interface OnwardProps {
  readonly day: Day;
  readonly plan: DayPlan;
  /** The day as it would go. */
  readonly next: DayPlan;
  /** What made it so: another way is looked for where it is late. */
  readonly happened?: Actuals;
  readonly onDone: () => void;
  /** The plan may also be left as it was. */
  readonly canLeave?: boolean;
}

/** Another way that was looked for, and the plan that it goes on from. */
interface Looked {
  readonly of: DayPlan;
  readonly busy: boolean;
  readonly found: Repair | null;
}

/** How a day goes on from what happened: what moves, what is late, another way where one helps; nothing until it is agreed to. */
export function Onward({ day, plan, next: pushed, happened, onDone, canLeave = false }: OnwardProps) {
  const { follow, done } = useDay();
  const [looked, setLooked] = useState<Looked | null>(null);
  // What was found for a plan that others have changed since is no way on from this one.
  const other = looked?.of === plan ? looked : null;
  const mended = other?.found ?? null;
  const next = mended?.plan ?? pushed;
  const breaks = brokenRules(day, plan, next, happened);
  const harms = pushed.late.length > 0 || brokenRules(day, plan, pushed, happened).length > 0;
  const look = async (): Promise<void> => {
    if (!happened) return;
    setLooked({ of: plan, busy: true, found: null });
    const found = await mendInWorker(day, plan, happened, done);
    setLooked({ of: plan, busy: false, found });
  };
  // What burns or keeps people past their hours is not left for somebody to ask about.
  const mustLook = happened !== undefined && breaks.length > 0 && other === null;
  useEffect(() => {
    if (!mustLook) return undefined;
    const soon = setTimeout(() => void look());
    return () => clearTimeout(soon);
  });
  return (
    <>
      {breaks.length > 0 && (
        <div role="alert" className={classes.wrong}>
          <p>
            <b>This does not work as it stands:</b>
          </p>
          <ul>
            {breaks.slice(0, MOST_TOLD).map((said) => (
              <li key={said}>{said}</li>
            ))}
          </ul>
        </div>
      )}
      <p role="status">
        <b>{lateWords(day, next, breaks.length > 0)}</b> {movedWords(plan, next)}
        {other?.busy && ' Looking for another way …'}
        {other && !other.busy && !mended && ' No other hands would help.'}
      </p>
      {mended && (
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
          {breaks.length > 0 ? 'Go on all the same' : 'Go on like this'}
        </Button>
        {happened && harms && (!other || other.busy) && (
          <Button variant="default" loading={other?.busy ?? false} onClick={() => void look()}>
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

const lateWords = (day: Day, { late }: DayPlan, broken: boolean): string =>
  late.length === 0
    ? broken
      ? 'Nothing is late.'
      : 'All is still in time.'
    : `Late then: ${late.map(({ pie, byMin }) => `${pieName(day, pie)} by ${byMin} min`).join(', ')}.`;

const startsOf = (plan: DayPlan): ReadonlyMap<string, number> =>
  new Map(plan.tasks.map(({ id, start }) => [id, start]));

/** What begins at another minute than it was to; of each go the task that takes its time. */
function movedFrom(plan: DayPlan, next: DayPlan): DayTask[] {
  const was = startsOf(plan);
  return unloadGroups(next).flatMap(([task]) => (task && task.start !== was.get(task.id) ? [task] : []));
}

function movedWords(plan: DayPlan, next: DayPlan): string {
  const moved = movedFrom(plan, next).length;
  return moved === 0 ? 'Nothing else moves.' : `${moved} of ${unloadGroups(next).length} things move:`;
}

function Moves({ day, plan, next }: { readonly day: Day; readonly plan: DayPlan; readonly next: DayPlan }) {
  const was = startsOf(plan);
  const moved = movedFrom(plan, next).sort((a, b) => a.start - b.start);
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
