export type { OwnFruit, OwnFruitFigure } from './own-fruit.js';
export { checkOwnFruit, ownFigureRows, ownFruitFigures, withOwnFruits } from './own-fruit.js';
export type { OwnThickener, OwnThickenerFigure } from './own-thickener.js';
export {
  checkOwnThickener,
  ownThickenerFigures,
  ownThickenerRows,
  withOwnThickeners,
} from './own-thickener.js';
