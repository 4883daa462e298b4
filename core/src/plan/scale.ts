import { vesselOf } from '../forms/index.js';
import type { DishSpec, FillingSpec, PieSpec } from '../schema/index.js';

const times = (massG: number, factor: number): number => Number((massG * factor).toPrecision(4));

/** Amounts that were set by weight, times a factor; what Mardle works out by itself scales without help. */
function scaleAmounts(filling: FillingSpec, factor: number): FillingSpec {
  const scaled = (massG: number): number => times(massG, factor);
  const orNull = (massG: number | null): number | null => (massG === null ? null : scaled(massG));
  return {
    ...filling,
    fruitMassG: orNull(filling.fruitMassG),
    sugar: { ...filling.sugar, massG: orNull(filling.sugar.massG) },
    thickenerMassG: orNull(filling.thickenerMassG),
    ...(filling.additions && {
      additions: filling.additions.map((row) => ({ ...row, massG: scaled(row.massG) })),
    }),
    ...(filling.preparation.liquidG !== undefined && {
      preparation: { ...filling.preparation, liquidG: scaled(filling.preparation.liquidG) },
    }),
    lemonJuiceG: scaled(filling.lemonJuiceG),
    lemonZestG: scaled(filling.lemonZestG),
    bicarbonateG: scaled(filling.bicarbonateG),
    butterG: scaled(filling.butterG),
    seasonings: filling.seasonings.map((row) => ({ ...row, massG: scaled(row.massG) })),
  };
}

/** What is mixed by its amounts, times a factor. */
const scaleMix = <T extends { readonly amounts?: object }>(mix: T, factor: number): T =>
  mix.amounts
    ? {
        ...mix,
        amounts: Object.fromEntries(
          Object.entries(mix.amounts).map(([name, massG]: [string, number]) => [name, times(massG, factor)]),
        ),
      }
    : mix;

/** Dough and what goes on top, as far as they are mixed by their amounts. */
function scaleMixes({ pastry, form }: PieSpec, factor: number): Pick<PieSpec, 'pastry' | 'form'> {
  const { crumb, cobbler, buckle } = form;
  const streusel = buckle?.streusel && scaleMix(buckle.streusel, factor);
  return {
    pastry: {
      ...scaleMix(pastry, factor),
      ...(pastry.coarseSugarG !== undefined && { coarseSugarG: times(pastry.coarseSugarG, factor) }),
    },
    form: {
      ...form,
      ...(crumb && { crumb: scaleMix(crumb, factor) }),
      ...(cobbler && { cobbler: scaleMix(cobbler, factor) }),
      ...(buckle && { buckle: { ...scaleMix(buckle, factor), ...(streusel && { streusel }) } }),
    },
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
  const factor = room(spec, dish) / room(spec, spec.dish);
  return { ...spec, ...scaleMixes(spec, factor), dish, filling: scaleAmounts(spec.filling, factor) };
}
