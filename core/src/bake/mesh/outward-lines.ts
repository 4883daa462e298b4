import { constant } from '../materials/index.js';
import type { Face, Link } from './mesh-builder.js';
import { looking } from './mesh.js';
import type { PieCells } from './pie-cells.js';
import { foodFace } from './pie-cells.js';
import { rimAreasM2 } from './rim.js';

/** Lines from the middle to the wall, one for each row, with the faces of wall and dish. */
interface OutwardLines {
  readonly lines: readonly (readonly Link[])[];
  readonly faces: readonly Face[];
}

/** How a cell meets the one outside it. */
function outwardLink(cells: PieCells, i: number, j: number): Link {
  const { body, layout, dishWallM } = cells;
  const { columns, allColumns, topFrom, baseRows, rowHeight, edges, middle } = layout;
  const outermost = allColumns - 1;
  const edgeM = edges[j + 1] ?? 0;
  const highM = Math.min(rowHeight(i, j), rowHeight(i, Math.min(outermost, j + 1)));
  const linked = j < outermost && cells.isFood(i, j) && cells.isFood(i, j + 1);
  const isWall = i < topFrom && j === outermost;
  const isFillingEdge = body.filling && j + 1 === columns && i >= baseRows && i < topFrom && j < outermost;
  const areaM2 = 2 * Math.PI * edgeM * highM * (i >= topFrom ? (body.top?.cover ?? 0) : 1);
  const meets = linked || (isWall && !body.freeStanding);
  return {
    cell: cells.cellAt(i, j),
    areaM2: meets ? areaM2 * (isWall ? body.wallFactor : 1) : 0,
    halfHereM: edgeM - middle(j),
    halfNextM: isWall ? dishWallM / 2 : middle(j + 1) - edgeM,
    contactM2KW: isWall ? cells.dishContactM2KW : isFillingEdge ? constant('crustGap') : 0,
  };
}

/** The inside of the wall of an empty shell, open to the oven. */
function insideFaces({ body, layout, cellAt }: PieCells, i: number): Face[] {
  const { columns, allColumns, topFrom, baseRows, edges, rowHeight } = layout;
  if (body.filling || columns >= allColumns || i < baseRows || i >= topFrom) return [];
  return [foodFace(cellAt(i, columns), 2 * Math.PI * (edges[columns] ?? 0) * rowHeight(i, columns))];
}

/**
 * Makes the lines through all rows, and the cells of the dish round them.
 * @param cells of the pie, whose dish under it has been made
 */
export function makeOutwardLines(cells: PieCells): OutwardLines {
  const { body, built, layout, dishMaterial, dishWallM } = cells;
  const { allColumns, rows, topFrom, rowHeight } = layout;
  const outermost = allColumns - 1;
  const wallHeights = Array.from({ length: topFrom }, (_, i) => rowHeight(i, outermost));
  const rimAreas = rimAreasM2(body, wallHeights);
  const faces: Face[] = [];
  const lines = Array.from({ length: rows }, (_, i): Link[] => {
    const line = Array.from({ length: allColumns }, (__, j) => outwardLink(cells, i, j));
    faces.push(...insideFaces(cells, i));
    if (i >= topFrom) return line;
    const areaM2 = 2 * Math.PI * layout.radius * rowHeight(i, outermost) * body.wallFactor;
    if (body.freeStanding) {
      faces.push(foodFace(cells.cellAt(i, outermost), areaM2, looking.aside));
      return line;
    }
    const band = built.cell(dishMaterial, areaM2 * dishWallM);
    faces.push({
      cell: band,
      areaM2: areaM2 + rimAreas[i]!,
      emissivity: body.dish.emissivity,
      bare: false,
      share: 1,
      looks: looking.aside,
    });
    return [...line, { cell: band, areaM2: 0, halfHereM: 1, halfNextM: 1, contactM2KW: 0 }];
  });
  return { lines, faces };
}
