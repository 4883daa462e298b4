export * from './convert.js';
export * from './figure.js';
export * from './present.js';
export * from './system.js';
export * from './table.js';
