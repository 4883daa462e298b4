export { inNames, overbaked, brokenRules } from './broken-rules.js';
export { checkPlan } from './check-plan.js';
