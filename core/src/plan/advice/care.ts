import type { Filling } from '../../filling/index.js';
import type { Build } from '../../build/index.js';
import { formTraits, isCrumbed, isWashed, usualCrumb } from '../../build/index.js';
import type { Larder } from '../../larder/index.js';
import { crumbs, topping, washes } from '../../larder/index.js';
import type { PieSpec } from '../spec.js';
import type { Advice, Station } from './advice.js';
import { pick } from './advice.js';

/** Cautions where the work is. */
export function careAdvice(spec: PieSpec, filling: Filling): Advice[] {
  const hazards = new Set(filling.batch.fruits.flatMap(({ fruit }) => fruit.hazards));
  const at = (station: Station, ...ids: string[]): Advice[] =>
    ids.map((id) => ({ id, station, ...pick(id) }));
  const unsuited = filling.batch.fruits.flatMap(({ fruit }): Advice[] =>
    fruit.unsuited
      ? [{ id: `unsuited.${fruit.id}`, station: 'fruit', level: 'danger', text: fruit.unsuited }]
      : [],
  );
  const { kind } = spec.filling.preparation;
  const { form } = spec;
  return [
    ...unsuited,
    ...at('fruit', ...hazards),
    ...at('fruit', 'wash_fruit', 'knife'),
    ...(kind === 'weep' || kind === 'hold' || kind === 'saute' ? at('juice', 'boiling_sugar') : []),
    ...(kind === 'saute' ? at('juice', 'alcohol') : []),
    ...(kind === 'glaze'
      ? at('juice', ...(form.kind === 'open_shell' ? [] : ['glaze_shell']), 'keep_cold')
      : []),
    ...(form.kind === 'upside_down' ? at('juice', 'boiling_sugar') : []),
    ...(form.kind === 'upside_down' ? at('oven', 'hot_caramel') : []),
    ...(form.kind === 'open_shell' ? at('oven', 'hot_weights') : []),
    ...(spec.dish.material === 'cast_iron' ? at('oven', 'hot_handle') : []),
    ...(spec.bake.beneath === 'hot_steel' ? at('oven', 'hot_steel') : []),
    ...(contained(spec).includes('nuts') ? at('top', 'nuts') : []),
    ...at('pastry', 'raw_dough'),
    ...(form.kind === 'double_crust' || form.kind === 'upside_down' || form.kind === 'hand_pie'
      ? at('top', 'steam')
      : []),
    ...at('oven', 'spill_tray', 'hot_dish', 'storage', 'selling'),
  ];
}

/** What must be told about a topping that is not pastry. */
function contained({ form }: PieSpec): readonly string[] {
  if (isCrumbed(form.kind)) return crumbs.get((form.crumb ?? usualCrumb).school)?.contains ?? [];
  if (form.kind === 'cobbler') return topping('scone').contains;
  return form.kind === 'buckle' ? topping('batter').contains : [];
}

/** What eaters must be told: allergens of everything that goes in. */
export function allergensOf(spec: PieSpec, filling: Filling, build: Build, larder: Larder): string[] {
  const hasPastry = build.dough.massG > 0 || formTraits(spec.form.kind).lined;
  const found = new Set<string>([
    ...(hasPastry ? (larder.doughs.get(spec.pastry.dough)?.contains ?? []) : []),
    ...(isWashed(spec.form.kind) ? (washes.get(spec.pastry.wash)?.contains ?? []) : []),
    ...contained(spec),
    ...spec.filling.thickeners.flatMap(({ thickener }) => larder.thickeners.get(thickener)?.contains ?? []),
    ...(spec.filling.butterG > 0 ? ['milk'] : []),
    ...(filling.batch.fruits.some(({ fruit }) => fruit.hazards.includes('sulphite'))
      ? ['sulphites (read the packet)']
      : []),
  ]);
  return [...found].sort();
}
