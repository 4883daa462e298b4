import { NativeSelect, TextInput } from '@mantine/core';
import type { DayFile } from '../../../state/day/dayFile.js';
import { toHour, instantFrom } from '../hours.js';
import { daysOn } from '../shiftDay.js';

const weekdayOf = (date: string): string =>
  new Intl.DateTimeFormat(undefined, { weekday: 'short', timeZone: 'UTC' }).format(
    Date.parse(`${date}T00:00:00Z`),
  );

interface WallTimeProps {
  readonly file: DayFile;
  /** What is read to who does not see it, as "From when lead is there". */
  readonly label: string;
  readonly at: string | number;
  onChange(at: string): void;
}

/** A day of the week and an hour, as a wall shows them: the day before, the day itself and the one after it. */
export function WallTime({ file, label, at, onChange }: WallTimeProps) {
  const { date, hour } = toHour(file, at);
  const day = toHour(file, 0).date;
  const dates = [...new Set([daysOn(day, -1), day, daysOn(day, 1), date])].sort();
  return (
    <>
      <NativeSelect
        aria-label={`${label}, day`}
        w={88}
        value={date}
        onChange={({ currentTarget: { value } }) => onChange(instantFrom(value, hour, file.timeZone))}
        data={dates.map((value) => ({ value, label: weekdayOf(value) }))}
      />
      <TextInput
        type="time"
        aria-label={label}
        w={136}
        value={hour}
        onChange={({ currentTarget: { value } }) =>
          value && onChange(instantFrom(date, value, file.timeZone))
        }
      />
    </>
  );
}
