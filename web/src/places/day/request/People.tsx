import { Button, Checkbox } from '@mantine/core';
import { nightHours } from '@mardle/core';
import { IconPlus } from '@tabler/icons-react';
import type { DayFile, Person } from '../../../state/day/dayFile.js';
import { useDay } from '../../../state/day/day.js';
import classes from '../DayPlace.module.css';
import { PersonRow } from './PersonRow.js';

const MOST = 12;

/** Who is there from when to when, and what for. */
export function People({ file }: { readonly file: DayFile }) {
  const { change } = useDay();
  const { hands } = file.kitchen;
  const set = (next: readonly Person[]): void => change({ kitchen: { ...file.kitchen, hands: next } });
  const setOne = (i: number, part: Partial<Person>): void =>
    set(hands.map((one, k) => (k === i ? { ...one, ...part } : one)));
  return (
    <>
      <h2>Who is there</h2>
      <ul className={classes.rows}>
        {hands.map((person, i) => (
          <PersonRow
            key={i}
            file={file}
            person={person}
            number={i + 1}
            isLast={hands.length < 2}
            onChange={(part) => setOne(i, part)}
            onRemove={() => set(hands.filter((_, k) => k !== i))}
          />
        ))}
      </ul>
      <Button
        variant="default"
        leftSection={<IconPlus size={18} />}
        disabled={hands.length >= MOST}
        onClick={() => {
          const [first] = hands;
          if (first) set([...hands, { ...first, id: `hand ${hands.length + 1}` }]);
        }}
      >
        One more pair of hands
      </Button>
      <Checkbox
        label={`Work at night too, ${nightHours.from}:00 to ${nightHours.to}:00`}
        description="If not, all sleep then, as long as the pies let them."
        checked={file.nights === 'open'}
        onChange={({ currentTarget: { checked } }) => change({ nights: checked ? 'open' : 'shut' })}
      />
    </>
  );
}
