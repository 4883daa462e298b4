import type { PieResponse } from '@mardle/contract';
import { Alert, Button, Group } from '@mantine/core';
import { useState } from 'react';
import { readPie } from '../../shared/api/pies.js';
import { Failure } from '../../shared/ui/Failure.js';
import { isChanged, useBench } from '../../state/bench.js';
import { forgetDraft } from '../../state/drafts.js';

interface SavedElsewhereProps {
  readonly pie: PieResponse;
  readonly onKeepMine: (version: number) => void;
  readonly onCopy: () => void;
}

/** The pie was saved in another tab or on another screen: told at once, nothing lost, the baker chooses. */
export function SavedElsewhere({ pie, onKeepMine, onCopy }: SavedElsewhereProps) {
  const changed = useBench(isChanged);
  const [error, setError] = useState<unknown>(null);
  const withLatest = (act: (latest: PieResponse) => void): void => {
    readPie(pie.id).then(act, setError);
  };
  const takeTheirs = (latest: PieResponse): void => {
    forgetDraft(pie.id);
    useBench.getState().load(latest);
  };
  return (
    <Alert color="yellow" title={`Version ${pie.version} was saved elsewhere`} role="alert" mt={8}>
      {changed
        ? 'Your changes are kept here and nothing was overwritten. Which shall count?'
        : 'This bench still shows the version before.'}
      <Group mt={8} gap={8}>
        <Button variant="default" size="sm" onClick={() => withLatest(takeTheirs)}>
          Take the other
        </Button>
        {changed && (
          <>
            <Button
              variant="default"
              size="sm"
              onClick={() =>
                withLatest((latest) => {
                  useBench.getState().rebase(latest.version);
                  onKeepMine(latest.version);
                })
              }
            >
              Save mine on top
            </Button>
            <Button variant="default" size="sm" onClick={onCopy}>
              Save mine as a copy
            </Button>
          </>
        )}
      </Group>
      {error !== null && <Failure error={error} />}
    </Alert>
  );
}
