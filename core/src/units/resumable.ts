/**
 * A long sum that hands back the share done so far at each pause, so that whoever drives it can show progress or stop.
 */
export type Resumable<T> = Generator<number, T, void>;

/**
 * Drives a paused sum to its end.
 * @param sum a generator that pauses
 * @returns its value
 * @example finishNow(bakeSteps(plan.work, plan.spec.bake))
 */
export function finishNow<T>(sum: Resumable<T>): T {
  for (;;) {
    const step = sum.next();
    if (step.done) return step.value;
  }
}
