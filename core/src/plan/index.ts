export { changeBase, changeForm } from './change-form.js';
export { dishProblems } from './check-dish.js';
export { checkSpec, larderOf, readSpec } from './check.js';
export type { ClockStep } from './clock.js';
export { clockLength } from './clock.js';
export type { PiePlan } from './plan.js';
export { draftPlan, planContext, planPie, withBake } from './plan.js';
export { scaleToDish } from './scale.js';
export { surroundings } from './surroundings.js';
