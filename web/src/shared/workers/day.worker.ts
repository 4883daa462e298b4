import type {
  DayRequest,
  Day,
  WeighingList,
  DayPlan,
  FieldProblem,
  Actuals,
  Robustness,
  Repair,
  Remedy,
  SleptDay,
} from '@mardle/core';
import {
  estimateRobustness,
  isComplete,
  repairSchedule,
  findRemedies,
  shortSearch,
  solveWithSleep,
  makeWeighingList,
  buildDayProblem,
} from '@mardle/core';
import * as Comlink from 'comlink';
import { runInSpells } from './runInSpells.js';

/** What a day came to. */
export interface SolvedDay {
  readonly day: Day;
  readonly plan: DayPlan | null;
  readonly holds: Robustness | null;
  /** What would help; null when that was not looked for. */
  readonly remedies: readonly Remedy[] | null;
}
export type DayOutcome =
  | { readonly ok: true; readonly solved: SolvedDay }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/** Shares of the whole: pies planned, then the search; what would help only where it is needed. */
const WORKED_OUT = 0.6;
const SPELL_MS = 30;
let stopped = false;

/** A sum that ends early when it is stopped. */
const untilStopped = <Step, Value>(
  sum: Generator<Step, Value>,
  seen?: (step: Step) => void,
): Promise<Value | undefined> =>
  runInSpells(sum, { spellMs: SPELL_MS, isWanted: () => !stopped, ...(seen && { seen }) });

/** What was promised of a remedy is kept, also where a long search finds less. */
async function keptPromise(day: Day, long: DayPlan | null): Promise<DayPlan | null> {
  const short = (await untilStopped(shortSearch(day))) ?? null;
  return isComplete(short) ? short : long;
}

const jobs = {
  /** Undefined when it was stopped before anything was found; else the best so far. */
  async solve(asked: DayRequest, progress: (share: number) => void): Promise<DayOutcome | undefined> {
    stopped = false;
    const worked = await untilStopped(buildDayProblem(asked), (share) => progress(WORKED_OUT * share));
    if (!worked) return undefined;
    if (!worked.ok) return worked;
    return {
      ok: true,
      solved: await this.search(worked.day, (share) => progress(WORKED_OUT + (1 - WORKED_OUT) * share)),
    };
  },

  /** A day that was worked out before, solved anew. */
  async search(wanted: Day, progress: (share: number) => void): Promise<SolvedDay> {
    stopped = false;
    let best: SleptDay = { day: wanted, plan: null };
    const found = await untilStopped(solveWithSleep(wanted), (step) => {
      if (step.plan) best = step;
      progress(step.share);
    });
    const { day, plan: long } = found ?? best;
    const plan = isComplete(long) || stopped ? long : await keptPromise(day, long);
    if (isComplete(plan)) return { day, plan, holds: estimateRobustness(day, plan), remedies: [] };
    const remedies = stopped ? null : ((await untilStopped(findRemedies(day, plan), progress)) ?? null);
    return { day, plan, holds: null, remedies };
  },

  /** A plan that works, with how likely it holds. */
  hold: (day: Day, plan: DayPlan): SolvedDay => ({
    day,
    plan,
    holds: estimateRobustness(day, plan),
    remedies: [],
  }),

  /** Another way for a day that is late by now; null when there is none. */
  mend(day: Day, plan: DayPlan, happened: Actuals, done: readonly string[]): Repair | null {
    return repairSchedule(day, plan, happened, done);
  },

  /** All that the pies of a day take, by their slips. */
  weigh: (wanted: Parameters<typeof makeWeighingList>[0]): WeighingList => makeWeighingList(wanted),

  stop(): void {
    stopped = true;
  },
};
export type DayJobs = typeof jobs;

Comlink.expose(jobs);
