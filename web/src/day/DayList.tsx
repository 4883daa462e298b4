import { Button, Checkbox, Group, Modal, NumberInput } from '@mantine/core';
import type { Day, DayPlan, DayTask } from '@mardle/core';
import { heatWords, pieName, showDegrees, taskWords, wallTime } from '@mardle/core';
import { IconClockPlus } from '@tabler/icons-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Failure } from '../kit/Failure.js';
import type { DayFile } from '../state/day.js';
import { slipped, useDay } from '../state/day.js';
import { useSettings } from '../state/settings.js';
import classes from './DayPlace.module.css';
import { useStartRun } from './useStartRun.js';

interface DayListProps {
  readonly file: DayFile;
  readonly day: Day;
  readonly plan: DayPlan;
  /** The next three of each, or all there is. */
  readonly shown: 'next' | 'all';
}

const NEXT = 3;

/** What each pair of hands does, in order; ticks what is done, says what slipped. On paper always all of it, a page each. */
export function DayList({ file, day, plan, shown }: DayListProps) {
  const { done, tick } = useDay();
  const [late, setLate] = useState<DayTask | null>(null);
  return (
    <>
      <div className={classes.lists}>
        {day.kitchen.hands.map(({ id }) => {
          const tasks = plan.tasks.filter(({ hands }) => hands === id);
          const open = tasks.filter((task) => !done.includes(task.id));
          const now = shown === 'all' ? tasks : open.slice(0, NEXT);
          return (
            <section key={id} aria-label={`What ${id} does`} className={classes.page}>
              <h3>
                {id} <small>{shown === 'next' ? `next of ${open.length}` : `${tasks.length} things`}</small>
              </h3>
              <ol className={classes.tasks}>
                {tasks.map((task) => (
                  <li key={task.id} className={now.includes(task) ? undefined : classes.onPaper}>
                    <Checkbox
                      checked={done.includes(task.id)}
                      onChange={() => tick(task.id)}
                      label={
                        <>
                          <b>{wallTime(day, task.start)}</b> {taskWords(day, plan, task)}{' '}
                          <small>{task.end - task.start} min</small>
                        </>
                      }
                    />
                    {!done.includes(task.id) && (
                      <button
                        type="button"
                        className={`${classes.slip} no-print`}
                        aria-label={`${taskWords(day, plan, task)} takes longer`}
                        title="It takes longer"
                        onClick={() => setLate(task)}
                      >
                        <IconClockPlus size={18} />
                      </button>
                    )}
                  </li>
                ))}
                {now.length === 0 && <li>Nothing more to do.</li>}
              </ol>
            </section>
          );
        })}
        <section aria-label="What is in the ovens" className={classes.page}>
          <h3>Ovens</h3>
          <Runs file={file} day={day} plan={plan} />
        </section>
      </div>
      {late && <Slipped key={late.id} day={day} plan={plan} task={late} onClose={() => setLate(null)} />}
    </>
  );
}

function Runs({ file, day, plan }: Pick<DayListProps, 'file' | 'day' | 'plan'>) {
  const done = useDay((state) => state.done);
  const { start, starting, error } = useStartRun(file);
  const units = useSettings((state) => state.units);
  return (
    <>
      {error !== null && <Failure error={error} />}
      <ol className={classes.tasks}>
        {plan.runs.map((run) => (
          <li key={run.id}>
            <span>
              <b>{wallTime(day, run.start)}</b> {run.oven},{' '}
              {heatWords(run.heat, (tempC) => showDegrees(tempC, units))}:{' '}
              {run.pies
                .map(({ pie, out, foil }) =>
                  [
                    pieName(day, pie),
                    ...(foil === null ? [] : [`foil at ${wallTime(day, run.start + foil).slice(4)},`]),
                    `out ${wallTime(day, run.start + out).slice(4)}`,
                  ].join(' '),
                )
                .join(', ')}
            </span>
            {done.includes(`load:${run.id}`) ? (
              <Link to="/oven" className="no-print">
                in the oven
              </Link>
            ) : (
              <Button
                className="no-print"
                size="compact-md"
                variant="default"
                style={{ flexShrink: 0 }}
                loading={starting === run.id}
                disabled={starting !== null}
                aria-label={`Run of ${wallTime(day, run.start)} in the ${run.oven}: it is in now`}
                onClick={() => void start(run)}
              >
                It is in now
              </Button>
            )}
          </li>
        ))}
      </ol>
    </>
  );
}

const MOST_CHANGES = 8;
const MOST_LONGER_MIN = 240;

interface SlippedProps {
  readonly day: Day;
  readonly plan: DayPlan;
  readonly task: DayTask;
  readonly onClose: () => void;
}

/** What moves when one thing takes longer, before anybody agrees to it. */
function Slipped({ day, plan, task, onClose }: SlippedProps) {
  const follow = useDay((state) => state.follow);
  const [byMin, setByMin] = useState(10);
  const next = slipped(day, plan, task.id, byMin);
  const was = new Map(plan.tasks.map((one) => [one.id, one.start]));
  const moved = next.tasks.filter(({ id, start }) => start !== was.get(id));
  return (
    <Modal opened onClose={onClose} title={`${taskWords(day, plan, task)} takes longer`} size="lg">
      <NumberInput
        label="By how many minutes"
        min={1}
        max={MOST_LONGER_MIN}
        allowDecimal={false}
        clampBehavior="strict"
        value={byMin}
        onChange={(value) => typeof value === 'number' && setByMin(value)}
        data-autofocus
      />
      <p role="status">
        {next.late.length > 0 ? (
          <b>
            Late then: {next.late.map(({ pie, byMin: by }) => `${pieName(day, pie)} by ${by} min`).join(', ')}
            .
          </b>
        ) : (
          'All is still in time.'
        )}{' '}
        {moved.length === 0 ? 'Nothing else moves.' : `${moved.length} of ${plan.tasks.length} things move:`}
      </p>
      <ul>
        {moved.slice(0, MOST_CHANGES).map((one) => (
          <li key={one.id}>
            {taskWords(day, next, one)}: <b>{wallTime(day, one.start)}</b>, was{' '}
            {wallTime(day, was.get(one.id) ?? 0)}
          </li>
        ))}
        {moved.length > MOST_CHANGES && <li>and {moved.length - MOST_CHANGES} more</li>}
      </ul>
      <Group>
        <Button
          onClick={() => {
            follow(next);
            onClose();
          }}
        >
          Go on like this
        </Button>
        <Button variant="default" onClick={onClose}>
          Leave it as it was
        </Button>
      </Group>
    </Modal>
  );
}
