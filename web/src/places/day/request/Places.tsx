import { emptyFreezer, shellsIn, usualDay } from '@mardle/core';
import type { DayFile } from '../../../state/day/dayFile.js';
import { USUAL_FRIDGE, useDay } from '../../../state/day/day.js';
import { CountInput } from './CountInput.js';
import classes from '../DayPlace.module.css';

const MOST = 200;

/** What there is one of for each place of the kitchen, and how many when nobody says. */
const places = [
  { field: 'fridgePlaces', label: 'Places in the fridge', least: 1, usual: USUAL_FRIDGE },
  { field: 'rackPlaces', label: 'Places on the rack', least: 1, usual: usualDay.rackPlaces },
  { field: 'hobRings', label: 'Rings of the hob', least: 0, usual: usualDay.hobRings },
  { field: 'mixers', label: 'Mixers; 0: by hand', least: 0, usual: usualDay.mixers },
] as const;

/** How many there are of each dish, and where things can stand. */
export function Places({ file }: { readonly file: DayFile }) {
  const { change } = useDay();
  const { kitchen } = file;
  const used = [...new Set([...file.pies.map(({ pie }) => pie.dish.label), ...Object.keys(kitchen.dishes)])];
  return (
    <>
      <h2>Dishes and fridge</h2>
      <div className={classes.counts}>
        {used.map((label) => (
          <CountInput
            key={label}
            label={label}
            least={shellsIn({ ...emptyFreezer, ...file.freezer }, label)}
            most={MOST}
            value={kitchen.dishes[label] ?? 0}
            onChange={(count) =>
              change({ kitchen: { ...kitchen, dishes: { ...kitchen.dishes, [label]: count } } })
            }
          />
        ))}
        {places.map(({ field, label, least, usual }) => (
          <CountInput
            key={field}
            label={label}
            least={least}
            most={MOST}
            value={kitchen[field] ?? usual}
            onChange={(count) => change({ kitchen: { ...kitchen, [field]: count } })}
          />
        ))}
      </div>
    </>
  );
}
