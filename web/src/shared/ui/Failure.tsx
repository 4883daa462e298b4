import { Alert } from '@mantine/core';
import { IconAlertTriangle } from '@tabler/icons-react';
import { isTrouble, ProblemError } from '../api/client.js';
import { useConnection } from '../../state/sending/connection.js';

/** What went wrong, what was kept, what to do. */
export function Failure({ error }: { readonly error: unknown }) {
  const trouble = useConnection((state) => state.trouble);
  const document = error instanceof ProblemError ? error.document : null;
  // What failed because the server was away is over when it answers again.
  if (document && isTrouble(document.status) && trouble === null) return null;
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
