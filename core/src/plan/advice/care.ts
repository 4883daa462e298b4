import { chosenDough } from '../../geometry/index.js';
import { isBaked } from '../../filling/index.js';
import type { Advice, BuiltContext } from '../../forms/index.js';
import { careAt } from '../../forms/index.js';
import type { CareId } from '../../larder/index.js';
import { larderRow } from '../../larder/index.js';
import type { PreparationKind } from '../../schema/index.js';

/** Cautions that a preparation brings. */
const ofPreparation: Readonly<Record<PreparationKind, readonly CareId[]>> = {
  raw: [],
  weep: ['boiling_sugar'],
  hold: ['boiling_sugar', 'canning', 'cooked_cold'],
  stew: ['boiling_sugar', 'canning', 'cooked_cold'],
  glaze: ['boiling_sugar', 'canning', 'keep_cold'],
  saute: ['boiling_sugar', 'cooked_cold'],
};

/** A filling this warm goes from the hob straight into its dish, C. Common practice, no source. */
const GOES_IN_HOT_C = 60;

/** What the choices of a filling bring beside its preparation. */
function ofFilling({ spec, filling, larder }: BuiltContext): CareId[] {
  const { sugar, additions = [] } = spec.filling;
  const sugars = [sugar.sugar, sugar.second?.sugar];
  const raw = !isBaked(spec.filling);
  return [
    ...(sugars.includes('honey') ? (['honey'] as const) : []),
    ...(raw && filling.batch.fruits.some(({ part }) => part.state !== 'fresh')
      ? (['frozen_raw'] as const)
      : []),
    ...additions.flatMap(({ addition, massG }) =>
      massG > 0 ? larderRow(larder.additions, addition).care : [],
    ),
  ];
}

/** Flour that is not eaten raw, where there is any. */
const ofFlour = ({ build, form, spec }: BuiltContext): Advice[] =>
  build.dough.massG > 0
    ? careAt('pastry', 'raw_dough')
    : form.toppingMin(spec.form) > 0
      ? careAt('top', 'raw_flour')
      : [];

/** Cautions where the work is; each is said once. */
export function careAdvice(context: BuiltContext): Advice[] {
  const { spec, form, filling, larder } = context;
  const fruits = filling.batch.fruits.map(({ fruit }) => fruit);
  const unsuited = fruits.flatMap(({ id, unsuited: why }): Advice[] =>
    why ? [{ id: `unsuited.${id}`, station: 'fruit', level: 'danger', text: why }] : [],
  );
  const { kind } = spec.filling.preparation;
  const bakedGlaze = kind === 'glaze' && !form.filledCold(spec.filling);
  const all = [
    ...unsuited,
    ...careAt('fruit', ...new Set(fruits.flatMap(({ hazards }) => hazards)), 'wash_fruit', 'knife'),
    ...careAt(
      'juice',
      ...(bakedGlaze ? (['glaze_shell'] as const) : []),
      ...ofPreparation[kind].filter((id) => id !== 'cooked_cold' || spec.bake.startC < GOES_IN_HOT_C),
      ...ofFilling(context),
    ),
    ...form.care.flatMap(([station, ...ids]) => careAt(station, ...ids)),
    ...(spec.dish.material === 'cast_iron' ? careAt('oven', 'hot_handle') : []),
    ...(spec.bake.beneath === 'hot_steel' ? careAt('oven', 'hot_steel') : []),
    ...(spec.bake.beneath === 'hot_steel' && larderRow(larder.materials, spec.dish.material).brittle
      ? careAt('oven', 'glass_steel')
      : []),
    ...(form.top.contains(spec.form, larder).includes('nuts') ? careAt('top', 'nuts') : []),
    ...ofFlour(context),
    ...careAt('oven', 'spill_tray', 'hot_dish', 'storage', 'selling'),
  ];
  return [...new Map(all.map((advice) => [`${advice.station}.${advice.id}`, advice])).values()];
}

/** What eaters must be told: allergens of everything that goes in. */
export function allergensOf({ spec, form, filling, build, larder }: BuiltContext): string[] {
  const hasPastry = build.dough.massG > 0 || form.lined;
  const bought = spec.pastry.base === 'bought' || spec.pastry.doughFrom === 'bought';
  const found = new Set<string>([
    ...(hasPastry ? chosenDough(spec.pastry, larder).contains : []),
    ...(form.washed ? larderRow(larder.washes, spec.pastry.wash).contains : []),
    ...form.top.contains(spec.form, larder),
    ...spec.filling.thickeners.flatMap(({ thickener }) => larder.thickeners.get(thickener)?.contains ?? []),
    ...(spec.filling.butterG > 0 || spec.pastry.dishCoat === 'greased' ? ['milk'] : []),
    ...(spec.filling.additions ?? []).flatMap(({ addition, massG }) =>
      massG > 0 ? larderRow(larder.additions, addition).contains : [],
    ),
    ...spec.filling.seasonings.flatMap(({ seasoning, massG }) =>
      massG > 0 ? (larder.seasonings.get(seasoning)?.contains ?? []) : [],
    ),
    ...(spec.filling.thickeners.some(({ thickener }) => larder.thickeners.get(thickener)?.kind === 'gelatine')
      ? ['gelatine (pig or beef: read the packet)']
      : []),
    ...(hasPastry && bought ? ['what the bought pastry names (read the packet)'] : []),
    ...(filling.batch.fruits.some(({ fruit }) => fruit.hazards.includes('sulphite'))
      ? ['sulphites (read the packet)']
      : []),
  ]);
  return [...found].sort();
}
