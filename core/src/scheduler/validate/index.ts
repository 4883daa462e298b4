export { inNames, overbaked, whatBreaks } from './broken-rules.js';
export { checkDay } from './check-plan.js';
