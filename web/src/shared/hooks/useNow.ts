import { useEffect, useState } from 'react';

const TICK_MS = 1000;

/** The time, each second or as often as asked, ms since 1970. */
export function useNow(tickMs = TICK_MS): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), tickMs);
    return () => clearInterval(timer);
  }, [tickMs]);
  return now;
}
