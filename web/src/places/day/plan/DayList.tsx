import { Button, Checkbox, NativeSelect } from '@mantine/core';
import type { Day, DayPlan, DayTask } from '@mardle/core';
import {
  taskId,
  unloadGroups,
  heatWords,
  isWorkOn,
  pieName,
  showDegrees,
  taskWords,
  wallTime,
} from '@mardle/core';
import { IconArrowsMove, IconClockPlus } from '@tabler/icons-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Failure } from '../../../shared/ui/Failure.js';
import type { DayFile } from '../../../state/day/dayFile.js';
import { useDay } from '../../../state/day/day.js';
import { useSettings } from '../../../state/settings.js';
import classes from '../DayPlace.module.css';
import { MoveTask } from './MoveTask.js';
import { Slipped } from './Slipped.js';
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
  const [moving, setMoving] = useState<DayTask | null>(null);
  // One pie's way through the day, or everything.
  const [only, setOnly] = useState('');
  const pie = day.pies.some(({ id }) => id === only) ? only : '';
  return (
    <>
      <NativeSelect
        className="no-print"
        label="What is shown"
        w={260}
        value={pie}
        onChange={({ currentTarget: { value } }) => setOnly(value)}
        data={[
          { value: '', label: 'every pie' },
          ...day.pies.map(({ id }) => ({ value: id, label: pieName(day, id) })),
        ]}
      />
      <div className={classes.lists}>
        {day.kitchen.hands.map(({ id }) => {
          const goes = unloadGroups(plan).filter(
            (go) =>
              go.some(({ hands }) => hands === id) &&
              (pie === '' || go.some((task) => isWorkOn(plan, task, pie))),
          );
          const isDone = (go: readonly DayTask[]): boolean => go.every((task) => done.includes(task.id));
          const open = goes.filter((go) => !isDone(go));
          const now = shown === 'all' ? goes : open.slice(0, NEXT);
          return (
            <section key={id} aria-label={`What ${id} does`} className={classes.page}>
              <h3>
                {id} <small>{shown === 'next' ? `next of ${open.length}` : `${goes.length} things`}</small>
              </h3>
              <ol className={classes.tasks}>
                {goes.map((go) => {
                  const [task] = go;
                  return (
                    task && (
                      <li key={task.id} className={now.includes(go) ? undefined : classes.onPaper}>
                        <Checkbox
                          checked={isDone(go)}
                          onChange={() => {
                            const was = isDone(go);
                            for (const one of go) if (done.includes(one.id) === was) tick(one.id);
                          }}
                          label={
                            <>
                              <b>{wallTime(day, task.start)}</b> {taskWords(day, plan, task)}{' '}
                              <small>{task.end - task.start} min</small>
                            </>
                          }
                        />
                        {!isDone(go) && (
                          <span className={`${classes.touches} no-print`}>
                            <button
                              type="button"
                              className={classes.slip}
                              aria-label={`Move: ${taskWords(day, plan, task)}`}
                              title="Move it"
                              onClick={() => setMoving(task)}
                            >
                              <IconArrowsMove size={18} />
                            </button>
                            <button
                              type="button"
                              className={classes.slip}
                              aria-label={`${taskWords(day, plan, task)} takes longer`}
                              title="It takes longer"
                              onClick={() => setLate(task)}
                            >
                              <IconClockPlus size={18} />
                            </button>
                          </span>
                        )}
                      </li>
                    )
                  );
                })}
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
      {moving && (
        <MoveTask
          key={`move ${moving.id}`}
          day={day}
          plan={plan}
          task={moving}
          wish={{ start: moving.start, hands: moving.hands }}
          onClose={() => setMoving(null)}
        />
      )}
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
                .map(({ pie, out, foil, turn }) =>
                  [
                    pieName(day, pie),
                    ...(turn === undefined ? [] : [`turn at ${wallTime(day, run.start + turn).slice(4)},`]),
                    ...(foil === null ? [] : [`foil at ${wallTime(day, run.start + foil).slice(4)},`]),
                    `out ${wallTime(day, run.start + out).slice(4)}`,
                  ].join(' '),
                )
                .join(', ')}
            </span>
            {done.includes(taskId('load', run.id)) ? (
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
