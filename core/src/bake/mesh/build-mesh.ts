import type { Beneath } from '../../schema/index.js';
import type { PieBody } from '../materials/index.js';
import { makeFaces, makeLines } from './mesh-builder.js';
import type { layOut } from './mesh-layout.js';
import type { MeshSize } from './mesh-size.js';
import type { Mesh } from './mesh.js';
import { makeOutwardLines } from './outward-lines.js';
import type { PieCells } from './pie-cells.js';
import { makePieCells } from './pie-cells.js';
import { makeUpwardLines } from './upward-lines.js';

/** What a baker calls the edge of a pie and its middle, of its radius: a place, on every mesh. Estimates. */
const EDGE_FROM = 0.7;
const MIDDLE_TO = 1 / 3;

/** Rows of the base down to half its thickness, the last by the share of it that lies within: a depth, on every mesh. */
function outerHalf(
  body: PieBody,
  at: ReturnType<typeof layOut>,
): readonly { readonly row: number; readonly share: number }[] {
  let left = body.baseCrustM / 2;
  return Array.from({ length: at.baseRows }, (_, row) => {
    const high = at.rowHeight(row, 0);
    const share = Math.min(1, Math.max(0, left / high));
    left -= high;
    return { row, share };
  }).filter(({ share }) => share > 0);
}

/** The cells that colour, and how much of the pie each stands for, m2. */
function colouredCells({ body, layout, cellAt }: PieCells): {
  readonly cells: readonly number[];
  readonly areasM2: Float64Array;
  /** The rim of a pie without a top; empty where there is none. */
  readonly rim: readonly number[];
} {
  const { columns, allColumns, rows, topFrom, baseRows, ring } = layout;
  const areasOf = (cells: readonly number[], columnOf: (k: number) => number): Float64Array =>
    Float64Array.from(cells, (_, k) => ring(columnOf(k)));
  const rim = Array.from({ length: allColumns - columns }, (_, k) => cellAt(topFrom - 1, columns + k));
  if (!body.top && body.filling !== null && rim.length > 0) {
    return { cells: rim, areasM2: areasOf(rim, (k) => columns + k), rim };
  }
  // Of a covered pie its top; of an empty shell its inside and its base from below.
  const seenRow = body.top ? rows - 1 : body.filling ? topFrom - 1 : baseRows - 1;
  const seenRows = !body.top && !body.filling ? [seenRow, 0] : [seenRow];
  const cells = seenRows.flatMap((row) => Array.from({ length: columns }, (_, j) => cellAt(row, j)));
  return { cells, areasM2: areasOf(cells, (k) => k % columns), rim: [] };
}

/**
 * Builds the mesh of a pie.
 * @param body the pie in SI units
 * @param size cells through and across
 * @param beneath what it stands on
 * @returns cells, links and faces of half the pie, cut through its middle
 * @example buildMesh(plan.work.body, meshSizes.usual).cells
 */
export function buildMesh(body: PieBody, size: MeshSize, beneath: Beneath = 'rack'): Mesh {
  const cells = makePieCells(body, size, beneath);
  const { built, layout, index, cellAt, isFood } = cells;
  const { columns, topFrom, baseRows, ring } = layout;
  const upward = makeUpwardLines(cells);
  const outward = makeOutwardLines(cells);
  const coloured = colouredCells(cells);
  const eachColumn = Array.from({ length: columns }, (_, j) => j);
  const fillingRows = body.filling ? index.slice(baseRows, topFrom) : [];
  return {
    size,
    ...built.arrays(),
    upward: makeLines(upward.lines),
    outward: makeLines(outward.lines),
    ends: makeFaces(upward.faces),
    sides: makeFaces(outward.faces),
    stacks: eachColumn.map((j) => index.map((row) => row[j] ?? 0).filter((_, i) => isFood(i, j))),
    columnArea: Float64Array.from(eachColumn, ring),
    edgeArea: Float64Array.from(eachColumn, (j) => layout.ringWithin(j, EDGE_FROM, 1)),
    middleArea: Float64Array.from(eachColumn, (j) => layout.ringWithin(j, 0, MIDDLE_TO)),
    topCells: coloured.cells,
    topWeights: coloured.areasM2,
    baseCells: baseRows > 0 ? eachColumn.map((j) => cellAt(0, j)) : [],
    outerBase: outerHalf(body, layout).flatMap(({ row, share }) =>
      eachColumn.map((j) => ({ cell: cellAt(row, j), share })),
    ),
    washed: [...new Set([...index.slice(topFrom).flat(), ...coloured.rim])],
    pastry: index.flatMap((row, i) => row.filter((_, j) => i < baseRows || i >= topFrom || j >= columns)),
    fillingCells: fillingRows.flatMap((row) => row.slice(0, columns)),
    middleCells: fillingRows.map((row) => row[0] ?? 0),
    preheated: upward.preheated,
    sideCells: index.flatMap((row) => row.slice(columns)),
  };
}
