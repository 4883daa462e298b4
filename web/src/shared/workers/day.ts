import type { DayRequest, Day, WeighingList, DayPlan, Actuals, Repair } from '@mardle/core';
import type { Remote } from 'comlink';
import * as Comlink from 'comlink';
import type { DayJobs, DayOutcome, SolvedDay } from './day.worker.js';

export type { DayOutcome, SolvedDay } from './day.worker.js';

let worker: Remote<DayJobs> | null = null;

/** The one day worker, started when first needed. */
function dayWorker(): Remote<DayJobs> {
  worker ??= Comlink.wrap<DayJobs>(
    new Worker(new URL('./day.worker.ts', import.meta.url), { type: 'module', name: 'day' }),
  );
  return worker;
}

/** Works a day out and solves it; undefined when it was stopped before anything was found. */
export const solveInWorker = (
  asked: DayRequest,
  progress: (share: number) => void,
): Promise<DayOutcome | undefined> => dayWorker().solve(asked, Comlink.proxy(progress));

/** Solves a changed day, whose pies are worked out already. */
export const searchInWorker = (day: Day, progress: (share: number) => void): Promise<SolvedDay> =>
  dayWorker().search(day, Comlink.proxy(progress));

/** How likely a plan holds that is known to work. */
export const holdInWorker = (day: Day, plan: DayPlan): Promise<SolvedDay> => dayWorker().hold(day, plan);

/** Looks for other hands where a day that slipped is late. */
export const mendInWorker = (
  day: Day,
  plan: DayPlan,
  happened: Actuals,
  done: readonly string[],
): Promise<Repair | null> => dayWorker().mend(day, plan, happened, done);

/** All that the pies of a day take: the sum of their slips. */
export const weighInWorker = (wanted: Parameters<DayJobs['weigh']>[0]): Promise<WeighingList> =>
  dayWorker().weigh(wanted);

/** Ends the search; the best plan so far is kept. */
export const stopSolving = (): void => void dayWorker().stop();
