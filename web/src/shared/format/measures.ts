import type { PiePlan } from '@mardle/core';
import { createContext, useContext } from 'react';

/** mL of a g of what figures of masses tell, by the figure: those that can be measured by cups and spoons. */
export type Measures = ReadonlyMap<string, number>;

const MeasureFinder = createContext<Measures>(new Map());
export const MeasuresPlace = MeasureFinder.Provider;
export const useMeasures = (): Measures => useContext(MeasureFinder);

/** What a plan's slip measures, by the figures of its lines; a dose of one thickener is measured as that is. */
export function measureFinder(plan: PiePlan | null): Measures {
  const lines = plan?.slip.flatMap((group) => group.lines) ?? [];
  const found = new Map(
    lines.flatMap(({ figure, massG, volumeMl }): [string, number][] =>
      figure !== undefined && volumeMl !== undefined && massG > 0 ? [[figure, volumeMl / massG]] : [],
    ),
  );
  // Flour stands for a whole crumb on the slip: what is mixed of many has no cup of its own.
  for (const mixed of ['crumb.mass', 'topping.mass']) found.delete(mixed);
  // A mL of lemon juice is a g.
  found.set('lemon.mass', 1);
  const spoon = plan?.spec.filling.thickeners.length === 1 ? found.get('thickener.0.mass') : undefined;
  const fruit = plan?.spec.filling.fruits.length === 1 ? found.get('fruit.0.mass') : undefined;
  if (spoon !== undefined) found.set('thickener.dose', spoon);
  if (fruit !== undefined) found.set('fruit.mass', fruit);
  return found;
}
