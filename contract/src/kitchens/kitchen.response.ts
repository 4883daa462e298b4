import type { KitchenDishRequest, KitchenOvenRequest } from './kitchen.request.js';

/** A dish that the kitchen keeps. */
export type KitchenDish = KitchenDishRequest & { readonly id: string };

/** An oven that the kitchen keeps. */
export type KitchenOven = KitchenOvenRequest & { readonly id: string };

export interface KitchenResponse {
  readonly id: string;
  readonly name: string;
  readonly dishes: readonly KitchenDish[];
  readonly ovens: readonly KitchenOven[];
}
