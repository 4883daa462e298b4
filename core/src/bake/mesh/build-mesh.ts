import type { Beneath } from '../../schema/index.js';
import { constant, fromBelow } from '../materials/index.js';
import type { PieBody } from '../materials/index.js';
import type { Face, Link, CellMaterial } from './mesh-builder.js';
import { makeFaces, makeLines, MeshBuilder } from './mesh-builder.js';
import { layOut, NEVER_FREEZES_C, materialsIn } from './mesh-layout.js';
import type { MeshSize } from './mesh-size.js';
import type { Mesh } from './mesh.js';
import { cellKinds, looking } from './mesh.js';
import { rimAreasM2 } from './rim.js';

/**
 * Lays the mesh over a pie.
 * @param body the pie in SI units
 * @param size cells through and across
 * @param beneath what it stands on
 * @returns cells, links and faces of half the pie, cut through its middle
 * @example buildMesh(plan.work.body, meshSizes.usual).cells
 */
export function buildMesh(body: PieBody, size: MeshSize, beneath: Beneath = 'rack'): Mesh {
  const built = new MeshBuilder();
  const at = layOut(body, size);
  const { columns, allColumns, rows, topFrom, baseRows, ring, rowHeight, edges, middle } = at;
  const { top, dish } = body;
  const cover = top?.cover ?? 0;
  const stuffAt = materialsIn(body, at);
  const baseShare = (body.baseRadiusM / at.radius) ** 2;
  const topShare = (body.topRadiusM / at.radius) ** 2;
  /** A leaning wall makes the base smaller and the top larger than the cylinder that stands for the dish. */
  const spread = (i: number, j: number): number => {
    if (i >= topFrom) return topShare * at.flank(j) * cover;
    return i < baseRows ? baseShare : 1;
  };
  const index = Array.from({ length: rows }, (_, i) =>
    Array.from({ length: allColumns }, (__, j) =>
      built.cell(stuffAt(i, j), ring(j) * rowHeight(i, j) * spread(i, j)),
    ),
  );
  const cellAt = (i: number, j: number): number => index[i]?.[j] ?? 0;
  const isFood = (i: number, j: number): boolean => stuffAt(i, j).kind !== cellKinds.nothing;

  const wall = dish.wallMm / 1000;
  // An empty shell lifts off its dish here and there; a filled one is pressed to it.
  const contact =
    1 / constant(body.filling ? 'dishContact' : 'shellContact') +
    (body.onPaper ? 1 / constant('paperContact') : 0);
  const dishStuff = (conductivity: number): CellMaterial => ({
    kind: cellKinds.dish,
    dryKgM3: dish.density,
    dryJM3K: dish.density * dish.specificHeat,
    waterKgM3: 0,
    conductivityDry: conductivity,
    conductivityWet: conductivity,
    freezesC: NEVER_FREEZES_C,
  });
  const plateStuff = dishStuff(dish.conductivity);
  const steel: CellMaterial = {
    ...plateStuff,
    kind: cellKinds.dish,
    dryKgM3: 7850,
    dryJM3K: 7850 * 480,
    conductivityDry: 45,
    conductivityWet: 45,
  };
  const hot = beneath === 'hot_steel';
  const steelM = constant('steelPlate');
  // The plate reaches beyond the dish and brings heat from there, as a fin does.
  const reach = hot ? steelReach(body.baseRadiusM) : 1;

  const ends: Face[] = [];
  const sides: Face[] = [];
  const food = constant('foodEmissivity');
  const fin = body.freeStanding ? constant('sheetFin') : 1;
  const up = (cell: number, areaM2: number): void => {
    if (areaM2 > 0) ends.push({ cell, areaM2, emissivity: food, bare: true, share: 1, looks: looking.up });
  };
  /** Fruit under its top: vapour passes, heat of the oven does not. */
  const through = (cell: number, areaM2: number): void => {
    if (!top || !body.filling || areaM2 <= 0) return;
    ends.push({
      cell,
      areaM2,
      emissivity: 0,
      bare: false,
      share: 1,
      looks: looking.up,
      coverSM: top.vapourSM,
    });
  };
  const preheated: number[] = [];
  /** What lies between a cell and the one over it: under a lid air, over the base a film of steam and fat. */
  const gapAbove = (i: number, j: number): number => {
    if (j >= columns || !body.filling) return 0;
    if (i + 1 === topFrom) return top?.gapM2KW ?? 0;
    return i + 1 === baseRows ? constant('crustGap') : 0;
  };
  const upward = Array.from({ length: allColumns }, (_, j): Link[] => {
    const area = ring(j);
    const plate = built.cell(plateStuff, area * baseShare * wall);
    const line: Link[] = [];
    const below = hot ? built.cell(steel, area * baseShare * reach * steelM) : plate;
    if (hot) {
      preheated.push(below);
      line.push({
        cell: below,
        areaM2: area * baseShare,
        halfHereM: steelM / 2,
        halfNextM: wall / 2,
        contactM2KW: 1 / constant('steelContact'),
      });
      // Beyond the dish it meets the oven with both faces: on the whole no hotter than its walls.
      ends.push({
        cell: below,
        areaM2: 2 * area * baseShare * (reach - 1),
        emissivity: constant('steelEmissivity'),
        bare: false,
        share: 1,
        looks: looking.aside,
      });
    }
    ends.push({
      cell: below,
      areaM2: area * baseShare * fin,
      ...fromBelow(dish, beneath),
      bare: false,
      looks: looking.down,
    });
    line.push({
      cell: plate,
      areaM2: area * baseShare,
      halfHereM: wall / 2,
      halfNextM: rowHeight(0, j) / 2,
      contactM2KW: contact,
    });
    for (let i = 0; i < rows; i++) {
      const last = i + 1 === rows;
      const intoTop = i + 1 >= topFrom;
      const linked = !last && isFood(i, j) && isFood(i + 1, j);
      line.push({
        cell: cellAt(i, j),
        areaM2: linked ? area * (i >= topFrom || i + 1 < baseRows ? spread(i, j) : intoTop ? cover : 1) : 0,
        halfHereM: rowHeight(i, j) / 2,
        halfNextM: last ? 1 : rowHeight(i + 1, j) / 2,
        contactM2KW: gapAbove(i, j),
      });
    }
    // Bare to the oven: the top, what of the filling it leaves open, the inside of an empty shell.
    const faces = area * topShare * at.flank(j);
    if (top) up(cellAt(rows - 1, j), faces * cover);
    if (isFood(topFrom - 1, j)) up(cellAt(topFrom - 1, j), faces * (1 - cover));
    if (j < columns) through(cellAt(topFrom - 1, j), area * cover);
    if (!body.filling && j < columns) up(cellAt(baseRows - 1, j), area);
    return line;
  });

  const outermost = allColumns - 1;
  const wallHeights = Array.from({ length: topFrom }, (_, i) => rowHeight(i, outermost));
  const rimAreas = rimAreasM2(body, wallHeights);
  const outward = Array.from({ length: rows }, (_, i): Link[] => {
    const line: Link[] = [];
    for (let j = 0; j < allColumns; j++) {
      const edge = edges[j + 1] ?? 0;
      const high = Math.min(rowHeight(i, j), rowHeight(i, Math.min(outermost, j + 1)));
      const linked = j < outermost && isFood(i, j) && isFood(i, j + 1);
      const wallRow = i < topFrom && j === outermost;
      const isEdge = body.filling && j + 1 === columns && i >= baseRows && i < topFrom && j < outermost;
      const beside = isEdge ? constant('crustGap') : 0;
      const area = 2 * Math.PI * edge * high * (i >= topFrom ? cover : 1);
      line.push({
        cell: cellAt(i, j),
        areaM2: linked || (wallRow && !body.freeStanding) ? area * (wallRow ? body.wallFactor : 1) : 0,
        halfHereM: edge - middle(j),
        halfNextM: wallRow ? wall / 2 : middle(j + 1) - edge,
        contactM2KW: wallRow ? contact : beside,
      });
      // The inside of an empty shell's wall.
      if (!body.filling && j === columns && i >= baseRows && i < topFrom) {
        sides.push({
          cell: cellAt(i, j),
          areaM2: 2 * Math.PI * (edges[j] ?? 0) * rowHeight(i, j),
          emissivity: food,
          bare: true,
          share: 1,
          looks: looking.up,
        });
      }
    }
    if (i >= topFrom) return line;
    const areaM2 = 2 * Math.PI * at.radius * rowHeight(i, outermost) * body.wallFactor;
    if (body.freeStanding) {
      sides.push({
        cell: cellAt(i, outermost),
        areaM2,
        emissivity: food,
        bare: true,
        share: 1,
        looks: looking.aside,
      });
      return line;
    }
    const band = built.cell(plateStuff, areaM2 * wall);
    sides.push({
      cell: band,
      areaM2: areaM2 + rimAreas[i]!,
      emissivity: dish.emissivity,
      bare: false,
      share: 1,
      looks: looking.aside,
    });
    return [...line, { cell: band, areaM2: 0, halfHereM: 1, halfNextM: 1, contactM2KW: 0 }];
  });

  const firstColumns = Array.from({ length: columns }, (_, j) => j);
  const sideColumns = Array.from({ length: allColumns - columns }, (_, k) => columns + k);
  const rim = sideColumns.map((j) => cellAt(topFrom - 1, j));
  // What is looked at for colour: the top; the rim of an open pie; an empty shell from inside and from below.
  const onRim = !top && body.filling !== null && rim.length > 0;
  const seenRow = top ? rows - 1 : body.filling ? topFrom - 1 : baseRows - 1;
  const seen = firstColumns.map((j) => cellAt(seenRow, j));
  const below = !top && !body.filling ? firstColumns.map((j) => cellAt(0, j)) : [];
  const topCells = onRim ? rim : [...seen, ...below];
  return {
    size,
    ...built.arrays(),
    upward: makeLines(upward),
    outward: makeLines(outward),
    ends: makeFaces(ends),
    sides: makeFaces(sides),
    stacks: firstColumns.map((j) => index.map((row) => row[j] ?? 0).filter((_, i) => isFood(i, j))),
    columnArea: Float64Array.from(firstColumns, ring),
    edgeArea: Float64Array.from(firstColumns, (j) => at.ringWithin(j, EDGE_FROM, 1)),
    middleArea: Float64Array.from(firstColumns, (j) => at.ringWithin(j, 0, MIDDLE_TO)),
    topCells,
    topWeights: Float64Array.from(topCells, (_, k) => ring(onRim ? columns + k : k % columns)),
    baseCells: baseRows > 0 ? firstColumns.map((j) => cellAt(0, j)) : [],
    outerBase: outerHalf(body, at).flatMap(({ row, share }) =>
      firstColumns.map((j) => ({ cell: cellAt(row, j), share })),
    ),
    washed: [...new Set([...index.slice(topFrom).flat(), ...(onRim ? rim : [])])],
    pastry: index.flatMap((row, i) => row.filter((_, j) => i < baseRows || i >= topFrom || j >= columns)),
    fillingCells: body.filling ? index.slice(baseRows, topFrom).flatMap((row) => row.slice(0, columns)) : [],
    middleCells: body.filling
      ? Array.from({ length: topFrom - baseRows }, (_, k) => cellAt(baseRows + k, 0))
      : [],
    preheated,
    sideCells: index.flatMap((row) => row.slice(columns)),
  };
}

/** What a baker calls the edge of a pie and its middle, of its radius: a place, on every mesh. Estimates. */
const EDGE_FROM = 0.7;
const MIDDLE_TO = 1 / 3;

/** Plate that heats a base over what lies under it. */
const steelReach = (baseRadiusM: number): number =>
  1 + constant('steelFin') * Math.max(0, (constant('steelRadius') / baseRadiusM) ** 2 - 1);

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
