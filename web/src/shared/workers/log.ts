import type { Answers, BakeLog, Learned, LoggedBake, PiePlan, Trend, Why } from '@mardle/core';
import type { Remote } from 'comlink';
import * as Comlink from 'comlink';
import type { LogJobs } from './log.worker.js';

let worker: Remote<LogJobs> | null = null;

/** The one worker of the log, started when first needed. */
function logWorker(): Remote<LogJobs> {
  worker ??= Comlink.wrap<LogJobs>(
    new Worker(new URL('./log.worker.ts', import.meta.url), { type: 'module', name: 'log' }),
  );
  return worker;
}

/** What a log teaches. */
export const learnInWorker = (log: BakeLog): Promise<Learned> => logWorker().learn(log);

/** A bake as the sums have it; null when its pie cannot be planned any more. */
export const bakedInWorker = (bake: LoggedBake): Promise<PiePlan | null> => logWorker().asBaked(bake);

/** How what a log teaches came to be what it is. */
export const trendsInWorker = (log: BakeLog): Promise<readonly Trend[]> => logWorker().trends(log);

/** Why a bake went wrong; undefined when something newer was asked meanwhile. */
export const whyInWorker = (
  bake: LoggedBake,
  answers: Answers,
  progress: (share: number) => void,
): Promise<Why | undefined> => logWorker().why(bake, answers, Comlink.proxy(progress));
