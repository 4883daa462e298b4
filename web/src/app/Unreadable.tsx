import { Alert, Button, Group } from '@mantine/core';
import { IconAlertTriangle } from '@tabler/icons-react';
import type { FallbackProps } from 'react-error-boundary';
import { Link, useMatch } from 'react-router';
import { forgetDraft, keptDraft } from '../state/drafts.js';

/** Instead of a blank page: what could not be shown, and the ways out. */
export function Unreadable({ error, resetErrorBoundary }: FallbackProps) {
  const pieId = useMatch('/pies/:pieId')?.params.pieId;
  const draft = pieId ? keptDraft(pieId) : null;
  const why = error instanceof Error ? error.message : String(error);
  return (
    <Alert
      color="red"
      role="alert"
      icon={<IconAlertTriangle aria-hidden />}
      title={pieId ? 'This pie cannot be shown' : 'This place cannot be shown'}
    >
      <p>
        Mardle stumbled over it: {why}. Nothing that was saved is touched.{' '}
        {draft && 'Its unsaved changes may be the cause.'}
      </p>
      <Group gap="sm">
        <Button onClick={resetErrorBoundary}>Try again</Button>
        {pieId && draft && (
          <>
            <Button
              variant="default"
              component="a"
              href={`data:application/json,${encodeURIComponent(JSON.stringify(draft.spec, null, 2))}`}
              download="pie.json"
            >
              Keep the unsaved changes as a file
            </Button>
            <Button
              variant="default"
              onClick={() => {
                forgetDraft(pieId);
                resetErrorBoundary();
              }}
            >
              Open it as it was saved
            </Button>
          </>
        )}
        <Button variant="default" component={Link} to="/pies">
          To the pies
        </Button>
      </Group>
    </Alert>
  );
}
