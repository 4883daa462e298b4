import type { Filling } from '../../filling/index.js';
import { usualCrumb } from '../../build/index.js';
import type { Larder } from '../../larder/index.js';
import { crumbs } from '../../larder/index.js';
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
  return [
    ...unsuited,
    ...at('fruit', ...hazards),
    ...at('fruit', 'wash_fruit', 'knife'),
    ...(kind === 'weep' || kind === 'hold' || kind === 'saute' ? at('juice', 'boiling_sugar') : []),
    ...(kind === 'saute' ? at('juice', 'alcohol') : []),
    ...(kind === 'glaze' ? at('juice', 'glaze_shell', 'keep_cold') : []),
    ...at('pastry', 'raw_dough'),
    ...at('top', 'steam'),
    ...at('oven', 'spill_tray', 'hot_dish', 'storage', 'selling'),
  ];
}

const crumbContains = (spec: PieSpec): readonly string[] =>
  crumbs.get((spec.form.crumb ?? usualCrumb).school)?.contains ?? [];

/** What eaters must be told: allergens of everything that goes in. */
export function allergensOf(
  spec: PieSpec,
  filling: Filling,
  larder: Larder,
  washContains: readonly string[],
): string[] {
  const found = new Set<string>([
    ...(larder.doughs.get(spec.pastry.dough)?.contains ?? []),
    ...(spec.form.kind === 'crumb_top' ? crumbContains(spec) : washContains),
    ...spec.filling.thickeners.flatMap(({ thickener }) => larder.thickeners.get(thickener)?.contains ?? []),
    ...(spec.filling.butterG > 0 ? ['milk'] : []),
    ...(filling.batch.fruits.some(({ fruit }) => fruit.hazards.includes('sulphite'))
      ? ['sulphites (read the packet)']
      : []),
  ]);
  return [...found].sort();
}
