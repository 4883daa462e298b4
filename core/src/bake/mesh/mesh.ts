import type { MeshSize } from './mesh-size.js';

export const cellKinds = { dish: 0, crust: 1, filling: 2, nothing: 3 } as const;

/** Lines of cells that conduct to the next in their line: laid end to end, with a coupling of zero between lines. */
export interface Lines {
  readonly cell: Uint16Array;
  /** Place of the first cell of each line, and one past the last of all. */
  readonly starts: Uint16Array;
  /** Coupling to the next cell: area over half-distance on either side (m), contact resistance over area (K/W); -1 ends a line. */
  readonly shapeHere: Float64Array;
  readonly shapeNext: Float64Array;
  readonly resistance: Float64Array;
}

/** Faces to the oven. */
export interface OuterFaces {
  readonly cell: Uint16Array;
  readonly areaM2: Float64Array;
  readonly emissivity: Float64Array;
  /** 1 where food is bare to the oven and dries; 0 for the dish. */
  readonly bare: Uint8Array;
  /** What vapour needs through a top that lies over the face, s/m; no heat of the oven reaches it there. 0 where none does. */
  readonly coverSM: Float64Array;
  /** Share of the oven's convection that reaches the face (the base of a dish stands on a rack). */
  readonly share: Float64Array;
  /** Which way it looks: foil, weights and the level of the rack tell up from down. */
  readonly looks: Uint8Array;
}

export const looking = { up: 0, down: 1, aside: 2 } as const;

/**
 * Axisymmetric finite volumes as plain arrays: cells, the lines that they lie in both ways, and the faces to the oven. Fixed
 * for a pie; what changes lies in `BakeState`. SI units.
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
  /** Freezing point of each cell; crust counts as a strong syrup, a dish never freezes. */
  readonly freezesC: Float64Array;
  readonly upward: Lines;
  readonly outward: Lines;
  /** Faces that the upward sweep meets, and those of the outward one. */
  readonly ends: OuterFaces;
  readonly sides: OuterFaces;
  /** Cells from the base up, a list for each filling column; areas of the columns, and what of them is edge and what is middle. */
  readonly stacks: readonly (readonly number[])[];
  readonly columnArea: Float64Array;
  readonly edgeArea: Float64Array;
  readonly middleArea: Float64Array;
  /** Cells whose colour and heat are the pie's top, with their weights. */
  readonly topCells: readonly number[];
  readonly topWeights: Float64Array;
  /** Outer layer of the pastry under the filling; its outer half by depth, each cell with the share that lies within. */
  readonly baseCells: readonly number[];
  readonly outerBase: readonly { readonly cell: number; readonly share: number }[];
  /** Crust that a wash is brushed on: what lies over the filling, the rim of an open pie. */
  readonly washed: readonly number[];
  /** All pastry: what may go in at a temperature of its own. */
  readonly pastry: readonly number[];
  /** All filling. */
  readonly fillingCells: readonly number[];
  /** Filling of the innermost column. */
  readonly middleCells: readonly number[];
  /** Cells that are as hot as the oven when the pie goes in. */
  readonly preheated: readonly number[];
  /** Crust beside the filling, whose vapour leaves at once. */
  readonly sideCells: readonly number[];
}
