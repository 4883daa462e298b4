import type { Day, DayOven, BakeOption } from '@mardle/core';
import { objectiveWeights, unloadTimes, isSameProgramme } from '@mardle/core';

/** All minutes of a day are whole steps of this. */
export const GRID_MIN = 5;

/** A run that some pies could share. */
export interface Column {
  readonly name: string;
  readonly oven: DayOven;
  readonly way: BakeOption;
  readonly pies: readonly number[];
  /** Steps from its start at which each is out. */
  readonly outs: readonly number[];
  readonly lasts: number;
  readonly cost: number;
}

/** @throws off the grid */
export const inSteps = (minutes: number): number => {
  if (minutes % GRID_MIN !== 0) throw new Error(`${minutes} min is off the grid`);
  return minutes / GRID_MIN;
};

/** All that can be picked of some, but nothing at all. */
export function subsets(of: readonly number[], most: number): number[][] {
  const all = of.reduce<number[][]>((sets, one) => [...sets, ...sets.map((set) => [...set, one])], [[]]);
  return all.filter((set) => set.length > 0 && set.length <= most);
}

/** Each run that some of the pies could share. */
export function columnsOf(day: Day): Column[] {
  const { kitchen, pies } = day;
  const weights = objectiveWeights(day);
  return kitchen.ovens.flatMap((oven, o) => {
    const waysOf = (i: number): readonly BakeOption[] => pies[i]?.ways[oven.id] ?? [];
    const every = pies.flatMap((_, i) => waysOf(i));
    const heats = every.filter(
      (way, k) => every.findIndex(({ heat }) => isSameProgramme(heat, way.heat)) === k,
    );
    return heats.flatMap((way, h) => {
      const known = (i: number): BakeOption | undefined =>
        waysOf(i).find(({ heat }) => isSameProgramme(heat, way.heat));
      const can = pies.flatMap((_, i) => (known(i) ? [i] : []));
      return subsets(can, oven.places).map((set): Column => {
        const own = set.flatMap((i) => known(i) ?? []);
        const outs = unloadTimes(
          oven,
          kitchen.doorMin,
          own.map(({ out }) => out),
        );
        const lasts = Math.max(...outs);
        const heatCost = own.reduce((sum, { cost }) => sum + cost, 0);
        return {
          name: `${o}_${h}_${set.join('_')}`,
          oven,
          way,
          pies: set,
          outs: outs.map(inSteps),
          lasts: inSteps(lasts),
          cost: weights.run + weights.ovenMin * lasts + weights.heatCost * heatCost,
        };
      });
    });
  });
}
