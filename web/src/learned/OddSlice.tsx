import { Button, Group } from '@mantine/core';
import { Link } from 'react-router';
import { useKeepTasting, useLogEntry } from '../shared/api/log.js';
import { Failure } from '../shared/ui/Failure.js';
import classes from './LearnedList.module.css';
import { asking, dayText } from './words.js';
import { tastingDraft } from './tastingDraft.js';

/** A slice that moved a figure by more than a tenth: whoever ate it says whether it was meant. */
export function OddSlice({ id }: { readonly id: string }) {
  const { data: entry } = useLogEntry(id);
  const keep = useKeepTasting();
  const set = entry?.tasting?.set;
  if (!entry || !set) return null;
  const say = (stands: boolean): void =>
    keep.mutate({ id, said: { ...tastingDraft(entry), version: entry.version, stands } });
  return (
    <div className={classes.odd} role="note">
      <p>
        <Link to={`/log/${id}`}>
          {entry.name}, {dayText(entry.bakedAt)}
        </Link>
        , “{asking.set.words[set]}”, would move this by more than a tenth; a tenth is used. Does it stand?
      </p>
      <Group gap={8}>
        <Button size="compact-sm" loading={keep.isPending} onClick={() => say(true)}>
          It stands
        </Button>
        <Button size="compact-sm" variant="default" disabled={keep.isPending} onClick={() => say(false)}>
          It was a slip, leave it out
        </Button>
      </Group>
      {keep.error && <Failure error={keep.error} />}
    </div>
  );
}
