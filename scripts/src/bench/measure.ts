/** A benchmark against a reference measured in the same run, so that the machine cancels out. */
export interface Benchmark {
  readonly name: string;
  /** Milliseconds, median, unless it has another unit. */
  readonly value: number;
  /** `ms` when not said; empty for a bare number. */
  readonly unit?: string;
  /** Milliseconds of what it is held against, and what that is. */
  readonly reference: number;
  readonly against: string;
  readonly ratio: number;
  /** The ratio aimed at; met when it is not higher. */
  readonly goal: number;
  readonly met: boolean;
}

/** Median milliseconds of a job, after warming up. */
export function medianMs(job: () => unknown, times: number): number {
  for (let i = 0; i < Math.max(2, times / 3); i++) job();
  const taken = Array.from({ length: times }, () => {
    const start = performance.now();
    job();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return taken[Math.floor(times / 2)] ?? 0;
}

/** Enough for the engine to have compiled all of it as well as it can. */
const WARM_UPS = 40;

/** Median milliseconds of a job as it is the first times, and when everything is compiled: cold and warm, told apart. */
export function coldAndWarmMs(job: () => unknown): { readonly coldMs: number; readonly warmMs: number } {
  const coldMs = onceMs(job);
  for (let i = 0; i < WARM_UPS; i++) job();
  return { coldMs, warmMs: medianMs(job, 15) };
}

/** Milliseconds of a job that takes seconds: once, without warming up. */
export function onceMs(job: () => unknown): number {
  const start = performance.now();
  job();
  return performance.now() - start;
}

export const compare = (
  name: string,
  value: number,
  against: string,
  reference: number,
  goal: number,
): Benchmark => {
  const ratio = value / reference;
  return { name, value, reference, against, ratio, goal, met: ratio <= goal };
};
