import { useEffect, useRef } from 'react';
import { useSettings } from '../state/settings.js';
import type { Touch } from './alarm.js';
import { newlyDue, notify, ring, sayAloud, wordsOf } from './alarm.js';

/** Calls out each touch when it is due, as this browser was told to; whichever page is open. */
export function useAlarm(touches: readonly Touch[], now: number): void {
  const alarm = useSettings((state) => state.alarm);
  const called = useRef(new Set<string>());
  useEffect(() => {
    const due = newlyDue(touches, called.current, now);
    if (due.length === 0 || alarm === 'quiet') return;
    const words = wordsOf(due);
    notify(words);
    ring();
    if (alarm === 'aloud') sayAloud(words);
  }, [touches, now, alarm]);
}
