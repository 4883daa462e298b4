import type { Day, DoughRule } from '../model/index.js';
import type { Wave } from './work-feasibility.js';
import { mixedBy } from './work-feasibility.js';

/** A pie's dough: whose wave it is for, and when its mixing must be over. */
interface DoughNeed {
  readonly wave: number;
  readonly by: number;
}

/** Of how many pies the batch can be at the most that one is in, when it is begun no sooner; 0 when there is no time at all. */
function mostWith({ mixMin, perPieMin, most }: DoughRule, roomMin: number): number {
  if (roomMin < mixMin) return 0;
  return perPieMin > 0 ? Math.min(most, 1 + Math.floor((roomMin - mixMin) / perPieMin)) : most;
}

/** The fewest batches when each may be so large as the pie in it lets it that is in the greatest hurry; Infinity for none. */
function fewest(sizes: readonly number[]): number {
  const sorted = [...sizes].sort((a, b) => a - b);
  let batches = 0;
  for (let k = 0; k < sorted.length; k += sorted[k]!) {
    if (sorted[k]! <= 0) return Infinity;
    batches += 1;
  }
  return batches;
}

/** Batches of one dough. No batch is begun sooner than any wave is first touched that it is for. */
function countBatches(rule: DoughRule, wanted: readonly DoughNeed[], firsts: readonly number[]): number {
  const sizeOf = ({ wave, by }: DoughNeed): number => mostWith(rule, by - firsts[wave]!);
  const waves = [...new Set(wanted.map(({ wave }) => wave))].sort((a, b) => firsts[a]! - firsts[b]! || a - b);
  // For whom there is no time any more when the wave is first touched that comes after theirs: their batches are others.
  const apart = waves.map((wave, k) => {
    const next = firsts[waves[k + 1] ?? -1] ?? Infinity;
    return wanted.filter((one) => one.wave === wave && one.by - next < rule.mixMin).map(sizeOf);
  });
  return Math.max(
    fewest(wanted.map(sizeOf)),
    apart.reduce((sum, sizes) => sum + fewest(sizes), 0),
  );
}

/**
 * How often dough is mixed at the least when each wave is first touched at its moment: a large batch takes longer, and the pie in
 * it that is in the greatest hurry waits for all of it.
 * @returns a count; Infinity when there is no time for it
 */
export function makeMixBound(day: Day, waves: readonly Wave[]): (firsts: readonly number[]) => number {
  const doughs = Object.entries(day.doughs).map(([id, rule]) => ({
    rule,
    wanted: waves.flatMap(({ pies }, wave) =>
      pies.flatMap((pie) => (pie.dough === id ? [{ wave, by: mixedBy(pie, rule.chillLeast) }] : [])),
    ),
  }));
  return (firsts) => doughs.reduce((sum, { rule, wanted }) => sum + countBatches(rule, wanted, firsts), 0);
}
