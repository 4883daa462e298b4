import type { Bake, BakeSpec, PieBody } from '@mardle/core';
import type { Remote } from 'comlink';
import * as Comlink from 'comlink';
import type { BakeJobs } from './bake.worker.js';

let worker: Remote<BakeJobs> | null = null;

/** The one bake worker, started when first needed. */
function bakeWorker(): Remote<BakeJobs> {
  worker ??= Comlink.wrap<BakeJobs>(
    new Worker(new URL('./bake.worker.ts', import.meta.url), { type: 'module', name: 'bake' }),
  );
  return worker;
}

let jobs = 0;

/** Bakes in the worker; a later call takes over and this one then resolves to undefined. */
export function bakeInWorker(
  body: PieBody,
  spec: BakeSpec,
  progress: (share: number) => void,
): Promise<Bake | null | undefined> {
  jobs += 1;
  return bakeWorker().bake(jobs, body, spec, Comlink.proxy(progress));
}

export const cancelBake = (): void => void bakeWorker().cancel();

/** Bakes a pie whose stages are set; not superseded by what happens on the bench. */
export const bakeThrough = (body: PieBody, spec: BakeSpec): Promise<Bake | null> =>
  bakeWorker().bakeThrough(body, spec);
