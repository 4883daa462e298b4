import { DOUGH_KG_M3 } from '../build/index.js';
import { constant } from './constants.js';
import type { PieBody } from './body.js';
import { cylinderRadiusM } from './body.js';
import type { Composition } from './properties.js';
import { conductivity, density, specificHeat } from './properties.js';

export const cellKinds = { dish: 0, crust: 1, filling: 2 } as const;

export interface MeshSize {
  readonly columns: number;
  readonly sideColumns: number;
  readonly fillingRows: number;
  readonly crustRows: number;
}

/** Meshes by name: the search uses the coarse one, what is shown the usual one, tests of convergence the fine one. */
export const meshSizes = {
  coarse: { columns: 4, sideColumns: 2, fillingRows: 6, crustRows: 3 },
  usual: { columns: 6, sideColumns: 3, fillingRows: 9, crustRows: 4 },
  fine: { columns: 9, sideColumns: 4, fillingRows: 16, crustRows: 5 },
} as const satisfies Record<string, MeshSize>;

/**
 * Axisymmetric finite volumes as plain arrays: cells, the faces between them, and the faces to the oven. Fixed for a pie;
 * what changes lies in `BakeState`. SI units.
 */
export interface Mesh {
  readonly size: MeshSize;
  readonly kind: Uint8Array;
  readonly dryJK: Float64Array;
  readonly dryKg: Float64Array;
  readonly waterKg: Float64Array;
  readonly volumeM3: Float64Array;
  /** Of crust and dish, dry and raw, W/(m K); filling has its own rule. */
  readonly conductivityDry: Float64Array;
  readonly conductivityWet: Float64Array;
  /** Faces: cell on either side, area over half-distance on either side, contact resistance over area (K/W). */
  readonly faceA: Uint16Array;
  readonly faceB: Uint16Array;
  readonly faceShapeA: Float64Array;
  readonly faceShapeB: Float64Array;
  readonly faceResistance: Float64Array;
  /** Faces to the oven. */
  readonly outerCell: Uint16Array;
  readonly outerArea: Float64Array;
  readonly outerEmissivity: Float64Array;
  /** 1 where food is bare to the oven and dries; 0 for the dish. */
  readonly outerBare: Uint8Array;
  /** Share of the oven's convection that reaches the face (the base of a dish stands on a rack). */
  readonly outerShare: Float64Array;
  /** Cells from the base up, a list for each filling column; areas of the columns. */
  readonly stacks: readonly (readonly number[])[];
  readonly columnArea: Float64Array;
  readonly columnRadius: Float64Array;
  readonly topCells: readonly number[];
  readonly baseOuterCells: readonly number[];
  /** Crust beside the filling, whose vapour leaves at once. */
  readonly sideCells: readonly number[];
  /** Freezing point of each cell; crust counts as a strong syrup, a dish never freezes. */
  readonly freezesC: Float64Array;
}

/** Layers of a crust, thinnest outside, each 1.5 times the one before. */
function gradedLayers(thicknessM: number, count: number): number[] {
  const parts = Array.from({ length: count }, (_, i) => 1.5 ** i);
  const sum = parts.reduce((a, b) => a + b, 0);
  return parts.map((part) => (thicknessM * part) / sum);
}

/** What a cell is filled with, by volume. */
interface Stuff {
  readonly kind: number;
  readonly dryKgM3: number;
  readonly dryJM3K: number;
  readonly waterKgM3: number;
  readonly conductivityDry: number;
  readonly conductivityWet: number;
}

function stuffOf(kind: number, food: Composition, kgM3: number, dry: number, wet: number): Stuff {
  return {
    kind,
    dryKgM3: kgM3 * (1 - food.water),
    dryJM3K: kgM3 * specificHeat({ ...food, water: 0 }, 60),
    waterKgM3: kgM3 * food.water,
    conductivityDry: dry,
    conductivityWet: wet,
  };
}

class MeshBuilder {
  readonly kind: number[] = [];
  readonly dryJK: number[] = [];
  readonly dryKg: number[] = [];
  readonly waterKg: number[] = [];
  readonly volumeM3: number[] = [];
  readonly conductivityDry: number[] = [];
  readonly conductivityWet: number[] = [];
  readonly faces: [a: number, b: number, shapeA: number, shapeB: number, resistance: number][] = [];
  readonly outer: [cell: number, area: number, emissivity: number, bare: number, share: number][] = [];

