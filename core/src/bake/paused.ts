/**
 * A long sum that hands back the share done so far at each pause, so that whoever drives it can show progress or stop.
 */
export type Paused<T> = Generator<number, T, void>;

/** Drives a paused sum to its end. */
export function finishNow<T>(sum: Paused<T>): T {
  for (;;) {
    const step = sum.next();
    if (step.done) return step.value;
  }
}
