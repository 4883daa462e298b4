import { useState } from 'react';
import classes from './Clock.module.css';
import { readTime } from './timeOfDay.js';

interface TimeFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A time of day by the 24 hour clock, as the rest of the slip shows it; 7, 7:30, 0730 are all understood. */
export function TimeField({ label, value, onChange }: TimeFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const typed = draft ?? value;
  const wrong = readTime(typed) === null;
  return (
    <label>
      {label}{' '}
      <input
        className={classes.time}
        inputMode="numeric"
        size={5}
        value={typed}
        aria-invalid={wrong}
        onChange={(event) => {
          setDraft(event.target.value);
          const read = readTime(event.target.value);
          if (read && event.target.value.length >= 5) onChange(read);
        }}
        onBlur={() => {
          const read = readTime(typed);
          // What cannot be read stays until it is mended.
          if (!read) return;
          onChange(read);
          setDraft(null);
        }}
      />
      {wrong && <small role="alert"> a time, as 07:30 or 4 pm</small>}
    </label>
  );
}
