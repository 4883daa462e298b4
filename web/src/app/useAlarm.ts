import { useEffect, useRef, useSyncExternalStore } from 'react';
import { useHeard } from '../bakes/heard.js';
import { useSettings } from '../state/settings.js';
import type { Sound, Touch } from '../bakes/alarm.js';
import { notify, ring, sayAloud, soundNow, toCallOut, watchSound, alarmWords } from '../bakes/alarm.js';

/** Whether this page may sound just now. */
export const useSound = (): Sound => useSyncExternalStore(watchSound, soundNow);

/**
 * Calls out each touch when it is due, and again until it is done or heard, as this browser was told to; whichever page is
 * open. What could not be heard is called out as soon as the page may sound.
 */
export function useAlarm(touches: readonly Touch[], now: number, sound: Sound): void {
  const alarm = useSettings((state) => state.alarm);
  const heard = useHeard((state) => state.heard);
  const called = useRef(new Map<string, number>());
  useEffect(() => {
    if (sound === 'ready') called.current.clear();
  }, [sound]);
  useEffect(() => {
    if (alarm === 'quiet') return;
    const due = toCallOut(touches, called.current, heard, now);
    if (due.length === 0) return;
    const words = alarmWords(due);
    notify(words);
    ring();
    if (alarm === 'aloud') sayAloud(words);
  }, [touches, now, alarm, heard, sound]);
}
