import { Button } from '@mantine/core';
import { IconPlus } from '@tabler/icons-react';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { Plate } from '../../shared/ui/Plate/Plate.js';
import classes from './LarderPlace.module.css';

interface Thing {
  readonly id: string;
  readonly label: string;
}

interface OwnListProps<Kind extends Thing> {
  readonly label: string;
  readonly addLabel: string;
  readonly things: readonly Kind[];
  readonly make: () => Kind;
  /** What tells one from another, small at the right. */
  readonly note: (thing: Kind) => string;
  /** The form of the chosen one. */
  readonly children: (thing: Kind, isNew: boolean, onGone: () => void) => ReactNode;
}

/** Things of this kitchen's own: the list at the left, the chosen one at the right. */
export function OwnList<Kind extends Thing>({
  label,
  addLabel,
  things,
  make,
  note,
  children,
}: OwnListProps<Kind>) {
  const [chosenId, choose] = useState<string | null>(null);
  const [added, setAdded] = useState<Kind | null>(null);
  const fresh = added && !things.some(({ id }) => id === added.id) ? added : null;
  const all = fresh ? [...things, fresh] : things;
  const chosen = all.find(({ id }) => id === chosenId) ?? all[0];
  return (
    <div className={classes.fruits}>
      <Plate label={label} className={classes.list}>
        <ul>
          {all.map((thing) => (
            <li key={thing.id}>
              <button
                type="button"
                aria-current={thing.id === chosen?.id || undefined}
                onClick={() => choose(thing.id)}
              >
                {thing.label}
                <small>{note(thing)}</small>
              </button>
            </li>
          ))}
          {all.length === 0 && <li>None yet. Add the first.</li>}
        </ul>
        <Button
          variant="default"
          leftSection={<IconPlus size={18} />}
          disabled={fresh !== null}
          onClick={() => {
            const made = make();
            setAdded(made);
            choose(made.id);
          }}
        >
          {addLabel}
        </Button>
      </Plate>
      {chosen && children(chosen, chosen.id === fresh?.id, () => choose(null))}
    </div>
  );
}
