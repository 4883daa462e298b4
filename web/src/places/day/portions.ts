import type { Portion } from '@mardle/core';
import { emptyFreezer, makePortions } from '@mardle/core';
import type { DayFile, Wanted } from '../../state/day/dayFile.js';

/** The pies of a day as they are made: what lies in the freezer goes to the first that can use it. */
export const dayPortions = ({
  pies,
  freezer = emptyFreezer,
}: Pick<DayFile, 'pies' | 'freezer'>): Portion<Wanted & { readonly spec: Wanted['pie'] }>[] =>
  makePortions(
    pies.map((one) => ({ ...one, spec: one.pie })),
    { ...emptyFreezer, ...freezer },
  );

/** How many of which are weighed for. */
export const weighedPortions = (file: Pick<DayFile, 'pies' | 'freezer'>) =>
  dayPortions(file).map(({ spec, ids, frozenFruit }) => ({ spec, count: ids.length, frozenFruit }));
