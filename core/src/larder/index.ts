export type { Addition } from './additions.js';
export { builtInAdditions } from './additions.js';
export type { CareId, CareLevel } from './care.js';
export { cautions } from './care.js';
export type { Crumb } from './crumbs.js';
export { builtInCrumbs, crumbTraits } from './crumbs.js';
export type { DishMaterial, KnownDish } from './dishes.js';
export { builtInMaterials } from './dishes.js';
export type { Dough } from './doughs.js';
export { builtInDoughs } from './doughs.js';
export type { Fruit, FruitPiece } from './fruits/index.js';
export { builtInFruits, softeningFactor, solublePercent } from './fruits/index.js';
export type { Larder } from './larder.js';
export { builtInLarder, larderRow } from './larder.js';
export type { OwnFruit, OwnFruitFigure, OwnThickener, OwnThickenerFigure } from './own/index.js';
export {
  checkOwnFruit,
  checkOwnThickener,
  ownFigureRows,
  ownFruitFigures,
  ownThickenerFigures,
  ownThickenerRows,
  withOwnFruits,
  withOwnThickeners,
} from './own/index.js';
export { lemon } from './seasonings.js';
export { cupG, EGG_G, gPerMl, stapleComposition } from './staples.js';
export type { Sugar } from './sugars.js';
export { builtInSugars } from './sugars.js';
export type { Thickener } from './thickeners.js';
export { builtInThickeners } from './thickeners.js';
export type { Topping } from './toppings.js';
export { builtInWashes } from './washes.js';
