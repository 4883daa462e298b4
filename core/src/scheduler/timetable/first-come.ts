import type { Day, DayPlan, RunDecision } from '../model/index.js';
import { makeDecoder } from './decoder.js';
import { usualPlacingOrder } from './placing-order.js';
import { programmeKey } from '../model/index.js';
import { toPlan } from './to-plan.js';

/** Where a pie would go if nobody thought of the others: the oven and programme that suit it best. */
function preferredOption({ kitchen, pies }: Day, i: number): Pick<RunDecision, 'oven' | 'heat'> | null {
  const ways = kitchen.ovens.flatMap(({ id }, oven) =>
    (pies[i]?.ways[id] ?? []).map((way) => ({ oven, heat: programmeKey(way), cost: way.cost })),
  );
  return ways.reduce<(typeof ways)[number] | null>((a, b) => (a && a.cost <= b.cost ? a : b), null);
}

/**
 * A day as people plan it by hand: pies in the order in which they are wanted, each in the oven that suits it, with the ones
 * before it while there is room at the same heat. No looking back. To hold a search against.
 * @param day worked out
 * @returns the plan; null when some of it finds no place
 * @example firstCome(sampleDay(3, 4)) // null
 */
export function firstCome(day: Day): DayPlan | null {
  const runs: { oven: number; heat: string; pies: number[]; sooner: number }[] = [];
  const order = day.pies
    .map((_, i) => i)
    .sort((a, b) => day.pies[a]!.ready.at - day.pies[b]!.ready.at || a - b);
  for (const i of order) {
    const way = preferredOption(day, i);
    if (!way) return null;
    const last = runs.at(-1);
    const places = day.kitchen.ovens[way.oven]?.places ?? 0;
    const joins = last && last.oven === way.oven && last.heat === way.heat && last.pies.length < places;
    if (joins) last.pies.push(i);
    else runs.push({ oven: way.oven, heat: way.heat, pies: [i], sooner: 0 });
  }
  if (runs.length === 0) return null;
  const decoder = makeDecoder(day);
  // It goes backwards: what is wanted last is placed first.
  const decoded = decoder.decode({ runs: [...runs].reverse(), order: usualPlacingOrder }, false);
  return decoded.failed > 0 ? null : toPlan(day, decoder.timetable, decoder.ways, decoded);
}
