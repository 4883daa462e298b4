import { changeForm, planPie } from '../plan/index.js';
import type { PiePlan } from '../plan/index.js';
import type { formKinds } from '../schema/index.js';
import { starterSpec } from '../schema/index.js';
import { makeRecipe } from './recipe.js';

const planned = (kind: (typeof formKinds)[number]): PiePlan => {
  const answer = planPie(changeForm({ ...starterSpec, name: 'Damson' }, kind).spec);
  if (!answer.ok) throw new Error('cannot be planned');
  return answer.plan;
};

/** ISO 8601 durations of hours and minutes. */
const DURATION = /^PT(?=\d)(\d+H)?(\d+M)?$/;

describe('a pie as a schema.org Recipe', () => {
  it.each(['double_crust', 'crisp', 'hand_pie'] as const)('%s has what the type asks for', (kind) => {
    const plan = planned(kind);
    // Properties and their forms as on schema.org/Recipe (from memory).
    const recipe = JSON.parse(JSON.stringify(makeRecipe(plan, 'metric'))) as Record<string, unknown>;
    expect(recipe).toMatchObject({ '@context': 'https://schema.org', '@type': 'Recipe', name: 'Damson' });
    for (const key of ['prepTime', 'cookTime', 'totalTime']) expect(recipe[key]).toMatch(DURATION);
    const ingredients = recipe['recipeIngredient'] as string[];
    expect(ingredients).toHaveLength(plan.slip.flatMap(({ lines }) => lines).length);
    expect(ingredients.some((line) => /^\d.* g .*damson/i.test(line))).toBe(true);
    const steps = recipe['recipeInstructions'] as { '@type': string; text: string }[];
    expect(steps).toHaveLength(plan.clock.length);
    for (const step of steps) expect(step['@type'] === 'HowToStep' && step.text !== '').toBe(true);
  });

  it('is said in ounces where ounces are', () => {
    const recipe = makeRecipe(planned('double_crust'), 'us');
    expect((recipe['recipeIngredient'] as string[]).some((line) => line.includes(' oz '))).toBe(true);
  });
});
