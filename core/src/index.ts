export * from './units/index.js';
export * from './larder/index.js';
export * from './filling/index.js';
export * from './build/index.js';
export * from './bake/index.js';
export * from './plan/index.js';
