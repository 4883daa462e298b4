import type { Advice, BuiltContext } from '../../forms/index.js';
import { careAt } from '../../forms/index.js';
import type { CareId } from '../../larder/index.js';
import { rowOf } from '../../larder/index.js';
import type { PreparationKind } from '../../spec/index.js';

/** Cautions that a preparation brings. */
const ofPreparation: Readonly<Record<PreparationKind, readonly CareId[]>> = {
  raw: [],
  weep: ['boiling_sugar'],
  hold: ['boiling_sugar'],
  stew: [],
  glaze: ['keep_cold'],
  saute: ['boiling_sugar', 'alcohol'],
};

/** Cautions where the work is; each is said once. */
export function careAdvice({ spec, form, filling, larder }: BuiltContext): Advice[] {
  const fruits = filling.batch.fruits.map(({ fruit }) => fruit);
  const unsuited = fruits.flatMap(({ id, unsuited: why }): Advice[] =>
    why ? [{ id: `unsuited.${id}`, station: 'fruit', level: 'danger', text: why }] : [],
  );
  const { kind } = spec.filling.preparation;
  const bakedGlaze = kind === 'glaze' && !form.filledCold(spec.filling);
  const all = [
    ...unsuited,
    ...careAt('fruit', ...new Set(fruits.flatMap(({ hazards }) => hazards)), 'wash_fruit', 'knife'),
    ...careAt('juice', ...(bakedGlaze ? (['glaze_shell'] as const) : []), ...ofPreparation[kind]),
    ...form.care.flatMap(([station, ...ids]) => careAt(station, ...ids)),
    ...(spec.dish.material === 'cast_iron' ? careAt('oven', 'hot_handle') : []),
    ...(spec.bake.beneath === 'hot_steel' ? careAt('oven', 'hot_steel') : []),
    ...(form.top.contains(spec.form, larder).includes('nuts') ? careAt('top', 'nuts') : []),
    ...careAt('pastry', 'raw_dough'),
    ...careAt('oven', 'spill_tray', 'hot_dish', 'storage', 'selling'),
  ];
  return [...new Map(all.map((advice) => [`${advice.station}.${advice.id}`, advice])).values()];
}

/** What eaters must be told: allergens of everything that goes in. */
export function allergensOf({ spec, form, filling, build, larder }: BuiltContext): string[] {
  const hasPastry = build.dough.massG > 0 || form.lined;
  const found = new Set<string>([
    ...(hasPastry ? rowOf(larder.doughs, spec.pastry.dough).contains : []),
    ...(form.washed ? rowOf(larder.washes, spec.pastry.wash).contains : []),
    ...form.top.contains(spec.form, larder),
    ...spec.filling.thickeners.flatMap(({ thickener }) => larder.thickeners.get(thickener)?.contains ?? []),
    ...(spec.filling.butterG > 0 ? ['milk'] : []),
    ...(filling.batch.fruits.some(({ fruit }) => fruit.hazards.includes('sulphite'))
      ? ['sulphites (read the packet)']
      : []),
  ]);
  return [...found].sort();
}
