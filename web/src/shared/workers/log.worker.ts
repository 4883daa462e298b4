import type { Answers, BakeLog, Learned, LoggedBake, PiePlan, PieTables, Trend, Why } from '@mardle/core';
import { asBaked, learnLog, trendSteps, explainFault } from '@mardle/core';
import * as Comlink from 'comlink';

const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

/** Tables of pies seen before: only a new pie is baked again. */
const tables: PieTables = new Map();
let asked = 0;

const jobs = {
  learn: (log: BakeLog): Learned => learnLog(log, undefined, tables),

  asBaked: (bake: LoggedBake): PiePlan | null => asBaked(bake),

  /** How each figure came to be what it is. */
  async trends(log: BakeLog): Promise<readonly Trend[]> {
    const sum = trendSteps(log, undefined, tables);
    for (;;) {
      const step = sum.next();
      if (step.done) return step.value;
      await breathe();
    }
  },

  /** Why a bake went wrong; undefined when something newer was asked meanwhile. */
  async why(bake: LoggedBake, answers: Answers, progress: (share: number) => void): Promise<Why | undefined> {
    const mine = ++asked;
    const sum = explainFault(bake, answers);
    for (;;) {
      const step = sum.next();
      if (step.done) return step.value;
      progress(step.value);
      await breathe();
      if (mine !== asked) return undefined;
    }
  },
};
export type LogJobs = typeof jobs;

Comlink.expose(jobs);
