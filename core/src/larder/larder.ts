import type { Addition } from './additions.js';
import { builtInAdditions } from './additions.js';
import type { Crumb } from './crumbs.js';
import { builtInCrumbs } from './crumbs.js';
import type { DishMaterial, KnownDish } from './dishes.js';
import { builtInDishes, builtInMaterials } from './dishes.js';
import type { Dough } from './doughs.js';
import { builtInDoughs } from './doughs.js';
import type { FruitTable } from './fruits/index.js';
import { builtInFruits } from './fruits/index.js';
import type { KnownOven } from './ovens.js';
import { builtInOvens } from './ovens.js';
import type { Seasoning } from './seasonings.js';
import { builtInSeasonings } from './seasonings.js';
import { cupG } from './staples.js';
import type { Sugar } from './sugars.js';
import { builtInSugars } from './sugars.js';
import type { Thickener } from './thickeners.js';
import { builtInThickeners } from './thickeners.js';
import type { Topping } from './toppings.js';
import { builtInToppings } from './toppings.js';
import type { Wash } from './washes.js';
import { builtInWashes } from './washes.js';

type Table<Row> = ReadonlyMap<string, Row>;

/** Everything the sums may draw on. A kitchen's own figures replace the built-in ones row by row. */
export interface Larder {
  readonly fruits: FruitTable;
  readonly thickeners: Table<Thickener>;
  readonly sugars: Table<Sugar>;
  readonly additions: Table<Addition>;
  readonly seasonings: Table<Seasoning>;
  readonly doughs: Table<Dough>;
  readonly crumbs: Table<Crumb>;
  readonly toppings: Table<Topping>;
  readonly washes: Table<Wash>;
  readonly dishes: Table<KnownDish>;
  readonly materials: Table<DishMaterial>;
  readonly ovens: Table<KnownOven>;
  /** What a cup of plain flour weighs, g. */
  readonly flourCupG: number;
}

export const builtInLarder: Larder = {
  fruits: builtInFruits,
  thickeners: builtInThickeners,
  sugars: builtInSugars,
  additions: builtInAdditions,
  seasonings: builtInSeasonings,
  doughs: builtInDoughs,
  crumbs: builtInCrumbs,
  toppings: builtInToppings,
  washes: builtInWashes,
  dishes: builtInDishes,
  materials: builtInMaterials,
  ovens: builtInOvens,
  flourCupG: cupG.flour,
};

/**
 * A row that a checked spec names; throws for one that the larder lacks.
 * @param table of the larder
 * @param id as in the spec
 * @returns the row
 * @example larderRow(builtInLarder.fruits, 'damson').label // 'Damson'
 */
export function larderRow<Row>(table: Table<Row>, id: string): Row {
  const row = table.get(id);
  if (!row) throw new Error(`the larder has no "${id}"`);
  return row;
}
