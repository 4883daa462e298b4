export type { Fruit, FruitTable } from './fruits.js';
export { builtInFruits, solublePercent } from './fruits.js';
export type { FruitPiece } from './handling.js';
export { softeningFactor } from './softening.js';
