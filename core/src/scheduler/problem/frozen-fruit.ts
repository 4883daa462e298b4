import type { Larder } from '../../larder/index.js';
import { draftPlan } from '../../plan/index.js';
import type { PieSpec } from '../../schema/index.js';

/**
 * The fruit of a pie when it comes out of a freezer, g ready for the bowl by its id; none for what stays raw on a baked shell.
 * Where the dish says how much, frozen fruit lies a little otherwise in it.
 */
export function mixedFruitKey(spec: PieSpec, larder: Larder): Map<string, number> {
  const all = spec.filling.fruits.map(({ fruit }) => fruit);
  const drafted = draftPlan(onFrozen(spec, all), larder);
  const bowl = new Map<string, number>();
  if (!drafted.ok || !drafted.plan.work.body.filling) return bowl;
  for (const { part, massG } of drafted.plan.filling.batch.fruits)
    bowl.set(part.fruit, (bowl.get(part.fruit) ?? 0) + massG);
  return bowl;
}

/** A pie with some of its fruit frozen; what is thawed for it on purpose stays so. */
export function onFrozen(spec: PieSpec, frozen: readonly string[]): PieSpec {
  if (!spec.filling.fruits.some(({ fruit, state }) => state === 'fresh' && frozen.includes(fruit)))
    return spec;
  const fruits = spec.filling.fruits.map((part) =>
    part.state === 'fresh' && frozen.includes(part.fruit) ? { ...part, state: 'frozen' as const } : part,
  );
  return { ...spec, filling: { ...spec.filling, fruits } };
}
