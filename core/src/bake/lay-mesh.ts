import { DOUGH_KG_M3 } from '../build/index.js';
import type { Beneath } from '../spec/index.js';
import type { PieBody } from './body.js';
import { cylinderRadiusM } from './body.js';
import { constant } from './constants.js';
import type { Face, Link, Stuff } from './mesh-builder.js';
import { foodStuff, makeFaces, makeLines, MeshBuilder } from './mesh-builder.js';
import type { MeshSize } from './mesh-size.js';
import type { Mesh } from './mesh.js';
import { cellKinds, looking } from './mesh.js';

/** The skin that colours, m: as thick on every mesh, so that a colour means the same on each. Estimate. */
const SKIN_M = 0.0005;

/** Layers of a crust from the outside in: the skin, then layers that grow evenly. */
function gradedLayers(thicknessM: number, count: number): number[] {
  if (thicknessM <= 0) return [];
  const skin = Math.min(SKIN_M, thicknessM / count);
  const grows = (2 * (thicknessM - count * skin)) / (count * (count - 1));
  return Array.from({ length: count }, (_, i) => skin + i * grows);
}

const CRUST_FREEZES_C = -4;
const NEVER_FREEZES_C = -273;
/** What is left of the water in a shell that was baked blind, kg per kg. Estimate. */
const BLIND_BAKED_WATER = 0.07;
const WALL_ROWS_OF_SHELL = 4;
const nothing: Stuff = {
  kind: cellKinds.nothing,
  dryKgM3: 1,
  dryJM3K: 1000,
  waterKgM3: 0,
  conductivityDry: 0,
  conductivityWet: 0,
  freezesC: NEVER_FREEZES_C,
};

/** Rows and columns of a body: their sizes in m, and what lies where. */
function layOut(body: PieBody, size: MeshSize) {
  const radius = cylinderRadiusM(body);
  const side = gradedLayers(body.baseCrustM, size.sideColumns).reverse();
  const base = gradedLayers(body.baseCrustM, size.crustRows);
  const lid = body.top ? gradedLayers(body.top.thicknessM, size.crustRows).reverse() : [];
  const fillingRows = body.filling ? size.fillingRows : WALL_ROWS_OF_SHELL;
  const { columns } = size;
  const edges = [0];
  const inner = radius - body.baseCrustM;
  for (let j = 1; j <= columns; j++) edges.push((inner * j) / columns);
  for (const layer of side) edges.push((edges.at(-1) ?? 0) + layer);
  const ring = (j: number): number => Math.PI * ((edges[j + 1] ?? 0) ** 2 - (edges[j] ?? 0) ** 2);
  const middle = (j: number): number => ((edges[j + 1] ?? 0) + (edges[j] ?? 0)) / 2;
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
    middle,
    fillingHeight,
    rowHeight: (i: number, j: number): number =>
      base[i] ?? (i >= topFrom ? (lid[i - topFrom] ?? 0) : fillingHeight(j) / fillingRows),
  };
}

type Layout = ReturnType<typeof layOut>;

