import { constant, fromBelow } from '../materials/index.js';
import type { CellMaterial, Face, Link } from './mesh-builder.js';
import { looking } from './mesh.js';
import type { PieCells } from './pie-cells.js';
import { foodFace } from './pie-cells.js';

/** Lines from under the pie to its top, one for each column, with the faces at their ends. */
interface UpwardLines {
  readonly lines: readonly (readonly Link[])[];
  readonly faces: readonly Face[];
  /** Cells of a steel plate that was in the oven before the pie. */
  readonly preheated: readonly number[];
}

/** How much more area than the dish a steel plate under it gathers heat from, as a fin does. */
const steelReach = (baseRadiusM: number): number =>
  1 + constant('steelFin') * Math.max(0, (constant('steelRadius') / baseRadiusM) ** 2 - 1);

const steelLike = (dish: CellMaterial): CellMaterial => ({
  ...dish,
  dryKgM3: 7850,
  dryJM3K: 7850 * 480,
  conductivityDry: 45,
  conductivityWet: 45,
});

/** The dish under a column, on steel where it stands on some; the last link is that of the dish into the base. */
function dishLinks(
  { body, beneath, built, layout, baseShare, dishMaterial, dishWallM, dishContactM2KW }: PieCells,
  j: number,
  faces: Face[],
  preheated: number[],
): Link[] {
  const { dish } = body;
  const areaM2 = layout.ring(j) * baseShare;
  const plate = built.cell(dishMaterial, areaM2 * dishWallM);
  const intoBase = {
    cell: plate,
    areaM2,
    halfHereM: dishWallM / 2,
    halfNextM: layout.rowHeight(0, j) / 2,
    contactM2KW: dishContactM2KW,
  };
  const fromUnder = (cell: number): Face => ({
    cell,
    areaM2: areaM2 * (body.freeStanding ? constant('sheetFin') : 1),
    ...fromBelow(dish, beneath),
    bare: false,
    looks: looking.down,
  });
  if (beneath !== 'hot_steel') {
    faces.push(fromUnder(plate));
    return [intoBase];
  }
  const steelM = constant('steelPlate');
  // The plate reaches beyond the dish and brings heat from there, as a fin does.
  const reach = steelReach(body.baseRadiusM);
  const steel = built.cell(steelLike(dishMaterial), areaM2 * reach * steelM);
  preheated.push(steel);
  // Beyond the dish it meets the oven with both faces: on the whole no hotter than its walls.
  faces.push({
    cell: steel,
    areaM2: 2 * areaM2 * (reach - 1),
    emissivity: constant('steelEmissivity'),
    bare: false,
    share: 1,
    looks: looking.aside,
  });
  faces.push(fromUnder(steel));
  const ontoDish = {
    cell: steel,
    areaM2,
    halfHereM: steelM / 2,
    halfNextM: dishWallM / 2,
    contactM2KW: 1 / constant('steelContact'),
  };
  return [ontoDish, intoBase];
}

/** What lies between a cell and the one over it: under a lid air, over the base a film of steam and fat. */
function gapAboveM2KW({ body, layout }: PieCells, i: number, j: number): number {
  if (j >= layout.columns || !body.filling) return 0;
  if (i + 1 === layout.topFrom) return body.top?.gapM2KW ?? 0;
  return i + 1 === layout.baseRows ? constant('crustGap') : 0;
}

function pieLinks(cells: PieCells, j: number): Link[] {
  const { rows, topFrom, baseRows, ring, rowHeight } = cells.layout;
  const cover = cells.body.top?.cover ?? 0;
  return Array.from({ length: rows }, (_, i): Link => {
    const last = i + 1 === rows;
    const linked = !last && cells.isFood(i, j) && cells.isFood(i + 1, j);
    const isPastry = i >= topFrom || i + 1 < baseRows;
    const share = isPastry ? cells.spread(i, j) : i + 1 >= topFrom ? cover : 1;
    return {
      cell: cells.cellAt(i, j),
      areaM2: linked ? ring(j) * share : 0,
      halfHereM: rowHeight(i, j) / 2,
      halfNextM: last ? 1 : rowHeight(i + 1, j) / 2,
      contactM2KW: gapAboveM2KW(cells, i, j),
    };
  });
}

/** Bare to the oven: the top, what of the filling it leaves open, the inside of an empty shell. */
function upwardFaces({ body, layout, topShare, cellAt, isFood }: PieCells, j: number): Face[] {
  const { top, filling } = body;
  const cover = top?.cover ?? 0;
  const areaM2 = layout.ring(j);
  const { columns, topFrom, baseRows, rows } = layout;
  const facesM2 = areaM2 * topShare * layout.flank(j);
  const faces: Face[] = [];
  if (top) faces.push(foodFace(cellAt(rows - 1, j), facesM2 * cover));
  if (isFood(topFrom - 1, j)) faces.push(foodFace(cellAt(topFrom - 1, j), facesM2 * (1 - cover)));
  if (top && filling && j < columns) {
    // Fruit under its top: vapour passes, heat of the oven does not.
    faces.push({
      cell: cellAt(topFrom - 1, j),
      areaM2: areaM2 * cover,
      emissivity: 0,
      bare: false,
      share: 1,
      looks: looking.up,
      coverSM: top.vapourSM,
    });
  }
  if (!filling && j < columns) faces.push(foodFace(cellAt(baseRows - 1, j), areaM2));
  return faces.filter((face) => face.areaM2 > 0);
}

/** Makes the lines through all columns, and the cells of the dish under them. */
export function makeUpwardLines(cells: PieCells): UpwardLines {
  const faces: Face[] = [];
  const preheated: number[] = [];
  const lines = Array.from({ length: cells.layout.allColumns }, (_, j) => {
    const line = [...dishLinks(cells, j, faces, preheated), ...pieLinks(cells, j)];
    faces.push(...upwardFaces(cells, j));
    return line;
  });
  return { lines, faces, preheated };
}
