import type {
  Bake,
  BakeSpec,
  Handled,
  HeatPicture,
  OvenWork,
  PieSpec,
  PlannedBake,
  Stage,
} from '@mardle/core';
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

/** What a bake under way says of itself. */
export interface WhileBaking {
  /** The latest bake of this bench: the rough answer is worked out at its stages. */
  readonly before: Bake | null;
  progress(share: number): void;
  rough(bake: Bake): void;
}

/** Bakes in the worker; a later call takes over and this one then resolves to undefined. */
export function bakeInWorker(
  work: OvenWork,
  spec: BakeSpec,
  { before, progress, rough }: WhileBaking,
): Promise<Bake | null | undefined> {
  jobs += 1;
  return bakeWorker().bake(jobs, work, spec, before, Comlink.proxy(progress), Comlink.proxy(rough));
}

export const cancelBake = (): void => void bakeWorker().cancel();

/** Bakes a pie whose stages are set; not superseded by what happens on the bench. */
export const bakeThrough = (work: OvenWork, spec: BakeSpec): Promise<Bake | null> =>
  bakeWorker().bakeThrough(work, spec);

/** How much later (negative: sooner) a pie in the oven is home, by what hands did to it, min. */
export const endShiftInWorker = (
  work: OvenWork,
  spec: BakeSpec,
  planned: PlannedBake,
  handled: Handled,
): Promise<number> => bakeWorker().endShift(work, spec, planned, handled);

/** Times that suit the baker's own temperatures; null when they never get the pie done, undefined when superseded. */
export const mendStages = (
  work: OvenWork,
  spec: BakeSpec,
): Promise<readonly [Stage, Stage] | null | undefined> => bakeWorker().mend(work, spec);

/** The stages that the other kind of oven, true to its knob, would want; null when it cannot, undefined when superseded. */
export const stagesInOtherKind = (
  work: OvenWork,
  spec: BakeSpec,
): Promise<readonly [Stage, Stage] | null | undefined> => bakeWorker().otherKind(work, spec);

export const heatPictureFor = (work: OvenWork, spec: BakeSpec, bake: Bake): Promise<HeatPicture> =>
  bakeWorker().heat(work, spec, bake);

/** How far off its knob an oven is, C, in which a pie takes so much longer; null when none would. */
export const offsetInWorker = (spec: PieSpec, longerMin: number): Promise<number | null> =>
  bakeWorker().offset(spec, longerMin);
