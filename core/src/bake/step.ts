import type { PieBody } from './body.js';
import { constant } from './constants.js';
import type { CrustTable } from './crust.js';
import { crustIndex, crustTable } from './crust.js';
import { temperatureC } from './enthalpy.js';
import { browningRate, softeningRate, starchRate } from './kinetics.js';
import type { Mesh } from './mesh.js';
import { cellKinds, rawConductivity } from './mesh.js';
import { withAir } from './properties.js';
import type { BakeState } from './state.js';
import { VAPOUR_J_KG } from './state.js';
import { boilingC, ICE_J_KG_K, saturationPa, WATER_J_KG_K } from './water.js';

/** What surrounds the pie in one step. */
export interface Around {
  readonly airC: number;
  readonly radiantC: number;
  readonly convectionWM2K: number;
  readonly vapourPa: number;
}

/** What a step needs beside the mesh, computed once for a pie. */
export interface Kitchen {
  readonly mesh: Mesh;
  readonly body: PieBody;
  readonly crust: CrustTable;
  readonly fillingBoilsC: number;
  readonly fillingActivity: number;
  readonly fillingK: number;
}

const STIR_GAIN = constant('stir_gain');
const STIR_SET = constant('stir_set');
const PERCOLATION_S = constant('percolation');
/** s/m that vapour needs through bare fruit, and through a crust that has dried. */
const FRUIT_SKIN = constant('fruit_skin');
const CRUST_SKIN = constant('diffusion_depth') / constant('crust_diffusivity');
const STEFAN_BOLTZMANN = 5.670374e-8;
const GAS_WATER = 461.5;
const AIR_SHARE = 0.08;
/** Heat and vapour move between one second steps; conductivities and kinetics change slowly enough for ten. */
export const SLOW_STEP_S = 10;

export function kitchenFor(mesh: Mesh, body: PieBody, pressurePa: number): Kitchen {
  const activity = 1 / (1 + 0.018015 * body.filling.molality);
  return {
    mesh,
    body,
    crust: crustTable(pressurePa),
    fillingBoilsC: boilingC(pressurePa, activity),
    fillingActivity: activity,
    fillingK: withAir(rawConductivity(body).filling, AIR_SHARE),
  };
}

const smoothstep = (from: number, to: number, x: number): number => {
  const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return t * t * (3 - 2 * t);
};

/** Conductivity of one cell, W/(m K). */
function cellConductivity(kitchen: Kitchen, state: BakeState, cell: number): number {
  const { mesh, body, fillingK } = kitchen;
  const kind = mesh.kind[cell];
  if (kind === cellKinds.dish) return body.dish.conductivity;
  const temp = state.tempC[cell]!;
  if (kind === cellKinds.crust) {
    const raw = mesh.waterKg[cell]! / mesh.dryKg[cell]!;
    const wet = Math.min(1, state.waterKg[cell]! / mesh.dryKg[cell]! / raw);
    const dry = mesh.conductivityDry[cell]!;
    return dry + (mesh.conductivityWet[cell]! - dry) * wet;
  }
  if (temp < mesh.freezesC[cell]!) {
    return fillingK * (1 + 2 * Math.min(1, (mesh.freezesC[cell]! - temp) / 8));
  }
  const thin = Math.max(body.filling.freeShare * Math.min(1, temp / 60), smoothstep(30, 60, temp));
  return fillingK * (1 + STIR_GAIN * thin * (1 - STIR_SET * state.starch[cell]!));
}

/**
 * Conductances, kinetics and the evening out of juice, over `SLOW_STEP_S`.
 * Returns the longest step in s at which the explicit scheme stays stable until the next one.
 */
