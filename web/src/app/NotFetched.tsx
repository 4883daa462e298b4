import { Alert, Button } from '@mantine/core';
import { IconPlugOff } from '@tabler/icons-react';
import { useEffect } from 'react';
import { useConnection } from '../state/sending/connection.js';

const LOADED_AGAIN = 'mardle.loadedAgainAt';
const AT_MOST_EVERY_MS = 20_000;

/** Loads the page again, unless that was just tried. */
function loadAgain(): void {
  const lastMs = Number(sessionStorage.getItem(LOADED_AGAIN) ?? 0);
  if (Date.now() - lastMs < AT_MOST_EVERY_MS) return;
  sessionStorage.setItem(LOADED_AGAIN, String(Date.now()));
  window.location.reload();
}

/**
 * Instead of a blank page: the code of a place could not be fetched. A browser does not try the same code twice,
 * so the page is loaded again as soon as the server answers; drafts and taps are kept in the browser.
 */
export function NotFetched() {
  const trouble = useConnection((state) => state.trouble);
  useEffect(() => {
    if (trouble === null) loadAgain();
  }, [trouble]);
  return (
    <Alert
      color="red"
      role="alert"
      icon={<IconPlugOff aria-hidden />}
      title="This place could not be fetched"
    >
      <p>The server did not send it. What you did on the bench is kept in this browser.</p>
      <Button onClick={() => window.location.reload()}>Load again</Button>
    </Alert>
  );
}
