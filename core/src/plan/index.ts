export { bakeTimes } from './bake-times.js';
export { windowSpreads } from './bake-figures.js';
export { changeBase, changeForm } from './change-form.js';
export { dishProblems } from './check-dish.js';
export { checkSpec, larderFor, readSpec } from './check.js';
export type { ClockStep } from './timeline/index.js';
export { clockLength, servingRules } from './timeline/index.js';
export type { PiePlan } from './plan.js';
export { draftPlan, planContext, planPie, withBake } from './plan.js';
export { scaleToDish } from './scale.js';
export { surroundings } from './surroundings.js';
export type { SlipAmount, SlipWords } from './slip/index.js';
export {
  crumbAmounts,
  doughAmounts,
  slipAmount,
  slipWords,
  toppingAmounts,
  withSlipAmount,
} from './slip/index.js';
