/** Whether a hand is down on the screen: all that it changes until it lifts is one gesture. */
let down = false;
let remembered = false;

if (typeof window !== 'undefined') {
  window.addEventListener('pointerdown', () => {
    down = true;
    remembered = false;
  });
  for (const lifts of ['pointerup', 'pointercancel', 'blur']) {
    window.addEventListener(lifts, () => {
      down = false;
    });
  }
}

/** Wraps what remembers a step, so that one gesture is one step: the state before its first change. */
export const oncePerGesture =
  <Arguments extends readonly unknown[]>(remember: (...step: Arguments) => void) =>
  (...step: Arguments): void => {
    if (down && remembered) return;
    remembered = down;
    remember(...step);
  };
