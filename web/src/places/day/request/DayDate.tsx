import { TextInput } from '@mantine/core';
import { usualEarliest } from '@mardle/core';
import type { DayFile } from '../../../state/day/dayFile.js';
import { useDay } from '../../../state/day/day.js';
import classes from '../DayPlace.module.css';
import { toHour, toDayMinute } from '../hours.js';
import { shiftDay } from '../shiftDay.js';
import { WallTime } from './WallTime.js';

/** Which day it is, and before when nothing is done. */
export function DayDate({ file }: { readonly file: DayFile }) {
  const { change } = useDay();
  const came = file.kitchen.hands.map(({ from }) => ({ from: toDayMinute(file, from) }));
  return (
    <>
      <h2>The day</h2>
      <div className={classes.fields}>
        <span className={classes.term}>date</span>
        <TextInput
          type="date"
          aria-label="Date of the day"
          className={classes.grow}
          value={toHour(file, 0).date}
          onChange={({ currentTarget: { value } }) => value && change(shiftDay(file, value))}
        />
      </div>
      <div className={classes.fields}>
        <span className={classes.term}>not before</span>
        <WallTime
          file={file}
          label="Before when nothing is done"
          at={file.earliest ?? usualEarliest(came)}
          onChange={(earliest) => change({ earliest })}
        />
      </div>
    </>
  );
}
