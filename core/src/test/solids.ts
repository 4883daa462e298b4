import { execFileSync } from 'node:child_process';
import { join } from 'node:path';

/** A solid for the geometry library: hulls of two outlines, or a cap of a sphere by its rings. Lengths in cm. */
export type Solid =
  | {
      readonly kind: 'hull';
      readonly base: readonly (readonly [number, number])[];
      readonly top: readonly (readonly [number, number])[];
      readonly heightCm: number;
    }
  | { readonly kind: 'cap'; readonly radiusCm: number; readonly heightCm: number };

/** Runs in a process of its own: the library is an ES module with WebAssembly, which Jest does not load. */
const program = `
import Module from 'manifold-3d';
const wasm = await Module();
wasm.setup();
const solids = JSON.parse(process.argv[1]);
const volume = (solid) => {
  if (solid.kind === 'hull') {
    const at = (z) => ([x, y]) => [x, y, z];
    return wasm.Manifold.hull([...solid.base.map(at(0)), ...solid.top.map(at(solid.heightCm))]).volume();
  }
  const points = [];
  for (let i = 0; i <= 80; i++) {
    const z = (solid.heightCm * i) / 80;
    const around = Math.sqrt(Math.max(0, solid.radiusCm ** 2 - (solid.radiusCm - solid.heightCm + z) ** 2));
    for (let j = 0; j < 240; j++) {
      const t = (2 * Math.PI * j) / 240;
      points.push([around * Math.cos(t), around * Math.sin(t), z]);
    }
  }
  return wasm.Manifold.hull(points).volume();
};
console.log(JSON.stringify(solids.map(volume)));
`;

/** Volumes in cm3 by manifold-3d. */
export function solidVolumes(solids: readonly Solid[]): number[] {
  const out = execFileSync(process.execPath, ['--input-type=module', '-e', program, JSON.stringify(solids)], {
    cwd: join(__dirname, '..', '..'),
    encoding: 'utf8',
  });
  return JSON.parse(out) as number[];
}
