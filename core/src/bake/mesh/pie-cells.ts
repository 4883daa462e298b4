import type { Beneath } from '../../schema/index.js';
import type { PieBody } from '../materials/index.js';
import { constant } from '../materials/index.js';
import type { CellMaterial, Face } from './mesh-builder.js';
import { MeshBuilder } from './mesh-builder.js';
import { layOut, materialsIn, NEVER_FREEZES_C } from './mesh-layout.js';
import type { MeshSize } from './mesh-size.js';
import { cellKinds, looking } from './mesh.js';

/** The cells of a pie by row and column, and what their lines and faces are made with. */
export interface PieCells {
  readonly body: PieBody;
  readonly beneath: Beneath;
  readonly built: MeshBuilder;
  readonly layout: ReturnType<typeof layOut>;
  /** Of a cylinder with the radius of the mesh: the base is smaller, the top larger, since the wall leans. */
  readonly baseShare: number;
  readonly topShare: number;
  /** How much of the ring that a cell stands on it takes up. */
  readonly spread: (row: number, column: number) => number;
  readonly index: readonly (readonly number[])[];
  readonly cellAt: (row: number, column: number) => number;
  readonly isFood: (row: number, column: number) => boolean;
  readonly dishMaterial: CellMaterial;
  readonly dishWallM: number;
  /** Between the dish and the pastry in it. */
  readonly dishContactM2KW: number;
}

/**
 * Makes the cells of pastry and filling; those of dish and plate are made with the lines that cross them.
 * @param body the pie in SI units
 * @param size cells through and across
 * @param beneath what it stands on
 */
export function makePieCells(body: PieBody, size: MeshSize, beneath: Beneath): PieCells {
  const built = new MeshBuilder();
  const layout = layOut(body, size);
  const { allColumns, rows, topFrom, baseRows, ring, rowHeight } = layout;
  const { dish } = body;
  const cover = body.top?.cover ?? 0;
  const materialAt = materialsIn(body, layout);
  const baseShare = (body.baseRadiusM / layout.radius) ** 2;
  const topShare = (body.topRadiusM / layout.radius) ** 2;
  const spread = (i: number, j: number): number => {
    if (i >= topFrom) return topShare * layout.flank(j) * cover;
    return i < baseRows ? baseShare : 1;
  };
  const index = Array.from({ length: rows }, (_, i) =>
    Array.from({ length: allColumns }, (__, j) =>
      built.cell(materialAt(i, j), ring(j) * rowHeight(i, j) * spread(i, j)),
    ),
  );
  return {
    body,
    beneath,
    built,
    layout,
    baseShare,
    topShare,
    spread,
    index,
    cellAt: (i, j) => index[i]?.[j] ?? 0,
    isFood: (i, j) => materialAt(i, j).kind !== cellKinds.nothing,
    dishMaterial: {
      kind: cellKinds.dish,
      dryKgM3: dish.density,
      dryJM3K: dish.density * dish.specificHeat,
      waterKgM3: 0,
      conductivityDry: dish.conductivity,
      conductivityWet: dish.conductivity,
      freezesC: NEVER_FREEZES_C,
    },
    dishWallM: dish.wallMm / 1000,
    // An empty shell lifts off its dish here and there; a filled one is pressed to it.
    dishContactM2KW:
      1 / constant(body.filling ? 'dishContact' : 'shellContact') +
      (body.onPaper ? 1 / constant('paperContact') : 0),
  };
}

/** A bare face of pastry or fruit. */
export const foodFace = (cell: number, areaM2: number, looks: number = looking.up): Face => ({
  cell,
  areaM2,
  emissivity: constant('foodEmissivity'),
  bare: true,
  share: 1,
  looks,
});
