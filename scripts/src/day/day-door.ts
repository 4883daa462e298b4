import type { BuyingList, Day, DayPlan, FieldProblem, Remedy, Robustness } from '@mardle/core';
import {
  makeBuyingList,
  finishDay,
  finishNow,
  estimateRobustness,
  isPlain,
  isComplete,
  lowerBound,
  makePortions,
  readDay,
  findRemedies,
  solveWithSleep,
  makeWeighingList,
  buildDayProblem,
} from '@mardle/core';
import { readFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';

/** What the door prints: the plan and what it was worked out from, so that anybody can check the one by the other. */
interface DayAnswer {
  readonly day: Day;
  readonly plan: DayPlan | null;
  /** How likely it holds, by seeded days. */
  readonly holds: Robustness | null;
  /** What no plan that is in time can be under; null when none can be in time. */
  readonly bound: number | null;
  /** What would help, where something is late. */
  readonly remedies: readonly Pick<Remedy, 'what' | 'lateMin'>[];
  /** What is to be bought, and what each pie and slice costs where prices are known. */
  readonly bought: BuyingList;
}

type Answered =
  | { readonly ok: true; readonly answer: DayAnswer }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

/** Pies may stand in files of their own: their names are read from where the day lies. */
async function withPieFiles(plain: unknown, folder: string): Promise<unknown> {
  if (!isPlain(plain) || !Array.isArray(plain['pies'])) return plain;
  const pies = await Promise.all(
    plain['pies'].map(async (entry: unknown) =>
      isPlain(entry) && typeof entry['pie'] === 'string'
        ? { ...entry, pie: JSON.parse(await readFile(join(folder, entry['pie']), 'utf8')) as unknown }
        : entry,
    ),
  );
  return { ...plain, pies };
}

/**
 * A day from a file to its plan.
 * @param file path of a `mardle-day` file
 * @param plain what it holds
 */
export async function answerDay(file: string, plain: unknown, seed: number): Promise<Answered> {
  const read = readDay(await withPieFiles(plain, dirname(file)));
  if (!read.ok) return read;
  const worked = finishNow(buildDayProblem(read.asked));
  if (!worked.ok) return worked;
  const { day, plan } = finishDay(solveWithSleep(worked.day, { seed }));
  const bound = lowerBound(day);
  const works = isComplete(plan);
  const weighed = makePortions(read.asked.pies, read.asked.freezer).map(({ spec, ids, frozenFruit }) => ({
    count: ids.length,
    spec,
    frozenFruit,
  }));
  return {
    ok: true,
    answer: {
      day,
      plan,
      holds: plan && works ? estimateRobustness(day, plan) : null,
      bound: Number.isFinite(bound) ? bound : null,
      remedies: works
        ? []
        : finishNow(findRemedies(day, plan, seed)).map(({ what, lateMin }) => ({ what, lateMin })),
      bought: makeBuyingList(makeWeighingList(weighed).amounts, read.asked.buying),
    },
  };
}