export function slowStep(kitchen: Kitchen, state: BakeState): number {
  const { mesh, body, crust } = kitchen;
  const cells = mesh.kind.length;
  const k = new Float64Array(cells);
  for (let i = 0; i < cells; i++) k[i] = cellConductivity(kitchen, state, i);
  for (let f = 0; f < mesh.faceA.length; f++) {
    const throughA = 1 / (k[mesh.faceA[f]!]! * mesh.faceShapeA[f]!);
    const throughB = 1 / (k[mesh.faceB[f]!]! * mesh.faceShapeB[f]!);
    state.conductance[f] = 1 / (throughA + throughB + mesh.faceResistance[f]!);
  }
  for (let i = 0; i < cells; i++) {
    const temp = state.tempC[i]!;
    if (mesh.kind[i] === cellKinds.filling) {
      const swell = starchRate(temp, body.starchSwellsC, body.filling.syrupShare);
      state.starch[i] = 1 - (1 - state.starch[i]!) * Math.exp(-swell * SLOW_STEP_S);
      state.firmness[i] = state.firmness[i]! * Math.exp(-softeningRate(temp, body.softening) * SLOW_STEP_S);
    } else if (mesh.kind[i] === cellKinds.crust && temp > 80) {
      const activity = crust.activity[crustIndex(crust, state.waterKg[i]! / mesh.dryKg[i]!)]!;
      state.browning[i] = state.browning[i]! + browningRate(temp, activity, body.browning) * SLOW_STEP_S;
    }
  }
  percolate(mesh, state);
  return stableStepS(mesh, state);
}

/** Steps stay under this share of the stability limit, and under this many seconds. */
const SAFETY = 0.8;
const LONGEST_STEP_S = 2.5;
/** What the oven adds to the conductance of an outer cell, W/(m2 K): convection, radiation and drying. */
const OUTER_W_M2K = 120;

function stableStepS(mesh: Mesh, state: BakeState): number {
  const leaving = new Float64Array(mesh.kind.length);
  for (let f = 0; f < state.conductance.length; f++) {
    const g = state.conductance[f]!;
    leaving[mesh.faceA[f]!] = leaving[mesh.faceA[f]!]! + g;
    leaving[mesh.faceB[f]!] = leaving[mesh.faceB[f]!]! + g;
  }
  for (let f = 0; f < mesh.outerCell.length; f++) {
    const cell = mesh.outerCell[f]!;
    leaving[cell] = leaving[cell]! + OUTER_W_M2K * mesh.outerArea[f]!;
  }
  let longest = LONGEST_STEP_S;
  for (let i = 0; i < leaving.length; i++) {
    // Frozen water has half the heat capacity of liquid; the latent heat only adds to it.
    const capacity = mesh.dryJK[i]! + ICE_J_KG_K * state.waterKg[i]!;
    longest = Math.min(longest, (SAFETY * capacity) / leaving[i]!);
  }
  return longest;
}

