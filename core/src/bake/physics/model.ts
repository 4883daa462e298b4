import type { CrustTable, FillingBody, PieBody, RateTable } from '../materials/index.js';
import {
  boilingC,
  conductivity,
  constant,
  crustTable,
  density,
  dryBrowningRate,
  rateTable,
  softeningTable,
  starchTable,
} from '../materials/index.js';
import type { Mesh } from '../mesh/index.js';
import { cellKinds } from '../mesh/index.js';

/** Foil or weights over the top: share of the convection and emissivity that they leave; 1 and 1 when bare. */
export interface Cover {
  readonly share: number;
  readonly emissivity: number;
  /** What lies on it: how hot it is, C, and how well it touches, W/(m2 K); 0 for nothing. */
  readonly touchesC: number;
  readonly touchesWM2K: number;
}

/** What surrounds the pie in one step. */
export interface BoundaryConditions {
  readonly airC: number;
  /** What faces looking up, down and aside see. */
  readonly radiantC: readonly [up: number, down: number, aside: number];
  /** For faces that look up, down and aside. */
  readonly convectionWM2K: readonly [up: number, down: number, aside: number];
  readonly vapourPa: number;
  readonly cover: Cover;
}

/** Nothing lies over the pie. */
export const bareTop: Cover = { share: 1, emissivity: 1, touchesC: 0, touchesWM2K: 0 };

/** Surroundings that are alike all round. */
export const evenSurroundings = (
  tempC: number,
  convectionWM2K: number,
  vapourPa: number,
  radiantC = tempC,
): BoundaryConditions => ({
  airC: tempC,
  radiantC: [radiantC, radiantC, radiantC],
  convectionWM2K: [convectionWM2K, convectionWM2K, convectionWM2K],
  vapourPa,
  cover: bareTop,
});

/** What a step needs beside the mesh, computed once for a pie; with room to work in, so that a step makes no garbage. */
export interface BakeModel {
  readonly mesh: Mesh;
  readonly body: PieBody;
  readonly crust: CrustTable;
  /** Plain water here; nothing boils below it. */
  readonly waterBoilsC: number;
  readonly fillingBoilsC: number;
  readonly fillingActivity: number;
  /** Of the stuff of the filling without air, W/(m K). */
  readonly fillingK: number;
  /** Air in the filling when its pieces have softened. */
  readonly airShare: number;
  readonly swelling: RateTable;
  readonly softening: RateTable;
  /** Of unwashed pastry; `browns` is the factor of each cell. */
  readonly browning: RateTable;
  readonly browns: Float64Array;
  readonly work: Work;
}

/** Scratch arrays of a step: over cells, over places in lines, over faces. */
interface Work {
  readonly conductivity: { readonly upward: Float64Array; readonly outward: Float64Array };
  readonly capacity: Float64Array;
  readonly conductance: { readonly upward: Float64Array; readonly outward: Float64Array };
  readonly outerG: Float64Array;
  readonly outerW: Float64Array;
  /** Steam that each cell is expected to take up in a step, kg/s. */
  readonly steam: Float64Array;
  readonly solved: Float64Array;
  readonly upper: Float64Array;
  readonly right: Float64Array;
  readonly faceG: Float64Array;
  readonly faceW: Float64Array;
  readonly faceDries: Float64Array;
  readonly faceDriesPerK: Float64Array;
}

/** Share of air in a filling that fills its room: what its mass, at the density of its stuff, leaves of the volume. */
function airShare(mesh: Mesh, { massKg, composition }: FillingBody): number {
  let volumeM3 = 0;
  for (let i = 0; i < mesh.kind.length; i++) {
    if (mesh.kind[i] === cellKinds.filling) volumeM3 += mesh.volumeM3[i]!;
  }
  return Math.min(MOST_AIR, Math.max(LEAST_AIR, 1 - massKg / (density(composition, 60) * volumeM3)));
}

/** Some air stays in any heap of fruit; more than this is no longer a filling. Estimates. */
const LEAST_AIR = 0.04;
const MOST_AIR = 0.6;
const WATER_KG_MOL = 0.018015;
const GELATINE_LIKE_C = 70;

function makeWork(mesh: Mesh): Work {
  const cells = mesh.kind.length;
  const places = Math.max(mesh.upward.cell.length, mesh.outward.cell.length);
  const faces = Math.max(mesh.ends.cell.length, mesh.sides.cell.length);
  const array = (length: number): Float64Array => new Float64Array(length);
  return {
    conductivity: { upward: array(cells), outward: array(cells) },
    capacity: array(cells),
    conductance: { upward: array(places), outward: array(places) },
    outerG: array(cells),
    outerW: array(cells),
    steam: array(cells),
    solved: array(cells),
    upper: array(places),
    right: array(places),
    faceG: array(faces),
    faceW: array(faces),
    faceDries: array(faces),
    faceDriesPerK: array(faces),
  };
}

/** The same for every pie. */
const unwashed = rateTable((tempC) => dryBrowningRate(tempC, 1));

/** Washed crust browns sooner, all other crust as bare pastry does. */
function browningFactors(mesh: Mesh, { browning }: PieBody): Float64Array {
  const factors = new Float64Array(mesh.kind.length).fill(1);
  for (const cell of mesh.washed) factors[cell] = browning;
  return factors;
}

/**
 * What the solver needs of a pie before its first step.
 * @param mesh the cells of a pie
 * @param body the pie in SI units
 * @param pressurePa air pressure, Pa
 * @returns all that stays the same through a bake, with room for the sums
 * @example bakeModel(buildMesh(body, meshSizes.usual), body, 101_325)
 */
export function bakeModel(mesh: Mesh, body: PieBody, pressurePa: number): BakeModel {
  const { filling } = body;
  const activity = 1 / (1 + WATER_KG_MOL * (filling?.molality ?? 0));
  return {
    mesh,
    body,
    crust: crustTable(pressurePa),
    waterBoilsC: boilingC(pressurePa),
    fillingBoilsC: boilingC(pressurePa, activity),
    fillingActivity: activity,
    airShare: filling ? airShare(mesh, filling) : 0,
    fillingK: filling ? conductivity(filling.composition, 60) : constant('crustKWet'),
    swelling: starchTable(body.starchSwellsC || GELATINE_LIKE_C, filling?.syrupShare ?? 0),
    softening: softeningTable(body.softening),
    browning: unwashed,
    browns: browningFactors(mesh, body),
    work: makeWork(mesh),
  };
}
