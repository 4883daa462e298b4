import type { PiePlan } from '../plan/index.js';
import { slipWords } from '../plan/index.js';
import type { UnitSystem } from '../units/index.js';

/** ISO 8601: "PT1H35M". */
function duration(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  return `PT${hours > 0 ? `${hours}H` : ''}${rest > 0 || hours === 0 ? `${rest}M` : ''}`;
}

/**
 * A pie as a schema.org Recipe (JSON-LD), for other programs: its slip as ingredients, its clock as steps.
 * @param plan of the pie
 * @param units how amounts are said
 * @returns plain JSON
 * @example makeRecipe(plan, 'metric')['@type'] // 'Recipe'
 */
export function makeRecipe(plan: PiePlan, units: UnitSystem): Readonly<Record<string, unknown>> {
  const { spec, slip, clock, bake, allergens } = plan;
  const lasts = (kinds: readonly string[]): number =>
    clock
      .filter(({ kind }) => kinds.includes(kind))
      .reduce((sum, { startMin, endMin }) => sum + endMin - startMin, 0);
  const begin = Math.min(0, ...clock.map(({ startMin }) => startMin));
  const end = Math.max(0, ...clock.map(({ endMin }) => endMin));
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: spec.name,
    recipeCategory: 'Pie',
    recipeYield: String(plan.figures['parcel.count']?.value ?? spec.pastry.batch ?? 1),
    recipeIngredient: slip.flatMap(({ lines }) =>
      lines.map((line) => {
        const { number, unit, note } = slipWords(line, units);
        return `${`${number} ${unit}`.trim()} ${line.label}${note ? `, ${note}` : ''}`;
      }),
    ),
    recipeInstructions: clock.map(({ label }) => ({ '@type': 'HowToStep', text: label })),
    prepTime: duration(lasts(['hands'])),
    ...(bake ? { cookTime: duration(bake.outMin) } : {}),
    totalTime: duration(end - begin),
    ...(allergens.length > 0 ? { description: `Contains ${allergens.join(', ')}.` } : {}),
  };
}
