import type { Lines } from './mesh.js';
import type { BakeModel } from './model.js';
import type { BakeState } from './state.js';
import { WATER_J_KG_K } from './water.js';

/** Refreshes the thermal conductance from each place of the lines to the next, W/K; 0 at the end of a line. */
export function couple({ work }: BakeModel, lines: Lines, conductance: Float64Array): void {
  const { conductivity } = work;
  const { cell, shapeHere, shapeNext, resistance } = lines;
  for (let p = 0; p < cell.length; p++) {
    const here = shapeHere[p]!;
    conductance[p] =
      here < 0
        ? 0
        : 1 /
          (1 / (conductivity[cell[p]!]! * here) +
            1 / (conductivity[cell[p + 1]!]! * shapeNext[p]!) +
            resistance[p]!);
  }
}

/**
 * Temperatures at the end of a step along all lines at once: implicit in time, Thomas' algorithm. True when a cell that was
 * thought to boil would cool.
 */
function solve(
  { work }: BakeModel,
  { tempC, boiling }: BakeState,
  lines: Lines,
  conductance: Float64Array,
  stepS: number,
): boolean {
  const { capacity, outerG, outerW, solved, upper, right } = work;
  const { cell } = lines;
  const places = cell.length;
  let before = 0;
  let upperBefore = 0;
  let rightBefore = 0;
  const perS = 1 / stepS;
  for (let p = 0; p < places; p++) {
    const i = cell[p]!;
    const next = conductance[p]!;
    const hold = capacity[i]! * perS;
    const perPivot = 1 / (hold + outerG[i]! + next + before - before * upperBefore);
    upperBefore = next * perPivot;
    rightBefore = (hold * tempC[i]! + outerW[i]! + before * rightBefore) * perPivot;
    upper[p] = upperBefore;
    right[p] = rightBefore;
    before = next;
  }
  let after = 0;
  let cools = false;
  for (let p = places - 1; p >= 0; p--) {
    const i = cell[p]!;
    after = right[p]! + upper[p]! * after;
    solved[i] = after;
    if (boiling[i] === 1 && after < tempC[i]! - COOLS_C) cools = true;
  }
  return cools;
}

/** A boiling cell that falls by more than this no longer boils. */
const COOLS_C = 1e-9;

/** Passes in which cells that were thought to boil, and would cool, are taken out of the boiling ones. */
const MOST_PASSES = 4;

/**
 * One sweep: temperatures at the end of the step, and the heat that they move from cell to cell. A boiling
 * cell takes heat without getting hotter: it carries more capacity, but only as long as heat comes in.
 */
export function sweep(
  model: BakeModel,
  state: BakeState,
  lines: Lines,
  conductance: Float64Array,
  stepS: number,
): void {
  const { work, mesh } = model;
  const { solved, capacity } = work;
  const { cell } = lines;
  const { boiling, tempC, waterKg } = state;
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    if (!solve(model, state, lines, conductance, stepS)) break;
    for (let p = 0; p < cell.length; p++) {
      const i = cell[p]!;
      if (boiling[i] === 1 && solved[i]! < tempC[i]! - COOLS_C) {
        boiling[i] = 0;
        capacity[i] = mesh.dryJK[i]! + WATER_J_KG_K * waterKg[i]!;
      }
    }
  }
  for (let p = 0; p + 1 < cell.length; p++) {
    const g = conductance[p]!;
    if (g === 0) continue;
    const a = cell[p]!;
    const b = cell[p + 1]!;
    const heat = g * (solved[b]! - solved[a]!) * stepS;
    state.enthalpyJ[a] = state.enthalpyJ[a]! + heat;
    state.enthalpyJ[b] = state.enthalpyJ[b]! - heat;
  }
}
