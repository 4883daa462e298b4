export type { Page, PaperName } from './paper.js';
export { paperNames, papers, SCALE_BAR_MM, tile } from './paper.js';
export type { LabelPart, PieLabel } from './pie-label.js';
export { pieLabel } from './pie-label.js';
export { makeRecipe } from './recipe.js';
export type { Code, SlipOptions } from './slip-sheet.js';
export { slipPages } from './slip-sheet.js';
export { pageSvg } from './svg.js';
export { makeTemplates } from './templates.js';
