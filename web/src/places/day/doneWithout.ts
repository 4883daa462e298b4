import type { Day, DayPlan, Remedy } from '@mardle/core';
import { portionIds, renamePies, withoutShells } from '@mardle/core';
import type { DayFile } from '../../state/day/dayFile.js';
import { withRemedy } from '../../state/day/day.js';
import type { SolvedDay } from '../../shared/workers/day.js';
import { dayPortions } from './portions.js';

/** How each pie of a day is made, by its name: from the freezer or fresh. */
const makingOf = (file: DayFile): ReadonlyMap<string, string> =>
  new Map(
    dayPortions(file).flatMap(({ ids, frozenShell, frozenFruit, spec }) =>
      ids.map((id) => [id, [frozenShell, spec.pastry.doughFrom, ...frozenFruit].join()] as const),
    ),
  );

/**
 * The plan that there is, without what it leaves out: those that stay are named as fewer of them are. Null where there is nothing
 * to do without, where something else was asked for since, or where what is in the freezer would then be somebody else's.
 */
export function doneWithout(
  file: DayFile,
  { plan }: Pick<SolvedDay, 'plan'>,
  remedy: Remedy,
): { readonly day: Day; readonly plan: DayPlan } | null {
  const { without = [], day } = remedy;
  if (!plan || without.length === 0) return null;
  const fewer = withRemedy(file, remedy);
  const names = new Map(
    file.pies.flatMap(({ id, count }) => {
      const kept = portionIds(id, count).filter((one) => !without.includes(one));
      const named = portionIds(id, kept.length);
      return kept.map((one, i) => [one, named[i] ?? one] as const);
    }),
  );
  const planned = withoutShells(day);
  const isAsked = planned.length === names.size && planned.every(({ id }) => names.has(id));
  const before = makingOf(file);
  const after = makingOf(fewer);
  if (!isAsked || [...names].some(([old, name]) => before.get(old) !== after.get(name))) return null;
  return renamePies(day, { ...plan, leftOut: [] }, names);
}
