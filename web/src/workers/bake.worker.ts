import type { Bake, BakeSpec, PieBody } from '@mardle/core';
import { bakeBody, bakeSteps } from '@mardle/core';
import * as Comlink from 'comlink';

let latest = 0;
const PAUSE_AFTER_MS = 12;

/** Lets messages in, so that a newer job or a cancel is seen. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

const jobs = {
  /** Bakes; null when no setting gets the pie done, undefined when a newer job took over. */
  async bake(
    job: number,
    body: PieBody,
    spec: BakeSpec,
    progress: (share: number) => void,
  ): Promise<Bake | null | undefined> {
    latest = job;
    const steps = bakeSteps(body, spec);
    let paused = performance.now();
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      if (performance.now() - paused < PAUSE_AFTER_MS) continue;
      progress(step.value);
      await breathe();
      if (latest !== job) return undefined;
      paused = performance.now();
    }
  },
  /** Bakes at one go, whatever else is asked meanwhile: for bakes that are already in an oven. */
  bakeThrough: (body: PieBody, spec: BakeSpec): Bake | null => bakeBody(body, spec),
  cancel(): void {
    latest = -1;
  },
};

export type BakeJobs = typeof jobs;

Comlink.expose(jobs);
