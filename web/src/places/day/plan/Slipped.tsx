import { Modal, NumberInput } from '@mantine/core';
import type { Day, DayPlan, DayTask } from '@mardle/core';
import { rightShift, taskWords } from '@mardle/core';
import { useState } from 'react';
import { longer } from '../../../state/day/day.js';
import { Onward } from './Onward.js';

const MOST_LONGER_MIN = 240;

interface SlippedProps {
  readonly day: Day;
  readonly plan: DayPlan;
  readonly task: DayTask;
  readonly onClose: () => void;
}

/** What moves when one thing takes longer, before anybody agrees to it. */
export function Slipped({ day, plan, task, onClose }: SlippedProps) {
  const [byMin, setByMin] = useState(10);
  const happened = longer(task, byMin);
  return (
    <Modal
      opened
      onClose={onClose}
      title={`${taskWords(day, plan, task)} takes longer`}
      size="lg"
      closeButtonProps={{ 'aria-label': 'Close' }}
    >
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
      <Onward
        key={byMin}
        day={day}
        plan={plan}
        next={rightShift(day, plan, happened)}
        happened={happened}
        onDone={onClose}
        canLeave
      />
    </Modal>
  );
}
