import { kitchenOvenSchema } from './bake.js';
import type { NumberField, Schema } from './field.js';
import { listFields } from './field.js';
import { pieSchema } from './pie.js';

/** The least and the most that a choice can be, and what to do when it is not. */
interface Limit {
  readonly path: string;
  readonly least: number;
  readonly most: number;
  readonly remedy: string;
}

/** A number that is asked for outside a pie: water that a dish is measured with. */
const measuringSchema = {
  waterMl: {
    type: 'number',
    unit: 'mL',
    least: 50,
    most: 20000,
    remedy: 'Fill the dish to the brim and weigh the water: 1 g is 1 mL.',
    what: 'water that a dish holds to the brim',
  },
} as const satisfies Schema;

const limited = (schema: Schema, parent = ''): [string, Limit][] =>
  listFields(schema, parent).flatMap(({ path, field }) => {
    if (field.type !== 'number') return [];
    const { least, most, remedy }: NumberField = field;
    return [[path, { path, least, most, remedy }]];
  });

/**
 * The limits of every number in a spec by its path, read off the schema; wide on purpose: they keep out what no baker means,
 * not what is unwise.
 */
export const limits: ReadonlyMap<string, Limit> = new Map([
  ...limited(pieSchema),
  ...limited(measuringSchema, 'dish'),
  ...limited({ places: kitchenOvenSchema.places }, 'kitchen.oven'),
]);

/**
 * The limit of a choice; throws for an unknown path, since an unlimited input must not slip in.
 * @param path as in `listFields`
 * @returns least, most, unit and remedy
 * @example fieldLimit('dish.depthCm').most // 15
 */
export function fieldLimit(path: string): Limit {
  const found = limits.get(path);
  if (!found) throw new Error(`no limit for ${path}`);
  return found;
}
