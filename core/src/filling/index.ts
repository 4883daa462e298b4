export type { AmountWay } from './amounts.js';
export { fruitAmounts, amountWays, preparedFrom } from './amounts.js';
export type { BatchFruit } from './batch.js';
export { boughtMassG, makeBatch, pieceThicknessMm } from './batch.js';
export { BAND_DEVIATIONS, evidenceRules, expectedWeepG } from './evidence.js';
export { fillingFigures } from './figures/index.js';
export type { Filling, SetSums } from './filling.js';
export { computeFilling, fruitToFillG, fruitToHeapG, setSums } from './filling.js';
export { glazeLiquidG, glazeRules, stirredInG } from './glaze.js';
export type { Ledger, Surroundings } from './ledger.js';
export { ledgerSides } from './ledger.js';
export {
  cookedShare,
  HIGHEST_BRIX,
  HOLD_C,
  isBaked,
  isCooked,
  preparations,
  USUAL_BRIX,
} from './preparation.js';
export { weepEffects } from './release.js';
export { gelStiffnessPa, GLUEY_G_PER_100G, runIndex, setTargets } from './set.js';
export { acidNeutralisedG, styleOfSugar, sugarForStyleG, sugarStops, tasteStepG } from './sugar.js';
export { makeUpWith, swaps } from './swap.js';
export { syrupBoilingC, syrupDensity, syrupWaterActivity } from './syrup.js';
export { concentrationPer100G, doseG, gelatinisesAtC, targetPer100G } from './thickener.js';
