import { Button, Group } from '@mantine/core';
import type { UseMutationResult } from '@tanstack/react-query';
import { Failure } from '../../shared/ui/Failure.js';

interface KeepOrPutAwayProps<Kind extends { readonly id: string }> {
  /** As it stood when the form was opened, and as it stands now. */
  readonly before: Kind;
  readonly draft: Kind;
  readonly isNew: boolean;
  /** Nothing is wrong with it. */
  readonly sound: boolean;
  readonly keep: UseMutationResult<unknown, Error, Kind>;
  readonly remove: UseMutationResult<unknown, Error, string>;
  readonly onGone: () => void;
  readonly keepLabel: string;
  readonly keptWords: string;
}

/** The end of a form in the larder: keep what was changed, or put the thing away; what went wrong stands above. */
export function KeepOrPutAway<Kind extends { readonly id: string }>({
  before,
  draft,
  isNew,
  sound,
  keep,
  remove,
  onGone,
  keepLabel,
  keptWords,
}: KeepOrPutAwayProps<Kind>) {
  const kept = keep.isSuccess && keep.variables === draft;
  const changed = !kept && (isNew || draft !== before);
  return (
    <>
      {[keep.error, remove.error].map((error, i) => error && <Failure key={i} error={error} />)}
      <Group gap={8}>
        <Button disabled={!changed || !sound} loading={keep.isPending} onClick={() => keep.mutate(draft)}>
          {keepLabel}
        </Button>
        {!isNew && (
          <Button
            variant="default"
            loading={remove.isPending}
            onClick={() => remove.mutate(draft.id, { onSuccess: onGone })}
          >
            Put it away
          </Button>
        )}
        <span role="status">{kept ? keptWords : ''}</span>
      </Group>
    </>
  );
}
