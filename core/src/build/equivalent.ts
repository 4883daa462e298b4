import { formTraits } from './forms.js';
import type { DishSpec, FormSpec } from './spec.js';
import { vesselOf } from './vessel.js';

/** A dish beside the one a recipe is for. */
export interface Equivalent<Dish extends DishSpec> {
  readonly dish: Dish;
  /** How many times the recipe it takes. */
  readonly factor: number;
  readonly fits: 'takes_it' | 'room_to_spare' | 'left_over';
}

/** A dish within this of the recipe takes it as it is. Common practice, no source. */
const AS_IT_IS = 0.08;

/** Which dishes take what a form holds in a dish, nearest first. Sheets and dishes do not stand in for each other. */
export function equivalents<Dish extends DishSpec>(
  form: FormSpec,
  dish: DishSpec,
  others: readonly Dish[],
): Equivalent<Dish>[] {
  if (formTraits(form.kind).filled !== 'dish') return [];
  const { netMl } = vesselOf(form, dish).measures;
  const deepEnough = others.filter(({ depthCm }) => depthCm > 2);
  return deepEnough
    .map((other): Equivalent<Dish> => {
      const factor = vesselOf(form, other).measures.netMl / netMl;
      const fits = factor < 1 - AS_IT_IS ? 'left_over' : factor > 1 + AS_IT_IS ? 'room_to_spare' : 'takes_it';
      return { dish: other, factor, fits };
    })
    .sort((a, b) => Math.abs(Math.log(a.factor)) - Math.abs(Math.log(b.factor)));
}

/** Two dishes of the same measures and stuff, whatever else is known about them. */
export const isSameDish = (a: DishSpec, b: DishSpec): boolean =>
  a.label === b.label &&
  a.material === b.material &&
  (a.shape ?? 'round') === (b.shape ?? 'round') &&
  a.topCm === b.topCm &&
  (a.widthCm ?? null) === (b.widthCm ?? null) &&
  a.baseCm === b.baseCm &&
  a.depthCm === b.depthCm;
