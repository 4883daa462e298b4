import type { Answers, BakeLog, Learned, LoggedBake, PiePlan, PieTables, Trend, Why } from '@mardle/core';
import { asBaked, learnLog, trendSteps, explainFault } from '@mardle/core';
import * as Comlink from 'comlink';
import { runInSpells } from './runInSpells.js';

/** Tables of pies seen before: only a new pie is baked again. */
const tables: PieTables = new Map();
let asked = 0;

const jobs = {
  learn: (log: BakeLog): Learned => learnLog(log, undefined, tables),

  asBaked: (bake: LoggedBake): PiePlan | null => asBaked(bake),

  /** How each figure came to be what it is. */
  async trends(log: BakeLog): Promise<readonly Trend[]> {
    return (await runInSpells(trendSteps(log, undefined, tables))) ?? [];
  },

  /** Why a bake went wrong; undefined when something newer was asked meanwhile. */
  why(bake: LoggedBake, answers: Answers, progress: (share: number) => void): Promise<Why | undefined> {
    const mine = ++asked;
    return runInSpells(explainFault(bake, answers), { spellMs: 0, isWanted: () => mine === asked, progress });
  },
};
export type LogJobs = typeof jobs;

Comlink.expose(jobs);
