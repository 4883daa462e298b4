import type { SpecOf } from './field.js';
import { optional } from './field.js';

export const dishShapes = ['round', 'square', 'rectangle', 'oval'] as const;
export type DishShape = (typeof dishShapes)[number];

/** A dish by its inside measures. */
export const dishSchema = {
  label: { type: 'text', longest: 80, what: 'what the dish is called' },
  shape: optional('round', { type: 'choice', of: dishShapes, what: 'shape seen from above' }),
  topCm: {
    type: 'number',
    unit: 'cm',
    least: 6,
    most: 60,
    remedy: 'Measure the inside of the dish across the top, in cm.',
    what: 'across the top inside: the diameter, the side, or the longer side',
  },
  widthCm: optional('as wide as long', {
    type: 'number',
    unit: 'cm',
    least: 4,
    most: 60,
    remedy: 'Measure the shorter side inside the dish, in cm.',
    what: 'the shorter side of a rectangle or oval',
  }),
  baseCm: {
    type: 'number',
    unit: 'cm',
    least: 4,
    most: 60,
    remedy: 'Measure the inside of the dish across the base, in cm.',
    what: 'across the base inside',
  },
  depthCm: {
    type: 'number',
    unit: 'cm',
    least: 1,
    most: 15,
    remedy: 'Measure the depth inside the dish, in cm.',
    what: 'depth inside; a sheet is a flat dish',
  },
  material: { type: 'row', table: 'materials', noun: 'dish material', what: 'what it is made of' },
} as const;
export interface DishSpec extends SpecOf<typeof dishSchema> {}

/** A dish that a kitchen keeps: it has a name to tell it from the others. */
export const kitchenDishSchema = {
  ...dishSchema,
  label: { ...dishSchema.label, emptyRemedy: 'Give the dish a name that tells it from the others.' },
} as const;
