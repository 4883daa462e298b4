import { constant, vaporisationJKg } from '../materials/index.js';
import type { Mesh } from '../mesh/index.js';
import type { BakeState } from '../physics/index.js';

/** What a baker could see or probe at one moment of the bake. Temperatures in C, shares 0 to 1. */
export interface Reading {
  readonly timeMin: number;
  readonly airC: number;
  readonly topC: number;
  readonly centreC: number;
  readonly baseC: number;
  readonly coldestC: number;
  readonly hottestC: number;
  /** Browning of top and base: 1 golden, 2 deep, 4 too dark. Without a top the rim; of an empty shell inside and base together. */
  readonly topBrowning: number;
  readonly baseBrowning: number;
  /** Softening that three quarters of the filling has passed: where a pick goes; swelling that nine tenths has passed. */
  readonly tender: number;
  readonly set: number;
  /** Moisture of the outer half of the base crust, kg per kg dry. */
  readonly baseMoisture: number;
  readonly edgeBubbling: boolean;
  readonly centreBubbling: boolean;
  /** All that the pie has given off, and what of it the filling has lost. */
  readonly lostG: number;
  readonly fillingLostG: number;
}

/** A pick goes in half way to the middle, so it does not feel the core. Common practice, no source. */
const WHERE_A_PICK_GOES = 0.75;
const NEARLY_ALL = 0.9;

/** Value that a share of the filling, by volume, has reached; `sign` -1 for what falls to it. */
function reachedBy(
  { fillingCells, volumeM3 }: Mesh,
  shareOfAll: number,
  values: Float64Array,
  sign: 1 | -1,
): number {
  let left = 0;
  for (const cell of fillingCells) left += (1 - shareOfAll) * volumeM3[cell]!;
  // The lowest first, until the share is left: a few passes are quicker than a sort, for a search reads thousands of times.
  let least = -Infinity;
  for (;;) {
    let next = Infinity;
    let volume = 0;
    for (const cell of fillingCells) {
      const here = sign * values[cell]!;
      if (here <= least || here > next) continue;
      volume = here === next ? volume + volumeM3[cell]! : volumeM3[cell]!;
      next = here;
    }
    left -= volume;
    if (left <= 0 || next === Infinity) return sign * (next === Infinity ? least : next);
    least = next;
  }
}

const BUBBLING_KG_S_M2 = constant('bubblingFlux') / vaporisationJKg(100);

/** Whether what goes up through a part of the top is seen there; `areas` of the columns that lie in it. */
function bubbling({ vapourFlux }: BakeState, areas: Float64Array): boolean {
  let flux = 0;
  let area = 0;
  for (let j = 0; j < areas.length; j++) {
    flux += vapourFlux[j]! * areas[j]!;
    area += areas[j]!;
  }
  return area > 0 && flux / area > BUBBLING_KG_S_M2;
}

function mean(cells: readonly number[], values: Float64Array): number {
  let sum = 0;
  for (const cell of cells) sum += values[cell]!;
  return cells.length === 0 ? 0 : sum / cells.length;
}

/** Mean over cells by their weights: a colour is judged over the whole of what is seen. */
function weighted(cells: readonly number[], weights: Float64Array, values: Float64Array): number {
  let sum = 0;
  let weight = 0;
  for (let j = 0; j < cells.length; j++) {
    sum += values[cells[j]!]! * weights[j]!;
    weight += weights[j]!;
  }
  return weight > 0 ? sum / weight : 0;
}

function outerHalf({ outerBase }: Mesh, values: Float64Array): number {
  let sum = 0;
  for (const { cell, share } of outerBase) sum += share * values[cell]!;
  return sum;
}

export function readState(mesh: Mesh, state: BakeState, airC: number): Reading {
  let coldest = Infinity;
  let hottest = -Infinity;
  let fillingLost = 0;
  const found = mesh.fillingCells.length > 0;
  for (const i of mesh.fillingCells) {
    fillingLost += mesh.waterKg[i]! - state.waterKg[i]!;
    coldest = Math.min(coldest, state.tempC[i]!);
    hottest = Math.max(hottest, state.tempC[i]!);
  }
  const topC = weighted(mesh.topCells, mesh.topWeights, state.tempC);
  const halfDryKg = outerHalf(mesh, mesh.dryKg);
  return {
    timeMin: state.timeS / 60,
    airC,
    topC,
    centreC: found ? mean(mesh.middleCells, state.tempC) : topC,
    baseC: weighted(mesh.baseCells, mesh.columnArea, state.tempC),
    // An empty shell has no filling; its own heat stands in for it.
    coldestC: found ? coldest : topC,
    hottestC: found ? hottest : topC,
    topBrowning: weighted(mesh.topCells, mesh.topWeights, state.browning),
    baseBrowning: weighted(mesh.baseCells, mesh.columnArea, state.browning),
    tender: found ? 1 - reachedBy(mesh, WHERE_A_PICK_GOES, state.firmness, -1) : 1,
    set: found ? reachedBy(mesh, NEARLY_ALL, state.starch, 1) : 1,
    baseMoisture: halfDryKg > 0 ? outerHalf(mesh, state.waterKg) / halfDryKg : 0,
    edgeBubbling: bubbling(state, mesh.edgeArea),
    centreBubbling: bubbling(state, mesh.middleArea),
    lostG: state.vapourOutKg * 1000,
    fillingLostG: Math.max(0, fillingLost) * 1000,
  };
}