/** What each cell of the body is made of. */
function stuffsOf(body: PieBody, at: Layout): (i: number, j: number) => Stuff {
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
  const doughStuff = foodStuff(cellKinds.crust, baked, DOUGH_KG_M3, dry, wet, CRUST_FREEZES_C);
  let fillingVolume = 0;
  for (let j = 0; j < at.columns; j++) fillingVolume += at.ring(j) * at.fillingHeight(j);
  const fillingStuff = filling
    ? foodStuff(
        cellKinds.filling,
        filling.composition,
        filling.massKg / fillingVolume,
        0,
        0,
        -1.86 * filling.molality,
      )
    : nothing;
  const topStuff = top
    ? foodStuff(
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

/** Lays the mesh over a pie. */
export function layMesh(body: PieBody, size: MeshSize, beneath: Beneath = 'rack'): Mesh {
  const built = new MeshBuilder();
  const at = layOut(body, size);
  const { columns, allColumns, rows, topFrom, baseRows, ring, rowHeight, edges, middle } = at;
  const { top, dish } = body;
  const cover = top?.cover ?? 0;
  const stuffAt = stuffsOf(body, at);
  const index = Array.from({ length: rows }, (_, i) =>
    Array.from({ length: allColumns }, (__, j) =>
      built.cell(stuffAt(i, j), ring(j) * rowHeight(i, j) * (i >= topFrom ? cover : 1)),
    ),
  );
  const cellAt = (i: number, j: number): number => index[i]?.[j] ?? 0;
  const isFood = (i: number, j: number): boolean => stuffAt(i, j).kind !== cellKinds.nothing;

  const wall = dish.wallMm / 1000;
  const contact = 1 / constant('dishContact');
  const dishStuff = (conductivity: number): Stuff => ({
    kind: cellKinds.dish,
    dryKgM3: dish.density,
    dryJM3K: dish.density * dish.specificHeat,
    waterKgM3: 0,
    conductivityDry: conductivity,
    conductivityWet: conductivity,
    freezesC: NEVER_FREEZES_C,
  });
  const plateStuff = dishStuff(dish.conductivity);
  const steel: Stuff = {
    ...plateStuff,
    kind: cellKinds.dish,
    dryKgM3: 7850,
    dryJM3K: 7850 * 480,
    conductivityDry: 45,
    conductivityWet: 45,
  };
  const hot = beneath === 'hot_steel';
  const steelM = constant('steelPlate');

  const ends: Face[] = [];
  const sides: Face[] = [];
  const food = constant('foodEmissivity');
  const baseShare = (body.baseRadiusM / at.radius) ** 2;
  const topShare = (body.topRadiusM / at.radius) ** 2;
  const up = (cell: number, areaM2: number): void => {
    if (areaM2 > 0) ends.push({ cell, areaM2, emissivity: food, bare: true, share: 1, looks: looking.up });
  };
  const under = beneath === 'tray' ? constant('trayShare') : 0.8;
  const preheated: number[] = [];
  const upward = Array.from({ length: allColumns }, (_, j): Link[] => {
    const area = ring(j);
    const plate = built.cell(plateStuff, area * wall);
    const line: Link[] = [];
    const below = hot ? built.cell(steel, area * steelM) : plate;
    if (hot) {
      preheated.push(below);
      line.push({
        cell: below,
        areaM2: area * baseShare,
        halfHereM: steelM / 2,
        halfNextM: wall / 2,
        contactM2KW: 1 / constant('steelContact'),
      });
    }
    ends.push({
      cell: below,
      areaM2: area * baseShare,
      emissivity: hot ? constant('steelEmissivity') : dish.emissivity * (beneath === 'tray' ? 0.5 : 1),
      bare: false,
      share: hot ? 1 : under,
      looks: looking.down,
    });
    line.push({
      cell: plate,
      areaM2: area,
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
        areaM2: linked ? area * (intoTop ? cover : 1) : 0,
        halfHereM: rowHeight(i, j) / 2,
        halfNextM: last ? 1 : rowHeight(i + 1, j) / 2,
        contactM2KW: intoTop && i < topFrom && j < columns ? (top?.gapM2KW ?? 0) : 0,
      });
    }
    // Bare to the oven: the top, what of the filling it leaves open, the inside of an empty shell.
    if (top) up(cellAt(rows - 1, j), area * topShare * cover);
    if (cover < 1 && isFood(topFrom - 1, j)) up(cellAt(topFrom - 1, j), area * topShare * (1 - cover));
    if (!body.filling && j < columns) up(cellAt(baseRows - 1, j), area);
    return line;
  });

  const outermost = allColumns - 1;
  const outward = Array.from({ length: rows }, (_, i): Link[] => {
    const line: Link[] = [];
    for (let j = 0; j < allColumns; j++) {
      const edge = edges[j + 1] ?? 0;
      const high = Math.min(rowHeight(i, j), rowHeight(i, Math.min(outermost, j + 1)));
      const linked = j < outermost && isFood(i, j) && isFood(i, j + 1);
      const wallRow = i < topFrom && j === outermost;
      const area = 2 * Math.PI * edge * high * (i >= topFrom ? cover : 1);
      line.push({
        cell: cellAt(i, j),
        areaM2: linked || (wallRow && !body.freeStanding) ? area * (wallRow ? body.wallFactor : 1) : 0,
        halfHereM: edge - middle(j),
        halfNextM: wallRow ? wall / 2 : middle(j + 1) - edge,
        contactM2KW: wallRow ? contact : 0,
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
      areaM2,
      emissivity: dish.emissivity,
      bare: false,
      share: 1,
      looks: looking.aside,
    });
    return [...line, { cell: band, areaM2: 0, halfHereM: 1, halfNextM: 1, contactM2KW: 0 }];
  });

  const firstColumns = Array.from({ length: columns }, (_, j) => j);
  const rim = allColumns > columns ? [cellAt(topFrom - 1, outermost)] : [];
  // What is looked at for colour: the top; the rim of an open pie; the inside of an empty shell.
  const onRim = !top && body.filling !== null && rim.length > 0;
  const seenRow = top ? rows - 1 : body.filling ? topFrom - 1 : baseRows - 1;
  const topCells = onRim ? rim : firstColumns.map((j) => cellAt(seenRow, j));
  return {
    size,
    ...built.arrays(),
    upward: makeLines(upward),
    outward: makeLines(outward),
    ends: makeFaces(ends),
    sides: makeFaces(sides),
    stacks: firstColumns.map((j) => index.map((row) => row[j] ?? 0).filter((_, i) => isFood(i, j))),
    columnArea: Float64Array.from(firstColumns, ring),
    columnRadius: Float64Array.from(firstColumns, (j) => middle(j) / at.inner),
    topCells,
    topWeights: Float64Array.from(topCells, (_, k) => ring(onRim ? outermost : k)),
    baseCells: baseRows > 0 ? firstColumns.map((j) => cellAt(0, j)) : [],
    baseHalf:
      baseRows > 0
        ? firstColumns.flatMap((j) => Array.from({ length: Math.ceil(baseRows / 2) }, (_, i) => cellAt(i, j)))
        : [],
    middleCells: body.filling
      ? Array.from({ length: topFrom - baseRows }, (_, k) => cellAt(baseRows + k, 0))
      : [],
    preheated,
    sideCells: index.flatMap((row) => row.slice(columns)),
  };
}
