export { buildMesh } from './build-mesh.js';
export type { MeshSize } from './mesh-size.js';
export { meshSizes } from './mesh-size.js';
export type { Lines, Mesh, OuterFaces } from './mesh.js';
export { cellKinds, looking } from './mesh.js';
