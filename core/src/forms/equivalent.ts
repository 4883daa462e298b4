import { isSheet } from '../geometry/index.js';
import type { DishSpec, FormSpec } from '../schema/index.js';
import type { Form } from './form.js';

/** A dish beside the one a recipe is for. */
interface Equivalent<Dish extends DishSpec> {
  readonly dish: Dish;
  /** How many times the recipe it takes. */
  readonly factor: number;
  readonly fits: 'takes_it' | 'room_to_spare' | 'left_over';
}

/** A dish within this of the recipe takes it as it is. Common practice, no source. */
const AS_IT_IS = 0.08;

/**
 * Which dishes take what a form holds in a dish, nearest first. Sheets and dishes do not stand in for each other.
 * @param form `formOf(spec.form.kind)`
 * @param choices `spec.form`
 * @param dish what is told
 * @param others what the kitchen has
 * @returns dishes with how often they hold it
 * @example equivalents(formOf('lattice'), plan.spec.form, plan.spec.dish, builtInLarder.dishes)
 */
export function equivalents<Dish extends DishSpec>(
  form: Form,
  choices: FormSpec,
  dish: DishSpec,
  others: readonly Dish[],
): Equivalent<Dish>[] {
  if (form.filled !== 'dish') return [];
  const roomMl = (of: DishSpec): number => form.vessel(choices, of).measures.netMl;
  const netMl = roomMl(dish);
  return others
    .filter((other) => !isSheet(other))
    .map((other): Equivalent<Dish> => {
      const factor = roomMl(other) / netMl;
      const fits = factor < 1 - AS_IT_IS ? 'left_over' : factor > 1 + AS_IT_IS ? 'room_to_spare' : 'takes_it';
      return { dish: other, factor, fits };
    })
    .sort((a, b) => Math.abs(Math.log(a.factor)) - Math.abs(Math.log(b.factor)));
}
