import { SegmentedControl } from '@mantine/core';
import type { ObjectiveKind, Emphasis } from '@mardle/core';
import { objectiveKinds, emphases, usualDay } from '@mardle/core';
import type { DayFile } from '../../../state/day/dayFile.js';
import { useDay } from '../../../state/day/day.js';
import { CountInput } from './CountInput.js';
import classes from '../DayPlace.module.css';

const matterWords: Readonly<Record<ObjectiveKind, string>> = {
  lateStart: 'Begin late',
  fewRuns: 'Few runs of the ovens',
  fewMixes: 'Few mixings of dough',
  colour: 'Colours just so',
  noWaiting: 'From the bench straight to the oven',
};

const stopWords: Readonly<Record<Emphasis, string>> = {
  little: 'little',
  usual: 'as usual',
  much: 'much',
};

const rooms = [
  { field: 'readySooner', label: 'Ready sooner by, min', most: 240 },
  { field: 'beforeLoad', label: 'Before an oven, min', most: 60 },
] as const;

/** How much room a plan leaves, and what it is to be good at: nothing late comes before all of it. */
export function Wishes({ file }: { readonly file: DayFile }) {
  const { change } = useDay();
  return (
    <>
      <h2>Room, for what goes wrong</h2>
      <div className={classes.counts}>
        {rooms.map(({ field, label, most }) => (
          <CountInput
            key={field}
            label={label}
            most={most}
            value={file.slack?.[field] ?? usualDay[field]}
            onChange={(min) => change({ slack: { ...file.slack, [field]: min } })}
          />
        ))}
      </div>
      <h2>What matters</h2>
      <ul className={classes.rows}>
        {objectiveKinds.map((kind) => (
          <li key={kind}>
            <span className={classes.wide}>{matterWords[kind]}</span>
            <SegmentedControl
              fullWidth
              className={classes.wide}
              aria-label={`How much it matters: ${matterWords[kind]}`}
              value={file.matters?.[kind] ?? 'usual'}
              onChange={(value) =>
                change({
                  matters: { ...file.matters, [kind]: emphases.find((stop) => stop === value) ?? 'usual' },
                })
              }
              data={emphases.map((value) => ({ value, label: stopWords[value] }))}
            />
          </li>
        ))}
      </ul>
    </>
  );
}
