import type { OwnFruit, PieSpec } from '@mardle/core';
import { builtInFruits } from '@mardle/core';

/**
 * A spec planned with this kitchen's own figures: those of the fruits it uses come from the kitchen; a fruit that the kitchen
 * does not know (a pie from elsewhere) keeps what it came with.
 */
export function withKitchenFruits(spec: PieSpec, kitchen: readonly OwnFruit[]): PieSpec {
  const used = [...new Set(spec.filling.fruits.map(({ fruit }) => fruit))];
  const ownFruits = used.flatMap((id) => {
    const here = kitchen.find((own) => own.id === id);
    if (here) return [here];
    return builtInFruits.has(id) ? [] : spec.ownFruits.filter((own) => own.id === id);
  });
  return JSON.stringify(ownFruits) === JSON.stringify(spec.ownFruits) ? spec : { ...spec, ownFruits };
}