/** Juice evens out over the filling; the water takes its heat along. */
function percolate(mesh: Mesh, state: BakeState): void {
  const share = SLOW_STEP_S / PERCOLATION_S;
  let dry = 0;
  let water = 0;
  for (let i = 0; i < mesh.kind.length; i++) {
    if (mesh.kind[i] !== cellKinds.filling || state.tempC[i]! < 0) continue;
    dry += mesh.dryKg[i]!;
    water += state.waterKg[i]!;
  }
  if (dry === 0) return;
  const mean = water / dry;
  let movedKg = 0;
  let movedJ = 0;
  for (const giving of [true, false]) {
    for (let i = 0; i < mesh.kind.length; i++) {
      if (mesh.kind[i] !== cellKinds.filling || state.tempC[i]! < 0) continue;
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

/** Heat from the oven into every outer face, with drying of bare food. */
function exchange(kitchen: Kitchen, state: BakeState, around: Around, stepS: number): void {
  const { mesh, crust } = kitchen;
  const radiantK4 = (around.radiantC + 273.15) ** 4;
  for (let f = 0; f < mesh.outerCell.length; f++) {
    const cell = mesh.outerCell[f]!;
    const area = mesh.outerArea[f]!;
    const temp = state.tempC[cell]!;
    const surfaceK = temp + 273.15;
    const h = around.convectionWM2K * mesh.outerShare[f]!;
    const radiation = mesh.outerEmissivity[f]! * STEFAN_BOLTZMANN * (radiantK4 - surfaceK ** 4);
    const heat = (h * (around.airC - temp) + radiation) * area * stepS;
    state.enthalpyJ[cell] = state.enthalpyJ[cell]! + heat;
    state.heatInJ += heat;
    if (mesh.outerBare[f] === 0 || temp < 5) continue;
    const dry = mesh.dryKg[cell]!;
    const bareFruit = mesh.kind[cell] === cellKinds.filling;
    const activity = bareFruit
      ? kitchen.fillingActivity
      : crust.activity[crustIndex(crust, state.waterKg[cell]! / dry)]!;
    // Lewis relation for the air side, in series with the way through the drying crust or the fruit's skin.
    const skin = bareFruit ? FRUIT_SKIN : (1 - activity) * CRUST_SKIN;
    const transfer = 1 / (1000 / h + skin);
    const drive = activity * saturationPa(temp) - around.vapourPa;
    const lost = Math.min(
      0.1 * state.waterKg[cell]!,
      Math.max(0, (transfer * drive * area * stepS) / (GAS_WATER * surfaceK)),
    );
    state.waterKg[cell] = state.waterKg[cell]! - lost;
    state.enthalpyJ[cell] = state.enthalpyJ[cell]! - lost * VAPOUR_J_KG;
    state.vapourOutKg += lost;
  }
}

/**
 * One cell of a stack met by vapour from below: it boils off what is past its boiling point, or condenses what it can.
 * Returns the vapour in kg that goes on.
 */
function meetVapour(kitchen: Kitchen, state: BakeState, cell: number, carriedKg: number): number {
  const { mesh, crust } = kitchen;
  const { enthalpyJ, waterKg, tempC } = state;
  const water = waterKg[cell]!;
  const boilsC =
    mesh.kind[cell] === cellKinds.filling
      ? kitchen.fillingBoilsC
      : crust.boilingC[crustIndex(crust, water / mesh.dryKg[cell]!)]!;
  const excessJ = enthalpyJ[cell]! - (mesh.dryJK[cell]! + WATER_J_KG_K * water) * boilsC;
  if (excessJ <= 0 && carriedKg === 0) return 0;
  const perKg = VAPOUR_J_KG - WATER_J_KG_K * boilsC;
  const moved = excessJ > 0 ? Math.min(excessJ / perKg, 0.2 * water) : -Math.min(-excessJ / perKg, carriedKg);
  waterKg[cell] = water - moved;
  enthalpyJ[cell] = enthalpyJ[cell]! - moved * VAPOUR_J_KG;
  tempC[cell] = temperatureC(enthalpyJ[cell]!, mesh.dryJK[cell]!, waterKg[cell]!, mesh.freezesC[cell]!);
  return carriedKg + moved;
}

/** Boils what is past its boiling point and lets the vapour rise, condensing on what is colder above. */
function boil(kitchen: Kitchen, state: BakeState, stepS: number): void {
  const { mesh, body } = kitchen;
  const { kind, stacks } = mesh;
  const { vented } = body.top;
  for (let column = 0; column < stacks.length; column++) {
    const stack = stacks[column]!;
    let vapour = 0;
    let below: number = cellKinds.crust;
    for (const cell of stack) {
      if (below === cellKinds.filling && kind[cell] === cellKinds.crust) {
        state.vapourFlux[column] = vapour / stepS / mesh.columnArea[column]!;
        state.vapourOutKg += vapour * vented;
        vapour *= 1 - vented;
      }
      vapour = meetVapour(kitchen, state, cell, vapour);
      below = kind[cell]!;
    }
    state.vapourOutKg += vapour;
  }
  for (const cell of mesh.sideCells) state.vapourOutKg += meetVapour(kitchen, state, cell, 0);
}

/** One step of heat and water. */
export function fastStep(kitchen: Kitchen, state: BakeState, around: Around, stepS: number): void {
  const { mesh } = kitchen;
  const { tempC, enthalpyJ, waterKg, conductance } = state;
  for (let f = 0; f < conductance.length; f++) {
    const a = mesh.faceA[f]!;
    const b = mesh.faceB[f]!;
    const heat = conductance[f]! * (tempC[b]! - tempC[a]!) * stepS;
    enthalpyJ[a] = enthalpyJ[a]! + heat;
    enthalpyJ[b] = enthalpyJ[b]! - heat;
  }
  exchange(kitchen, state, around, stepS);
  for (let i = 0; i < tempC.length; i++) {
    tempC[i] = temperatureC(enthalpyJ[i]!, mesh.dryJK[i]!, waterKg[i]!, mesh.freezesC[i]!);
  }
  boil(kitchen, state, stepS);
  state.timeS += stepS;
}
