import { DOUGH_KG_M3 } from '../../geometry/index.js';
import { bisect } from '../../units/index.js';
import type { PieBody } from '../materials/index.js';
import { constant, cylinderRadiusM, freezingC } from '../materials/index.js';
import type { CellMaterial } from './mesh-builder.js';
import { foodMaterial } from './mesh-builder.js';
import type { MeshSize } from './mesh-size.js';
import { cellKinds } from './mesh.js';

/** The skin that colours, m: as thick on every mesh, so that a colour means the same on each. Estimate. */
const SKIN_M = 0.0005;

/** Layers of a crust from the outside in: the skin, then each as many times as thick as the one before. */
function gradedLayers(thicknessM: number, count: number): number[] {
  if (thicknessM <= 0) return [];
  const skin = Math.min(SKIN_M, thicknessM / count);
  /** By Horner's rule: it is asked for a hundred times a mesh. */
  const sum = (grows: number): number => {
    let all = 0;
    for (let i = 0; i < count; i++) all = 1 + grows * all;
    return all;
  };
  const grows = bisect(1, 100, 1e-6, (q) => skin * sum(q) > thicknessM);
  const exact = thicknessM / (skin * sum(grows));
  return Array.from({ length: count }, (_, i) => skin * grows ** i * exact);
}

const CRUST_FREEZES_C = -4;
export const NEVER_FREEZES_C = -273;
/** What is left of the water in a shell that was baked blind, kg per kg. Estimate. */
const BLIND_BAKED_WATER = 0.07;
const WALL_ROWS_OF_SHELL = 4;
/** Columns of filling narrow toward the wall, where heat comes in: each by this over the one inside it. */
const NARROWS = 0.8;

const nothing: CellMaterial = {
  kind: cellKinds.nothing,
  dryKgM3: 1,
  dryJM3K: 1000,
  waterKgM3: 0,
  conductivityDry: 0,
  conductivityWet: 0,
  freezesC: NEVER_FREEZES_C,
};

/** Edges of columns from the middle out to a radius, graded toward the wall. */
function columnEdges(innerM: number, columns: number): number[] {
  const widths = Array.from({ length: columns }, (_, j) => NARROWS ** j);
  const whole = widths.reduce((sum, width) => sum + width, 0);
  let at = 0;
  return [0, ...widths.map((width) => (at += (innerM * width) / whole))];
}

/** A deep crumb dries slowly from its top: it wants more layers than pastry. */
const DEEP_M = 0.006;
const MORE_ROWS = 2;

const topRows = (thicknessM: number, { crustRows }: MeshSize): number =>
  crustRows + (thicknessM > DEEP_M ? MORE_ROWS : 0);

/** Rows and columns of a body: their sizes in m, and what lies where. */
export function layOut(body: PieBody, size: MeshSize) {
  const radius = cylinderRadiusM(body);
  // What a pie is judged by has a layer more: the rim of an open one, the base of an empty one.
  const side = gradedLayers(body.baseCrustM, size.sideColumns + (body.top ? 0 : 1)).reverse();
  const base = gradedLayers(body.baseCrustM, size.crustRows + (body.filling ? 0 : 1));
  const lid = body.top ? gradedLayers(body.top.thicknessM, topRows(body.top.thicknessM, size)).reverse() : [];
  const fillingRows = body.filling ? size.fillingRows : WALL_ROWS_OF_SHELL;
  const { columns } = size;
  const inner = radius - body.baseCrustM;
  const edges = columnEdges(inner, columns);
  for (const layer of side) edges.push((edges.at(-1) ?? 0) + layer);
  const ring = (j: number): number => Math.PI * ((edges[j + 1] ?? 0) ** 2 - (edges[j] ?? 0) ** 2);
  const ringWithin = (j: number, from: number, to: number): number => {
    const inside = Math.max(edges[j] ?? 0, from * inner);
    const outside = Math.min(edges[j + 1] ?? 0, to * inner);
    return outside > inside ? Math.PI * (outside ** 2 - inside ** 2) : 0;
  };
  const middle = (j: number): number => ((edges[j + 1] ?? 0) + (edges[j] ?? 0)) / 2;
  const steep = (radiusM: number): number => Math.hypot(1, (2 * body.moundM * radiusM) / radius ** 2);
  const topFrom = base.length + fillingRows;
  const fillingHeight = (j: number): number =>
    body.edgeM + (j < columns ? body.moundM * (1 - (middle(j) / radius) ** 2) : 0);
  return {
    radius,
    inner,
    edges,
    columns,
    allColumns: columns + side.length,
    baseRows: base.length,
    topFrom,
    rows: topFrom + lid.length,
    ring,
    /** What of a ring lies between two shares of the radius of the filling, m2. */
    ringWithin,
    middle,
    fillingHeight,
    rowHeight: (i: number, j: number): number =>
      base[i] ?? (i >= topFrom ? (lid[i - topFrom] ?? 0) : fillingHeight(j) / fillingRows),
    /** How much larger the flank of the mound is than the ring that it stands on. */
    flank: (j: number): number => {
      // Exact for a paraboloid: the mean over the ring of the root of 1 + slope squared.
      const [inside, outside] = [steep(edges[j] ?? 0), steep(edges[j + 1] ?? 0)];
      return (2 * (inside ** 2 + inside * outside + outside ** 2)) / (3 * (inside + outside));
    },
  };
}

type Layout = ReturnType<typeof layOut>;

/** What each cell of the body is made of. */
export function materialsIn(body: PieBody, at: Layout): (i: number, j: number) => CellMaterial {
  const dry = constant('crustKDry');
  const wet = constant('crustKWet');
  const { filling, top, dough } = body;
  const baked = body.baseBaked
    ? {
        ...dough,
        water: BLIND_BAKED_WATER,
        carbohydrate: dough.carbohydrate + dough.water - BLIND_BAKED_WATER,
      }
    : dough;
  const doughStuff = foodMaterial(cellKinds.crust, baked, DOUGH_KG_M3, dry, wet, CRUST_FREEZES_C);
  let fillingVolume = 0;
  for (let j = 0; j < at.columns; j++) fillingVolume += at.ring(j) * at.fillingHeight(j);
  const fillingStuff = filling
    ? foodMaterial(
        cellKinds.filling,
        filling.composition,
        filling.massKg / fillingVolume,
        0,
        0,
        freezingC(filling.molality),
      )
    : nothing;
  const topStuff = top
    ? foodMaterial(
        cellKinds.crust,
        top.composition,
        top.densityKgM3,
        top.conductivityDry,
        top.conductivityWet,
        CRUST_FREEZES_C,
      )
    : nothing;
  return (i, j) => {
    if (i >= at.topFrom) return topStuff;
    return j < at.columns && i >= at.baseRows ? fillingStuff : doughStuff;
  };
}
