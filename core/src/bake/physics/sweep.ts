import type { Lines } from '../mesh/index.js';
import type { BakeModel } from './model.js';
import type { BakeState } from './state.js';
import { WATER_J_KG_K } from '../materials/index.js';

/** Refreshes the thermal conductance from each place of the lines to the next, W/K; 0 at the end of a line. */
export function couple({ mesh, work }: BakeModel, way: 'upward' | 'outward'): void {
  const conductivity = work.conductivity[way];
  const conductance = work.conductance[way];
  const { cell, shapeHere, shapeNext, resistance } = mesh[way];
  for (let p = 0; p < cell.length; p++) {
    if (shapeHere[p]! < 0) {
      conductance[p] = 0;
      continue;
    }
    // Both halves and the contact between them, one behind the other.
    const here = conductivity[cell[p]!]! * shapeHere[p]!;
    const next = conductivity[cell[p + 1]!]! * shapeNext[p]!;
    const both = here * next;
    conductance[p] = both / (here + next + resistance[p]! * both);
  }
}

/**
 * Temperatures at the end of a step along one line: implicit in time, Thomas' algorithm. True when a cell that was thought
 * to boil would cool.
 */
function solveLine(
  { work }: BakeModel,
  { tempC, boiling }: BakeState,
  cell: Uint16Array,
  from: number,
  to: number,
  conductance: Float64Array,
  stepS: number,
): boolean {
  const { capacity, outerG, outerW, solved, upper, right } = work;
  let before = 0;
  let upperBefore = 0;
  let rightBefore = 0;
  const perS = 1 / stepS;
  for (let p = from; p < to; p++) {
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
  for (let p = to - 1; p >= from; p--) {
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

/** Takes cells of a line that would cool out of the boiling ones. */
function stopBoiling(
  { mesh, work }: BakeModel,
  { boiling, tempC, waterKg }: BakeState,
  cell: Uint16Array,
  from: number,
  to: number,
): void {
  const { solved, capacity } = work;
  for (let p = from; p < to; p++) {
    const i = cell[p]!;
    if (boiling[i] === 1 && solved[i]! < tempC[i]! - COOLS_C) {
      boiling[i] = 0;
      capacity[i] = mesh.dryJK[i]! + WATER_J_KG_K * waterKg[i]!;
    }
  }
}

/**
 * One sweep: temperatures at the end of the step, and the heat that they move from cell to cell. A boiling
 * cell takes heat without getting hotter: it carries more capacity, but only as long as heat comes in.
 */
export function sweep(
  model: BakeModel,
  state: BakeState,
  { cell, starts }: Lines,
  conductance: Float64Array,
  stepS: number,
): void {
  for (let line = 0; line + 1 < starts.length; line++) {
    const from = starts[line]!;
    const to = starts[line + 1]!;
    for (let pass = 0; pass < MOST_PASSES; pass++) {
      if (!solveLine(model, state, cell, from, to, conductance, stepS)) break;
      stopBoiling(model, state, cell, from, to);
    }
  }
  const { solved } = model.work;
  const { enthalpyJ } = state;
  for (let p = 0; p + 1 < cell.length; p++) {
    const g = conductance[p]!;
    if (g === 0) continue;
    const a = cell[p]!;
    const b = cell[p + 1]!;
    const heat = g * (solved[b]! - solved[a]!) * stepS;
    enthalpyJ[a] = enthalpyJ[a]! + heat;
    enthalpyJ[b] = enthalpyJ[b]! - heat;
  }
}
