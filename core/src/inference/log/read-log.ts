import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import { readSpec } from '../../plan/index.js';
import type { FieldProblem, PieSpec, SpecOf } from '../../schema/index.js';
import { readFile } from '../../schema/index.js';
import type { BakeLog, LoggedBake, Tasting } from './log.js';
import { nothingTasted, nothingWeighed } from './log.js';
import { LOG_FORMAT, LOG_VERSION, logSchema } from './log-schema.js';

export type ReadLog =
  | { readonly ok: true; readonly log: BakeLog }
  | { readonly ok: false; readonly problems: readonly FieldProblem[] };

type BakeInFile = SpecOf<typeof logSchema>['bakes'][number];

function tastingIn({ tasting }: BakeInFile): Tasting | null {
  return tasting ? { ...nothingTasted, ...tasting } : null;
}

const byTime = <T extends { readonly atMin: number }>(rows: readonly T[] | null | undefined): T[] =>
  [...(rows ?? [])].sort((a, b) => a.atMin - b.atMin);

/** A bake of a log with what it takes from its plan. */
function bakeIn(bake: BakeInFile, plan: PieSpec): LoggedBake {
  return {
    id: bake.id,
    season: bake.season ?? 'all',
    plan,
    stages: bake.stages ?? null,
    oven: bake.oven ?? (plan.bake.oven.label || 'oven'),
    weighed: { ...nothingWeighed, ...bake.weighed },
    weepDrainedG: bake.weepTest?.drainedG ?? plan.filling.weepTest?.drainedG ?? null,
    saucer: bake.saucerTest?.result ?? plan.filling.saucerTest?.result ?? null,
    events: byTime(bake.events),
    readings: byTime(bake.readings).map(({ atMin, fillingC = null, airC = null }) => ({
      atMin,
      fillingC,
      airC,
    })),
    tasting: tastingIn(bake),
  };
}

/** Names stand for one bake each. */
function duplicates(bakes: readonly BakeInFile[]): FieldProblem[] {
  const seen = new Set<string>();
  return bakes.flatMap(({ id }, i) => {
    const isTwice = seen.has(id);
    seen.add(id);
    if (!isTwice) return [];
    return [
      {
        field: `bakes.${i}.id`,
        message: `"${id}" is there twice.`,
        remedy: 'Give each bake a name of its own.',
      },
    ];
  });
}

/**
 * A log from a file: bakes with their plans, oldest first.
 * @param plain anything
 * @param larder as for a plan
 * @returns the log, or all that is wrong with it by field; never throws
 * @example readLog({ format: 'mardle-log', version: 1 }).ok // false
 */
export function readLog(plain: unknown, larder: Larder = builtInLarder): ReadLog {
  const plans = new Map<unknown, PieSpec>();
  const file = readFile(logSchema, plain, {
    larder,
    pieProblems: (pie) => {
      const read = readSpec(pie, larder);
      if (!read.ok) return read.problems;
      plans.set(pie, read.spec);
      return [];
    },
  });
  if (!file.ok) return file;
  const { bakes } = file.value;
  const problems = duplicates(bakes);
  if (problems.length > 0) return { ok: false, problems };
  const read = bakes.flatMap((bake) => {
    const plan = plans.get(bake.plan);
    return plan ? [bakeIn(bake, plan)] : [];
  });
  return { ok: true, log: { bakes: read } };
}

/**
 * A log as its file has it.
 * @param log of a kitchen
 * @returns plain JSON that `readLog` reads back
 * @example logFile({ bakes: [] })
 */
export const logFile = ({ bakes }: BakeLog): Readonly<Record<string, unknown>> => ({
  format: LOG_FORMAT,
  version: LOG_VERSION,
  bakes: bakes.map(({ weepDrainedG, saucer, ...bake }) => ({
    ...bake,
    weepTest: weepDrainedG === null ? null : { drainedG: weepDrainedG },
    saucerTest: saucer === null ? null : { result: saucer },
  })),
});
