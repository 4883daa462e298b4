import { boil, boilSides, percolate } from './boil.js';
import {
  constant,
  crustAt,
  crustSlope,
  FUSION_J_KG,
  ICE_J_KG_K,
  moistAirK,
  rateAt,
  temperatureC,
  WATER_J_KG_K,
  withVoids,
} from '../materials/index.js';
import { cellKinds } from '../mesh/index.js';
import type { BakeModel, BoundaryConditions } from './model.js';
import type { BakeState } from './state.js';
import { VAPOUR_J_KG } from './state.js';
import { bookOven, meetOven } from './surface.js';
import { couple, sweep } from './sweep.js';

const STIR_GAIN = constant('stirGain');
const STIR_ASIDE = constant('stirAside');
const STIR_SET = constant('stirSet');
/** A boiling filling takes this many times the heat for a degree; near enough to none. */
const BOILING_TIMES = 20;

const smoothstep = (from: number, to: number, x: number): number => {
  const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return t * t * (3 - 2 * t);
};

/** Conductivity of filling that nothing stirs: fruit with air in it until it softens, and ice when it is frozen. */
function stillConductivity(
  { body, fillingK, airShare }: BakeModel,
  temp: number,
  freezesC: number,
  firmness: number,
): number {
  const { filling } = body;
  if (!filling) return fillingK;
  const air = airShare + Math.max(0, filling.airShare - airShare) * firmness;
  const still = withVoids(fillingK, moistAirK(temp), air);
  return temp < freezesC ? still * (1 + 2 * Math.min(1, (freezesC - temp) / 8)) : still;
}

/** How many times as much thin juice carries when it is hot: it rises, and less as its starch sets. */
function stirring({ body: { filling } }: BakeModel, temp: number, freezesC: number, starch: number): number {
  if (!filling || temp < freezesC) return 0;
  const thin = Math.max(filling.freeShare * Math.min(1, temp / 60), smoothstep(30, 60, temp));
  const thick = 1 + ((filling.setGPer100G * starch) / STIR_SET) ** 2;
  return (STIR_GAIN * filling.stirs * thin) / thick;
}

/** Conductivity of every cell upward and outward, W/(m K): juice rises more freely than it finds its way between pieces. */
function conductivities(model: BakeModel, state: BakeState): void {
  const { mesh, work } = model;
  const { kind, conductivityDry, conductivityWet, waterKg, freezesC } = mesh;
  const { upward, outward } = work.conductivity;
  const { tempC, starch, firmness } = state;
  for (let i = 0; i < kind.length; i++) {
    const dry = conductivityDry[i]!;
    if (kind[i] === cellKinds.crust) {
      const wet = Math.min(1, state.waterKg[i]! / waterKg[i]!);
      upward[i] = outward[i] = dry + (conductivityWet[i]! - dry) * wet;
    } else if (kind[i] === cellKinds.filling) {
      const still = stillConductivity(model, tempC[i]!, freezesC[i]!, firmness[i]!);
      const stirs = stirring(model, tempC[i]!, freezesC[i]!, starch[i]!);
      upward[i] = still * (1 + stirs);
      outward[i] = still * (1 + STIR_ASIDE * stirs);
    } else upward[i] = outward[i] = dry;
  }
}

/** Heat for a degree below the freezing point, J/K: with melting in it. */
function frozenCapacity(liquidJK: number, waterKg: number, tempC: number, freezesC: number): number {
  const ice = 0.95 * waterKg;
  return liquidJK + ice * (ICE_J_KG_K - WATER_J_KG_K) - (FUSION_J_KG * ice * freezesC) / tempC ** 2;
}

/**
 * Heat for a degree where water boils away as heat comes in, J/K: a drying crust gets hotter as its last water is held more
 * tightly; a filling hardly at all.
 */
function boilingCapacity({ mesh, crust }: BakeModel, waterKg: number, cell: number, plainJK: number): number {
  if (mesh.kind[cell] !== cellKinds.crust) return BOILING_TIMES * plainJK;
  const dry = mesh.dryKg[cell]!;
  const slope = crustSlope(crust.boilingC, waterKg / dry);
  const drying = slope < 0 ? (VAPOUR_J_KG * dry) / -slope : Infinity;
  return Math.min(BOILING_TIMES * plainJK, plainJK + drying);
}

/** Heat for a degree of every cell, J/K. */
function capacities(model: BakeModel, state: BakeState): void {
  const { dryJK, freezesC } = model.mesh;
  const { capacity } = model.work;
  const { waterKg, tempC, boiling } = state;
  for (let i = 0; i < capacity.length; i++) {
    const water = waterKg[i]!;
    const liquid = dryJK[i]! + WATER_J_KG_K * water;
    if (boiling[i] === 1) capacity[i] = boilingCapacity(model, water, i, liquid);
    else if (tempC[i]! >= freezesC[i]!) capacity[i] = liquid;
    else capacity[i] = frozenCapacity(liquid, water, tempC[i]!, freezesC[i]!);
  }
}

