import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import type { PieTables } from './learn.js';
import type { Banded, LearnedKind } from './learned-figure.js';
import { learnFrom, tabled } from './learn.js';
import type { BakeLog } from '../log/index.js';

/** What was known of a figure once a bake was over. */
export interface TrendPoint extends Banded {
  /** The newest bake that it knew of. */
  readonly bake: string;
  /** How many bakes spoke of it by then. */
  readonly bakes: number;
}

/** How a figure came to be what it is. */
export interface Trend {
  readonly kind: LearnedKind;
  readonly of: string;
  readonly points: readonly TrendPoint[];
}

const MOST_POINTS = 16;

/** Where the log is looked at again: evenly, the whole of it last. */
function looks(length: number): number[] {
  const count = Math.min(MOST_POINTS, length);
  return Array.from({ length: count }, (_, i) => Math.round(((i + 1) * length) / count));
}

/**
 * How each figure moved while the log grew: learned anew from the first bakes, then from more of them, up to all.
 * A figure has a point only where a bake that speaks of it came in between.
 * @param log of a kitchen
 * @param larder as for a plan
 * @param tables kept from before
 * @returns yields the share done; then a trend for each figure
 * @example trendSteps({ bakes: [] }).next().done // true
 */
export function* trendSteps(
  log: BakeLog,
  larder: Larder = builtInLarder,
  tables: PieTables = new Map(),
): Generator<number, readonly Trend[]> {
  const { pies } = tabled(log, larder, tables);
  const trends = new Map<string, { kind: LearnedKind; of: string; points: TrendPoint[] }>();
  const at = looks(pies.length);
  for (const [i, length] of at.entries()) {
    if (i > 0) yield i / at.length;
    const known = pies.slice(0, length);
    for (const { kind, of, learned, bakes } of learnFrom(known, larder)) {
      const key = `${kind} ${of}`;
      const trend = trends.get(key) ?? { kind, of, points: [] };
      const newest = bakes.at(-1);
      if (newest === undefined) continue;
      // Bakes of other pies move it too: what was known last of a bake stands for it.
      if (trend.points.at(-1)?.bake === newest) trend.points.pop();
      trend.points.push({ ...learned, bake: newest, bakes: bakes.length });
      trends.set(key, trend);
    }
  }
  return [...trends.values()];
}
