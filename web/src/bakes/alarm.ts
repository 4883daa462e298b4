/** A touch that is due at an hour. */
export interface Touch {
  readonly bakeId: string;
  readonly kind: string;
  readonly name: string;
  readonly label: string;
  readonly dueAt: number;
}

/** A touch that was heard: nobody is called to it until then, unless it is put off meanwhile. Times in ms since 1970. */
export interface Heard {
  readonly at: number;
  readonly until: number;
}

/** A pie that was due so long ago is out, whatever was tapped. */
const FORGOTTEN_MS = 12 * 3_600_000;
/** It rings again so often, at first (what burns for three times as long) and later, until somebody answers. */
const AGAIN_MS = 60_000;
const AGAIN_LATER_MS = 300_000;
const AT_FIRST_MS = 600_000;
/** What burns when it is forgotten is only quiet for a while. */
const QUIET_MS = 300_000;
const BURNS: ReadonlySet<string> = new Set(['out', 'lowered', 'weights_out']);

export const touchKey = ({ bakeId, kind }: Pick<Touch, 'bakeId' | 'kind'>): string => `${bakeId} ${kind}`;

/** What hearing a touch does: those that burn ring again in a while, the others never. */
export const heardNow = ({ kind }: Pick<Touch, 'kind'>, now: number): Heard => ({
  at: now,
  until: BURNS.has(kind) ? now + QUIET_MS : Number.MAX_SAFE_INTEGER,
});

/** Whether a touch that is due still calls. */
export const isCalling = ({ dueAt }: Pick<Touch, 'dueAt'>, heard: Heard | undefined, now: number): boolean =>
  dueAt <= now && now - dueAt < FORGOTTEN_MS && !(heard && heard.at >= dueAt && now < heard.until);

/**
 * Touches to call out now: at once when they are due, however long ago that was, and again until they are done or heard.
 * @param called when each was last called out, by `keyOf`; what is called out now is put there
 */
export function toCallOut(
  touches: readonly Touch[],
  called: Map<string, number>,
  heard: Readonly<Record<string, Heard>>,
  now: number,
): Touch[] {
  return touches.filter((touch) => {
    const key = touchKey(touch);
    if (!isCalling(touch, heard[key], now)) return false;
    const last = called.get(key);
    const atFirstMs = BURNS.has(touch.kind) ? 3 * AT_FIRST_MS : AT_FIRST_MS;
    const againMs = now - touch.dueAt < atFirstMs ? AGAIN_MS : AGAIN_LATER_MS;
    if (last !== undefined && last >= touch.dueAt && now - last < againMs) return false;
    called.set(key, now);
    return true;
  });
}

export const alarmWords = (touches: readonly Touch[]): string =>
  touches.map(({ name, label }) => `${name}: ${label}`).join('. ');

/** Three strokes of a small bell. */
const STROKES = 3;
const STROKE_S = 0.28;
const PITCH_HZ = 880;
const LOUD = 0.25;

/** Whether this page may sound: a browser keeps a page silent until somebody has touched it. */
export type Sound = 'none' | 'blocked' | 'ready';

let sounding: AudioContext | null = null;

function context(): AudioContext | null {
  if (!('AudioContext' in window)) return null;
  sounding ??= new AudioContext();
  return sounding;
}

export function soundNow(): Sound {
  const audio = context();
  if (!audio) return 'none';
  return audio.state === 'running' ? 'ready' : 'blocked';
}

/** Lets the page sound: only when a hand has just touched it does the browser agree. */
export function allowSound(): void {
  void context()
    ?.resume()
    .catch(() => undefined);
}

/** Calls back whenever the page may sound, or may no longer. Returns what ends that. */
export function watchSound(changed: () => void): () => void {
  const audio = context();
  audio?.addEventListener('statechange', changed);
  // Any touch of the page will do.
  window.addEventListener('pointerdown', allowSound);
  window.addEventListener('keydown', allowSound);
  return () => {
    audio?.removeEventListener('statechange', changed);
    window.removeEventListener('pointerdown', allowSound);
    window.removeEventListener('keydown', allowSound);
  };
}

export function ring(): void {
  allowSound();
  const sounding = context();
  if (!sounding) return;
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
