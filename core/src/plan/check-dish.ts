import { topOutline } from '../geometry/index.js';
import type { Form } from '../forms/index.js';
import type { DishSpec, FieldProblem } from '../schema/index.js';

/**
 * What is wrong with the measures of a dish that are each within their limits.
 * @param dish a dish
 * @returns fields with what to do; empty when a dish can be like that
 * @example dishProblems(starterSpec.dish).length // 0
 */
export function dishProblems(dish: DishSpec): FieldProblem[] {
  const problems: FieldProblem[] = [];
  if (dish.baseCm > dish.topCm) {
    problems.push({
      field: 'dish.baseCm',
      message: `The base (${dish.baseCm} cm) is wider than the top (${dish.topCm} cm).`,
      remedy: 'Measure both inside the dish; the wall leans outward or stands straight.',
    });
  }
  const { widthCm } = topOutline(dish);
  if (widthCm > dish.topCm + 1e-9) {
    problems.push({
      field: 'dish.widthCm',
      message: `The shorter side (${widthCm} cm) is longer than the longer one (${dish.topCm} cm).`,
      remedy: 'Give the longer side first.',
    });
  }
  if (widthCm - (dish.topCm - dish.baseCm) < 2) {
    problems.push({
      field: 'dish.baseCm',
      message: 'Walls that lean so far meet before they reach the base.',
      remedy: 'Measure the longer side of the base again, inside.',
    });
  }
  return problems;
}

/** What is wrong with the dish of a pie. */
export function checkDish(form: Form, dish: DishSpec): FieldProblem[] {
  const problems = dishProblems(dish);
  const { widthCm } = topOutline(dish);
  if (form.filled === 'dish' && dish.depthCm > widthCm / 2) {
    problems.push({
      field: 'dish.depthCm',
      message: `A dish ${dish.depthCm} cm deep and ${widthCm} cm across is a pot: a pie in it would stay raw in the middle.`,
      remedy: 'Give the depth inside the dish; at most half of what it is across.',
    });
  }
  return problems;
}
