import type { DishSpec, OvenSpec } from '@mardle/core';

export interface KitchenDish extends DishSpec {
  readonly id: string;
}

export interface KitchenOven extends OvenSpec {
  readonly id: string;
  readonly places: number;
}

export interface KitchenResponse {
  readonly id: string;
  readonly name: string;
  readonly dishes: readonly KitchenDish[];
  readonly ovens: readonly KitchenOven[];
}
