export type { Drawing, LineRole, Mark } from './drawing.js';
export * from './paper.js';
export { slipPages } from './slip-sheet.js';
export { pageSvg } from './svg.js';
export { templatesOf } from './templates.js';
