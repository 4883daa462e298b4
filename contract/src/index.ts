import 'reflect-metadata';

export * from './bakes/bake-list.query.js';
export * from './bakes/bake.request.js';
export * from './bakes/bake.response.js';
export * from './health.response.js';
export * from './kitchens/kitchen.request.js';
export * from './kitchens/kitchen.response.js';
export * from './pies/pie-spec.request.js';
export * from './page.request.js';
export * from './pies/pie-list.query.js';
export * from './pies/pie.request.js';
export * from './pies/pie.response.js';
export * from './problem.js';
export * from './validate.js';