/** Swelling, softening, browning over one step. Pieces soften by their own heat, which lags behind. */
function kinetics(model: BakeModel, state: BakeState, stepS: number): void {
  const { mesh, body, crust, swelling, softening, browning, browns } = model;
  const follows = stepS / (stepS + (body.filling?.lagS ?? 0));
  for (let i = 0; i < mesh.kind.length; i++) {
    const temp = state.tempC[i]!;
    if (mesh.kind[i] === cellKinds.filling) {
      const piece = state.pieceC[i]! + (temp - state.pieceC[i]!) * follows;
      state.pieceC[i] = piece;
      if (temp < 30) continue;
      state.starch[i] = 1 - (1 - state.starch[i]!) / (1 + rateAt(swelling, temp) * stepS);
      state.firmness[i] = state.firmness[i]! / (1 + rateAt(softening, piece) * stepS);
    } else if (mesh.kind[i] === cellKinds.crust && temp > 80) {
      const dry = crustAt(crust.browns, state.waterKg[i]! / mesh.dryKg[i]!);
      state.browning[i] = state.browning[i]! + rateAt(browning, temp) * browns[i]! * dry * stepS;
    }
  }
}

function readTemperatures({ mesh }: BakeModel, state: BakeState): void {
  const { dryJK, freezesC } = mesh;
  const { tempC, enthalpyJ, waterKg, boiling } = state;
  for (let i = 0; i < tempC.length; i++) {
    const liquid = enthalpyJ[i]! / (dryJK[i]! + WATER_J_KG_K * waterKg[i]!);
    const temp =
      liquid >= freezesC[i]! ? liquid : temperatureC(enthalpyJ[i]!, dryJK[i]!, waterKg[i]!, freezesC[i]!);
    // What boils stays at its boiling point; its excess is steam in the making.
    if (boiling[i] === 0 || temp < tempC[i]!) tempC[i] = temp;
  }
}

/** Steam that changes by less than this share of itself in a step goes on as it does; more, and a cell has begun to boil. Estimate. */
const STEADY = 0.1;
/** Weight of the last step in the mean that the change is told by: steam that comes in fits has none. Estimate. */
const NEWEST = 1 / 4;

/**
 * An upward sweep reckons with the steam that each cell will take up; it is booked when it comes. What changes steadily is
 * carried on: taken as it last was, a drying crust would be too cold by the change of a step, and colour late.
 */
function expectSteam({ work }: BakeModel, { condensing, steamBefore }: BakeState): void {
  const { outerW, steam } = work;
  for (let i = 0; i < outerW.length; i++) {
    const now = condensing[i]!;
    const behind = now - steamBefore[i]!;
    const more = behind * NEWEST;
    const expected = Math.abs(more) < STEADY * now ? now + more : now;
    steamBefore[i] = now - behind * (1 - NEWEST);
    steam[i] = expected;
    outerW[i] = expected * VAPOUR_J_KG;
  }
}

/** One sweep along the lines, and what the oven gave and took. */
function along(
  model: BakeModel,
  state: BakeState,
  way: 'upward' | 'outward',
  around: BoundaryConditions,
  stepS: number,
): void {
  const { mesh, work } = model;
  const faces = way === 'upward' ? mesh.ends : mesh.sides;
  capacities(model, state);
  if (way === 'upward') expectSteam(model, state);
  else work.outerW.fill(0);
  work.outerG.fill(0);
  meetOven(model, state, faces, around, stepS);
  sweep(model, state, mesh[way], work.conductance[way], stepS);
  bookOven(model, state, faces, stepS);
  readTemperatures(model, state);
}

/** What changes slowly is brought up to date every so many steps. */
export const SLOW_EVERY = 3;

/**
 * Heat and water over some steps: upward and boiling in each of them, for crusts are thin; outward, juice and kinetics once for
 * all. `surroundingsAt` tells the surroundings, step by step.
 */
export function heatSteps(
  model: BakeModel,
  state: BakeState,
  surroundingsAt: () => BoundaryConditions,
  stepS: number,
  steps: number = SLOW_EVERY,
): void {
  const longS = steps * stepS;
  conductivities(model, state);
  couple(model, 'upward');
  couple(model, 'outward');
  let around = surroundingsAt();
  for (let step = 0; step < steps; step++) {
    if (step > 0) around = surroundingsAt();
    along(model, state, 'upward', around, stepS);
    boil(model, state, stepS);
  }
  along(model, state, 'outward', around, longS);
  boilSides(model, state, longS);
  percolate(model, state, longS);
  kinetics(model, state, longS);
  state.timeS += longS;
}
