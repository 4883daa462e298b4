export * from './dish.js';
export * from './pastry.js';
export * from './spec.js';
export * from './vents.js';
export * from './pie-build.js';
