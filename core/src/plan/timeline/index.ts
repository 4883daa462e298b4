export { COLD_DISH_C, FROZEN_C, beforeOven } from './before-oven.js';
export type { ClockStep } from './clock.js';
export { clockLength, makeClock } from './clock.js';
export type { BakedContext } from './context.js';
export {
  FRUIT_SUGAR_G_MOL,
  coldC,
  frozenFruitG,
  initialFillingC,
  startFigure,
} from './initial-temperature.js';
export { servingFigures, servingRule, servingRules } from './serving.js';
