import { vesselOf } from '../forms/index.js';
import type { DishSpec, FillingSpec, PieSpec } from '../schema/index.js';

/** Amounts that were set by weight, times a factor; what Mardle works out by itself scales without help. */
function scaleAmounts(filling: FillingSpec, factor: number): FillingSpec {
  const times = (massG: number): number => Number((massG * factor).toPrecision(4));
  const orNull = (massG: number | null): number | null => (massG === null ? null : times(massG));
  return {
    ...filling,
    fruitMassG: orNull(filling.fruitMassG),
    sugar: { ...filling.sugar, massG: orNull(filling.sugar.massG) },
    thickenerMassG: orNull(filling.thickenerMassG),
    lemonJuiceG: times(filling.lemonJuiceG),
    lemonZestG: times(filling.lemonZestG),
    bicarbonateG: times(filling.bicarbonateG),
    butterG: times(filling.butterG),
    seasonings: filling.seasonings.map((row) => ({ ...row, massG: times(row.massG) })),
  };
}

/**
 * The same pie for another dish: everything set by weight grows with the room.
 * @param spec a pie
 * @param dish where it goes
 * @returns the pie for that dish
 * @example scaleToDish(starterSpec, starterSpec.dish).dish === starterSpec.dish // true
 */
export function scaleToDish(spec: PieSpec, dish: DishSpec): PieSpec {
  const room = ({ form }: PieSpec, of: DishSpec): number => vesselOf(form, of).measures.netMl;
  return { ...spec, dish, filling: scaleAmounts(spec.filling, room(spec, dish) / room(spec, spec.dish)) };
}
