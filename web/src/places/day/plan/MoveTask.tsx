import { Modal, NativeSelect, NumberInput } from '@mantine/core';
import type { Day, DayPlan, DayTask, MoveRequest } from '@mardle/core';
import { moveTask, taskWords, wallTime } from '@mardle/core';
import { useState } from 'react';
import { useDay } from '../../../state/day/day.js';
import classes from '../DayPlace.module.css';
import { Onward } from './Onward.js';

const MOST_MOVED_MIN = 720;

interface MoveTaskProps {
  readonly day: Day;
  readonly plan: DayPlan;
  readonly task: DayTask;
  /** Where it was dropped; where it stands when it was not dragged. */
  readonly wish: MoveRequest;
  readonly onClose: () => void;
}

/** A task at another minute or in other hands: the rest follows, or it is said why not. */
export function MoveTask({ day, plan, task, wish: dropped, onClose }: MoveTaskProps) {
  const done = useDay((state) => state.done);
  const [wish, setWish] = useState(dropped);
  const moved = moveTask(day, plan, task.id, wish, done);
  const same = wish.start === task.start && wish.hands === task.hands;
  return (
    <Modal
      opened
      onClose={onClose}
      title={`Move: ${taskWords(day, plan, task)}`}
      size="lg"
      closeButtonProps={{ 'aria-label': 'Close' }}
    >
      <div className={classes.counts}>
        <NumberInput
          size="sm"
          label="Minutes later"
          min={-MOST_MOVED_MIN}
          max={MOST_MOVED_MIN}
          step={5}
          allowDecimal={false}
          clampBehavior="strict"
          value={wish.start - task.start}
          onChange={(value) => typeof value === 'number' && setWish({ ...wish, start: task.start + value })}
          data-autofocus
        />
        <NativeSelect
          size="sm"
          label="Hands"
          value={wish.hands}
          data={day.kitchen.hands.map(({ id }) => id)}
          onChange={({ currentTarget: { value } }) => setWish({ ...wish, hands: value })}
        />
      </div>
      <p>
        Begins at <b>{wallTime(day, wish.start)}</b>, planned at {wallTime(day, task.start)}.
      </p>
      {moved.ok ? (
        same ? (
          <p>What follows it is shown before anything moves.</p>
        ) : (
          <Onward
            key={`${wish.start}/${wish.hands}`}
            day={day}
            plan={plan}
            next={moved.plan}
            onDone={onClose}
            canLeave
          />
        )
      ) : (
        <div role="alert" className={classes.wrong}>
          <p>It cannot go there.</p>
          <ul>
            {moved.why.map((why) => (
              <li key={why}>{why}</li>
            ))}
          </ul>
        </div>
      )}
    </Modal>
  );
}