  cell(stuff: Stuff, volume: number): number {
    this.kind.push(stuff.kind);
    this.volumeM3.push(volume);
    this.dryKg.push(volume * stuff.dryKgM3);
    this.dryJK.push(volume * stuff.dryJM3K);
    this.waterKg.push(volume * stuff.waterKgM3);
    this.conductivityDry.push(stuff.conductivityDry);
    this.conductivityWet.push(stuff.conductivityWet);
    return this.kind.length - 1;
  }

  face(a: number, b: number, area: number, halfA: number, halfB: number, resistanceM2KW = 0): void {
    if (area > 0) this.faces.push([a, b, area / halfA, area / halfB, resistanceM2KW / area]);
  }
}

/** Lays the mesh over a pie. */
export function buildMesh(body: PieBody, size: MeshSize): Mesh {
  const { columns, sideColumns, fillingRows, crustRows } = size;
  const built = new MeshBuilder();
  const { top } = body;
  const radius = cylinderRadiusM(body);
  const innerRadius = radius - body.baseCrustM;
  const side = gradedLayers(body.baseCrustM, sideColumns).reverse();
  const edges = [0];
  for (let j = 1; j <= columns; j++) edges.push((innerRadius * j) / columns);
  for (const layer of side) edges.push((edges.at(-1) ?? 0) + layer);
  const allColumns = columns + sideColumns;

  const baseLayers = gradedLayers(body.baseCrustM, crustRows);
  const lidLayers = gradedLayers(top.thicknessM, crustRows).reverse();
  const rows = 2 * crustRows + fillingRows;
  const ring = (j: number): number => Math.PI * ((edges[j + 1] ?? 0) ** 2 - (edges[j] ?? 0) ** 2);
  const middle = (j: number): number => ((edges[j + 1] ?? 0) + (edges[j] ?? 0)) / 2;
  const fillingHeight = (j: number): number =>
    body.edgeM + (j < columns ? body.moundM * (1 - (middle(j) / radius) ** 2) : 0);
  const rowHeight = (i: number, j: number): number => {
    if (i < crustRows) return baseLayers[i] ?? 0;
    if (i >= crustRows + fillingRows) return lidLayers[i - crustRows - fillingRows] ?? 0;
    return fillingHeight(j) / fillingRows;
  };
  const isFilling = (i: number, j: number): boolean =>
    j < columns && i >= crustRows && i < crustRows + fillingRows;

  const isTop = (i: number): boolean => i >= crustRows + fillingRows;
  let fillingVolume = 0;
  for (let j = 0; j < columns; j++) fillingVolume += ring(j) * fillingHeight(j);
  const fillingStuff = stuffOf(
    cellKinds.filling,
    body.filling.composition,
    body.filling.massKg / fillingVolume,
    0,
    0,
  );
  const doughStuff = stuffOf(
    cellKinds.crust,
    body.dough,
    DOUGH_KG_M3,
    constant('crust_k_dry'),
    constant('crust_k_wet'),
  );
  const topStuff = stuffOf(
    cellKinds.crust,
    top.composition,
    top.densityKgM3,
    top.conductivityDry,
    top.conductivityWet,
  );

  const index: number[][] = [];
  for (let i = 0; i < rows; i++) {
    index.push([]);
    for (let j = 0; j < allColumns; j++) {
      const stuff = isFilling(i, j) ? fillingStuff : isTop(i) ? topStuff : doughStuff;
      const volume = ring(j) * rowHeight(i, j) * (isTop(i) ? top.cover : 1);
      index[i]?.push(built.cell(stuff, volume));
    }
  }
  const at = (i: number, j: number): number => index[i]?.[j] ?? 0;

  for (let i = 0; i < rows; i++) {
    for (let j = 0; j < allColumns; j++) {
      if (i + 1 < rows) {
        const intoTop = isTop(i + 1);
        const underTop = isFilling(i, j) && intoTop;
        built.face(
          at(i, j),
          at(i + 1, j),
          ring(j) * (intoTop ? top.cover : 1),
          rowHeight(i, j) / 2,
          rowHeight(i + 1, j) / 2,
          underTop ? top.gapM2KW : 0,
        );
      }
      if (j + 1 < allColumns) {
        const edge = edges[j + 1] ?? 0;
        const area =
          2 * Math.PI * edge * Math.min(rowHeight(i, j), rowHeight(i, j + 1)) * (isTop(i) ? top.cover : 1);
        built.face(at(i, j), at(i, j + 1), area, edge - middle(j), middle(j + 1) - edge);
      }
    }
  }

  // The dish: a plate under each column and a ring round each row, of the wall's thickness and heat.
  const { dish } = body;
  const wall = dish.wallMm / 1000;
  const contact = 1 / constant('dish_contact');
  const baseShare = (body.baseRadiusM / radius) ** 2;
  const dishStuff: Stuff = {
    kind: cellKinds.dish,
    dryKgM3: dish.density,
    dryJM3K: dish.density * dish.specificHeat,
    waterKgM3: 0,
    conductivityDry: dish.conductivity,
    conductivityWet: dish.conductivity,
  };
  const dishCell = (area: number): number => built.cell(dishStuff, area * wall);
  for (let j = 0; j < allColumns; j++) {
    const plate = dishCell(ring(j));
    built.face(plate, at(0, j), ring(j), wall / 2, rowHeight(0, j) / 2, contact);
    built.outer.push([plate, ring(j) * baseShare, dish.emissivity, 0, 0.8]);
  }
  const last = allColumns - 1;
  for (let i = 0; i < crustRows + fillingRows; i++) {
    const area = 2 * Math.PI * radius * rowHeight(i, last);
    const band = dishCell(area);
    built.face(band, at(i, last), area, wall / 2, (radius - (edges[last] ?? 0)) / 2, contact);
    built.outer.push([band, area, dish.emissivity, 0, 1]);
  }
  const topShare = (body.topRadiusM / radius) ** 2;
  const emissivity = constant('food_emissivity');
  for (let j = 0; j < allColumns; j++) {
    built.outer.push([at(rows - 1, j), ring(j) * topShare * top.cover, emissivity, 1, 1]);
    if (top.cover < 1 && j < columns) {
      const bare = at(crustRows + fillingRows - 1, j);
      built.outer.push([bare, ring(j) * topShare * (1 - top.cover), emissivity, 1, 1]);
    }
  }

  return {
    size,
    kind: Uint8Array.from(built.kind),
    dryJK: Float64Array.from(built.dryJK),
    dryKg: Float64Array.from(built.dryKg),
    waterKg: Float64Array.from(built.waterKg),
    volumeM3: Float64Array.from(built.volumeM3),
    conductivityDry: Float64Array.from(built.conductivityDry),
    conductivityWet: Float64Array.from(built.conductivityWet),
    faceA: Uint16Array.from(built.faces, ([a]) => a),
    faceB: Uint16Array.from(built.faces, ([, b]) => b),
    faceShapeA: Float64Array.from(built.faces, ([, , shape]) => shape),
    faceShapeB: Float64Array.from(built.faces, ([, , , shape]) => shape),
    faceResistance: Float64Array.from(built.faces, ([, , , , resistance]) => resistance),
    outerCell: Uint16Array.from(built.outer, ([cell]) => cell),
    outerArea: Float64Array.from(built.outer, ([, area]) => area),
    outerEmissivity: Float64Array.from(built.outer, ([, , e]) => e),
    outerBare: Uint8Array.from(built.outer, ([, , , bare]) => bare),
    outerShare: Float64Array.from(built.outer, ([, , , , share]) => share),
    stacks: Array.from({ length: columns }, (_, j) => Array.from({ length: rows }, (__, i) => at(i, j))),
    columnArea: Float64Array.from({ length: columns }, (_, j) => ring(j)),
    columnRadius: Float64Array.from({ length: columns }, (_, j) => middle(j) / innerRadius),
    topCells: Array.from({ length: columns }, (_, j) => at(rows - 1, j)),
    baseOuterCells: Array.from({ length: columns }, (_, j) => at(0, j)),
    sideCells: index.flatMap((row) => row.slice(columns)),
    freezesC: Float64Array.from(built.kind, (kind) =>
      kind === cellKinds.filling ? -1.86 * body.filling.molality : kind === cellKinds.crust ? -4 : -273,
    ),
  };
}

/** Conductivities of the raw materials of a body, W/(m K), before air, stirring and drying. */
export const rawConductivity = (body: PieBody): { filling: number; fillingDensity: number } => ({
  filling: conductivity(body.filling.composition, 60),
  fillingDensity: density(body.filling.composition, 60),
});
