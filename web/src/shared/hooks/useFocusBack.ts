import { useEffect, useState } from 'react';

/** What lies over the page gives the focus back to where it came from when it goes. */
export function useFocusBack(): void {
  const [from] = useState(() => document.activeElement);
  useEffect(
    () => () => {
      // After the dialog has let go of it.
      setTimeout(() => {
        if (from instanceof HTMLElement && from.isConnected) from.focus();
      });
    },
    [from],
  );
}
