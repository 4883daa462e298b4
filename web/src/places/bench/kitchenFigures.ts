import type { OwnFruit, OwnThickener, PieSpec } from '@mardle/core';
import { builtInFruits, builtInThickeners } from '@mardle/core';
import { isSame } from '../../shared/isSame.js';

/** What a kitchen has found of its own: figures of fruits and thickeners, and what its cup of flour weighs. */
export interface KitchenFigures {
  readonly fruits: readonly OwnFruit[];
  readonly thickeners: readonly OwnThickener[];
  readonly flourCupG?: number | undefined;
}

/** Of the rows that a pie uses: the kitchen's, else those that the pie came with for what is not built in. */
function ownOf<Row extends { readonly id: string }>(
  used: readonly string[],
  kitchen: readonly Row[],
  came: readonly Row[],
  builtIn: ReadonlyMap<string, unknown>,
): Row[] {
  return [...new Set(used)].flatMap((id) => {
    const here = kitchen.find((own) => own.id === id);
    if (here) return [here];
    return builtIn.has(id) ? [] : came.filter((own) => own.id === id);
  });
}

/**
 * A spec planned with this kitchen's own figures: those of the fruits and thickeners that it uses, and its cup of flour. What
 * the kitchen does not know (a pie from elsewhere) keeps what it came with.
 */
export function withKitchenFigures(spec: PieSpec, kitchen: KitchenFigures): PieSpec {
  const { ownFruits, ownThickeners = [], flourCupG, ...rest } = spec;
  const { fruits, thickeners } = spec.filling;
  const its = {
    ownFruits: ownOf(
      fruits.map(({ fruit }) => fruit),
      kitchen.fruits,
      ownFruits,
      builtInFruits,
    ),
    ownThickeners: ownOf(
      thickeners.map(({ thickener }) => thickener),
      kitchen.thickeners,
      ownThickeners,
      builtInThickeners,
    ),
    flourCupG: kitchen.flourCupG,
  };
  if (isSame(its, { ownFruits, ownThickeners, flourCupG })) return spec;
  return {
    ...rest,
    ownFruits: its.ownFruits,
    ...(its.ownThickeners.length > 0 && { ownThickeners: its.ownThickeners }),
    ...(its.flourCupG !== undefined && { flourCupG: its.flourCupG }),
  };
}
