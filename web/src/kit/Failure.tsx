import { Alert } from '@mantine/core';
import { IconAlertTriangle } from '@tabler/icons-react';
import { ProblemError } from '../api/client.js';

/** What went wrong, what was kept, what to do. */
export function Failure({ error }: { readonly error: unknown }) {
  const document = error instanceof ProblemError ? error.document : null;
  return (
    <Alert
      color="red"
      icon={<IconAlertTriangle aria-hidden />}
      title={document?.title ?? 'Something broke'}
      role="alert"
    >
      {document ? `${document.detail} ${document.remedy}` : 'Load the page again; what you typed is kept.'}
    </Alert>
  );
}
