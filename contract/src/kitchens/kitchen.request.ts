import { kitchenDishSchema, kitchenOvenSchema } from '@mardle/core';
import type { RequestClass } from '../request-class.js';
import { requestClass } from '../request-class.js';

/** A dish of the kitchen's own. */
export const KitchenDishRequest: RequestClass<typeof kitchenDishSchema> = requestClass(
  'KitchenDishRequest',
  kitchenDishSchema,
);
export type KitchenDishRequest = InstanceType<typeof KitchenDishRequest>;

/** An oven of the kitchen's own, and how many dishes it takes at once. */
export const KitchenOvenRequest: RequestClass<typeof kitchenOvenSchema> = requestClass(
  'KitchenOvenRequest',
  kitchenOvenSchema,
);
export type KitchenOvenRequest = InstanceType<typeof KitchenOvenRequest>;
