import { useEffect, useState } from 'react';

const LATER_MS = 2000;

/**
 * Whether the first view stands, the page rests and the network is there: what is not in the view can be brought in.
 * Code that was asked for in vain is not asked for again until the page is loaded anew.
 */
export function useStanding(): boolean {
  const [standing, setStanding] = useState(false);
  useEffect(() => {
    let timer = setTimeout(look, LATER_MS);
    function look(): void {
      if (navigator.onLine) setStanding(true);
      else timer = setTimeout(look, LATER_MS);
    }
    return () => clearTimeout(timer);
  }, []);
  return standing;
}
