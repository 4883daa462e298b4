import type { Portion } from '@mardle/core';
import { emptyFreezer, portionsOf } from '@mardle/core';
import type { DayFile, Wanted } from '../../state/day/dayFile.js';

/** The pies of a day as they are made: what lies in the freezer goes to the first that can use it. */
export const madeOf = ({
  pies,
  freezer = emptyFreezer,
}: Pick<DayFile, 'pies' | 'freezer'>): Portion<Wanted & { readonly spec: Wanted['pie'] }>[] =>
  portionsOf(
    pies.map((one) => ({ ...one, spec: one.pie })),
    { ...emptyFreezer, ...freezer },
  );

/** How many of which are weighed for. */
export const weighedOf = (file: Pick<DayFile, 'pies' | 'freezer'>) =>
  madeOf(file).map(({ spec, ids, frozenFruit }) => ({ spec, count: ids.length, frozenFruit }));
