import { constant, crustAt, crustSlope, temperatureC, WATER_J_KG_K } from '../materials/index.js';
import { cellKinds } from '../mesh/index.js';
import type { BakeModel } from './model.js';
import type { BakeState } from './state.js';
import { VAPOUR_J_KG } from './state.js';

/** No cell boils away more than this share of its water in a step. */
const MOST_BOILED = 0.5;
const NEAR_ENOUGH = 1e-4;
const NEWTON_ROUNDS = 12;
/** A crust with less than this many times the water that it never gives up has nothing left to boil. */
const NEARLY_HELD = 1.01;

/**
 * Water in kg that has to leave a crust cell until what is left just boils, or, negative, that it takes up from the steam
 * until it does; its boiling point rises as it dries. Newton's method, halving where it would leave what is known to hold
 * the root: a nearly dry skin's boiling point rises too steeply for Newton alone.
 */
function crustBoilsKg(
  model: BakeModel,
  state: BakeState,
  cell: number,
  dryKg: number,
  carriedKg: number,
): number {
  const { mesh, crust } = model;
  const water = state.waterKg[cell]!;
  const heatJ = state.enthalpyJ[cell]!;
  const dryJK = mesh.dryJK[cell]!;
  const perDryKg = 1 / dryKg;
  let least = -carriedKg;
  let most = Math.min(MOST_BOILED * water, Math.max(0, water - crust.heldMoisture * dryKg));
  let leaves = 0;
  for (let round = 0; round < NEWTON_ROUNDS; round++) {
    const left = water - leaves;
    const moisture = left * perDryKg;
    const capacity = dryJK + WATER_J_KG_K * left;
    const boilsC = crustAt(crust.boilingC, moisture);
    const excess = heatJ - leaves * VAPOUR_J_KG - capacity * boilsC;
    const steep =
      VAPOUR_J_KG - WATER_J_KG_K * boilsC - capacity * crustSlope(crust.boilingC, moisture) * perDryKg;
    if (excess > 0) least = leaves;
    else most = leaves;
    const newton = leaves + excess / steep;
    const next = newton > least && newton < most ? newton : (least + most) / 2;
    const moved = Math.abs(next - leaves);
    leaves = next;
    if (moved < NEAR_ENOUGH * Math.abs(water)) break;
  }
  return leaves;
}

/**
 * One cell met by vapour from below: it boils off what is past its boiling point, or condenses what it can. Returns the
 * vapour in kg that goes on.
 */
function meetVapour(
  model: BakeModel,
  state: BakeState,
  cell: number,
  carriedKg: number,
  stepS: number,
): number {
  const { mesh, crust } = model;
  const { enthalpyJ, waterKg, tempC, boiling, condensing } = state;
  if (carriedKg === 0 && waterKg[cell]! >= 0 && tempC[cell]! < model.waterBoilsC) {
    boiling[cell] = 0;
    condensing[cell] = 0;
    return 0;
  }
  const water = waterKg[cell]!;
  const isFilling = mesh.kind[cell] === cellKinds.filling;
  const dryKg = mesh.dryKg[cell]!;
  const boilsC = isFilling ? model.fillingBoilsC : crustAt(crust.boilingC, water / dryKg);
  const excessJ = enthalpyJ[cell]! - (mesh.dryJK[cell]! + WATER_J_KG_K * water) * boilsC;
  const boils = isFilling || water > NEARLY_HELD * crust.heldMoisture * dryKg;
  boiling[cell] = excessJ > 0 && boils ? 1 : 0;
  condensing[cell] = 0;
  if (excessJ <= 0 && carriedKg === 0 && water >= 0) return 0;
  const perKg = VAPOUR_J_KG - WATER_J_KG_K * boilsC;
  const moved = isFilling
    ? Math.min(MOST_BOILED * water, Math.max(-carriedKg, excessJ / perKg))
    : crustBoilsKg(model, state, cell, dryKg, carriedKg);
  if (moved < 0) condensing[cell] = -moved / stepS;
  // Steam that was dried off before it came, and did not come.
  const owedKg = Math.max(0, moved - water);
  state.vapourOutKg -= owedKg;
  waterKg[cell] = water - moved + owedKg;
  enthalpyJ[cell] = enthalpyJ[cell]! + (owedKg - moved) * VAPOUR_J_KG;
  tempC[cell] = temperatureC(enthalpyJ[cell]!, mesh.dryJK[cell]!, waterKg[cell]!, mesh.freezesC[cell]!);
  return carriedKg + moved;
}

/** Boils what is past its boiling point and lets the vapour rise, condensing on what is colder above. */
export function boil(model: BakeModel, state: BakeState, stepS: number): void {
  const { mesh, body } = model;
  const { kind, stacks } = mesh;
  const vented = body.top?.vented ?? 1;
  const alongTin = 1 - (body.filling?.steamRises ?? 1);
  for (let column = 0; column < stacks.length; column++) {
    const stack = stacks[column]!;
    let vapour = 0;
    let below: number = cellKinds.crust;
    let flux = 0;
    for (const cell of stack) {
      if (below === cellKinds.filling && kind[cell] === cellKinds.crust) {
        flux = vapour;
        state.vapourOutKg += vapour * vented;
        vapour *= 1 - vented;
      }
      const before = vapour;
      vapour = meetVapour(model, state, cell, vapour, stepS);
      if (alongTin > 0 && kind[cell] === cellKinds.filling && vapour > before) {
        const leaves = alongTin * (vapour - before);
        state.vapourOutKg += leaves;
        vapour -= leaves;
      }
      below = kind[cell]!;
    }
    state.vapourFlux[column] = (body.top ? flux : vapour) / stepS / mesh.columnArea[column]!;
    state.vapourOutKg += vapour;
  }
}

/** The crust beside the filling, whose steam leaves at once. */
export function boilSides(model: BakeModel, state: BakeState, stepS: number): void {
  for (const cell of model.mesh.sideCells) {
    state.vapourOutKg += meetVapour(model, state, cell, 0, stepS);
  }
}

const PERCOLATION_S = constant('percolation');

/** Juice evens out over the filling; the water takes its heat along. */
export function percolate(model: BakeModel, state: BakeState, stepS: number): void {
  const { mesh } = model;
  const share = stepS / PERCOLATION_S;
  let dry = 0;
  let water = 0;
  for (const i of mesh.fillingCells) {
    if (state.tempC[i]! < 0) continue;
    dry += mesh.dryKg[i]!;
    water += state.waterKg[i]!;
  }
  if (dry === 0) return;
  const mean = water / dry;
  let movedKg = 0;
  let movedJ = 0;
  for (const giving of [true, false]) {
    for (const i of mesh.fillingCells) {
      if (state.tempC[i]! < 0) continue;
      const moves = (state.waterKg[i]! - mesh.dryKg[i]! * mean) * share;
      if (giving !== moves > 0 || moves === 0) continue;
      const carriesJ = giving ? moves * WATER_J_KG_K * state.tempC[i]! : (moves / movedKg) * movedJ;
      if (giving) {
        movedKg += moves;
        movedJ += carriesJ;
      } else if (movedKg === 0) continue;
      state.waterKg[i] = state.waterKg[i]! - moves;
      state.enthalpyJ[i] = state.enthalpyJ[i]! - carriesJ;
    }
  }
}
