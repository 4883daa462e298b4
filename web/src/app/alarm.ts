/** A touch that is due at an hour. */
export interface Touch {
  readonly bakeId: string;
  readonly kind: string;
  readonly name: string;
  readonly label: string;
  readonly dueAt: number;
}

/** A page that is opened later does not call out what was due long before, ms. */
const STILL_NEW_MS = 90_000;

const keyOf = ({ bakeId, kind, dueAt }: Touch): string => `${bakeId} ${kind} ${dueAt}`;

/**
 * Touches that have just come due, each once; one that was put off is due again at its new hour.
 * @param called keys of those that were called out; the new ones are put there
 */
export function newlyDue(touches: readonly Touch[], called: Set<string>, now: number): Touch[] {
  return touches.filter((touch) => {
    const late = now - touch.dueAt;
    if (late < 0 || called.has(keyOf(touch))) return false;
    called.add(keyOf(touch));
    return late < STILL_NEW_MS;
  });
}

export const wordsOf = (touches: readonly Touch[]): string =>
  touches.map(({ name, label }) => `${name}: ${label}`).join('. ');

/** Three strokes of a small bell. */
const STROKES = 3;
const STROKE_S = 0.28;
const PITCH_HZ = 880;
const LOUD = 0.25;

let sounding: AudioContext | null = null;

export function ring(): void {
  if (!('AudioContext' in window)) return;
  sounding ??= new AudioContext();
  // Until somebody has touched the page the browser keeps it silent; the notification is seen all the same.
  void sounding.resume().catch(() => undefined);
  for (let stroke = 0; stroke < STROKES; stroke++) {
    const at = sounding.currentTime + stroke * STROKE_S;
    const tone = sounding.createOscillator();
    const volume = sounding.createGain();
    tone.frequency.value = PITCH_HZ;
    volume.gain.setValueAtTime(LOUD, at);
    volume.gain.exponentialRampToValueAtTime(0.001, at + STROKE_S);
    tone.connect(volume).connect(sounding.destination);
    tone.start(at);
    tone.stop(at + STROKE_S);
  }
}

export function sayAloud(words: string): void {
  if ('speechSynthesis' in window) window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
}

export function notify(words: string): void {
  if (!('Notification' in window) || Notification.permission !== 'granted') return;
  try {
    new Notification('Mardle', { body: words, tag: words });
  } catch {
    // Some browsers show them from a service worker alone: sound and screen must do.
  }
}

/** Asks whether notifications may be shown; a hand has just asked for alarms. */
export function askToNotify(): void {
  if ('Notification' in window && Notification.permission === 'default') {
    void Notification.requestPermission().catch(() => undefined);
  }
}
