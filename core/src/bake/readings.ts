import { constant } from './constants.js';
import type { Mesh } from './mesh.js';
import { cellKinds } from './mesh.js';
import type { BakeState } from './state.js';
import { vaporisationJKg } from './water.js';

/** What a baker could see or probe at one moment of the bake. Temperatures in C, shares 0 to 1. */
export interface Reading {
  readonly timeMin: number;
  readonly airC: number;
  readonly topC: number;
  readonly centreC: number;
  readonly baseC: number;
  readonly coldestC: number;
  readonly hottestC: number;
  /** Browning of top and base: 1 golden, 2 deep, 4 too dark. */
  readonly topBrowning: number;
  readonly baseBrowning: number;
  /** The share of softening and of starch that nine tenths of the filling has passed. */
  readonly tender: number;
  readonly set: number;
  /** Moisture of the outer half of the base crust, kg per kg dry. */
  readonly baseMoisture: number;
  readonly edgeBubbling: boolean;
  readonly centreBubbling: boolean;
  readonly lostG: number;
}

/** Value that nine tenths of the filling, by volume, has reached. */
function ninetyPercent(mesh: Mesh, value: (cell: number) => number): number {
  const cells: [value: number, volume: number][] = [];
  let total = 0;
  for (let i = 0; i < mesh.kind.length; i++) {
    if (mesh.kind[i] !== cellKinds.filling) continue;
    const volume = mesh.volumeM3[i]!;
    cells.push([value(i), volume]);
    total += volume;
  }
  cells.sort((a, b) => a[0] - b[0]);
  let passed = 0;
  for (const [reached, volume] of cells) {
    passed += volume;
    if (passed >= 0.1 * total) return reached;
  }
  return 0;
}

const BUBBLING_KG_S_M2 = constant('bubbling_flux') / vaporisationJKg(100);

function bubbling(mesh: Mesh, state: BakeState, belongs: (radius: number) => boolean): boolean {
  let flux = 0;
  let area = 0;
  mesh.stacks.forEach((_, j) => {
    if (!belongs(mesh.columnRadius[j]!)) return;
    flux += state.vapourFlux[j]! * mesh.columnArea[j]!;
    area += mesh.columnArea[j]!;
  });
  return area > 0 && flux / area > BUBBLING_KG_S_M2;
}

const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

/** Mean over the columns, weighted by their area: a colour is judged over the whole top. */
function overTop(mesh: Mesh, cells: readonly number[], value: (cell: number) => number): number {
  let sum = 0;
  let area = 0;
  cells.forEach((cell, j) => {
    sum += value(cell) * mesh.columnArea[j]!;
    area += mesh.columnArea[j]!;
  });
  return sum / area;
}

export function readState(mesh: Mesh, state: BakeState, airC: number): Reading {
  const { fillingRows, crustRows } = mesh.size;
  const middle = mesh.stacks[0]!.slice(crustRows, crustRows + fillingRows);
  let coldest = Infinity;
  let hottest = -Infinity;
  for (let i = 0; i < mesh.kind.length; i++) {
    if (mesh.kind[i] !== cellKinds.filling) continue;
    coldest = Math.min(coldest, state.tempC[i]!);
    hottest = Math.max(hottest, state.tempC[i]!);
  }
  const outerHalf = mesh.stacks.flatMap((stack) => stack.slice(0, Math.ceil(crustRows / 2)));
  const water = outerHalf.reduce((sum, i) => sum + state.waterKg[i]!, 0);
  const dry = outerHalf.reduce((sum, i) => sum + mesh.dryKg[i]!, 0);
  return {
    timeMin: state.timeS / 60,
    airC,
    topC: overTop(mesh, mesh.topCells, (i) => state.tempC[i]!),
    centreC: mean(middle.map((i) => state.tempC[i]!)),
    baseC: overTop(mesh, mesh.baseOuterCells, (i) => state.tempC[i]!),
    coldestC: coldest,
    hottestC: hottest,
    topBrowning: overTop(mesh, mesh.topCells, (i) => state.browning[i]!),
    baseBrowning: overTop(mesh, mesh.baseOuterCells, (i) => state.browning[i]!),
    tender: ninetyPercent(mesh, (i) => 1 - state.firmness[i]!),
    set: ninetyPercent(mesh, (i) => state.starch[i]!),
    baseMoisture: water / dry,
    edgeBubbling: bubbling(mesh, state, (r) => r > 0.7),
    centreBubbling: bubbling(mesh, state, (r) => r < 1 / 3 || mesh.stacks.length < 3),
    lostG: state.vapourOutKg * 1000,
  };
}
