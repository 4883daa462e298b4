import { constant, crustAt, saturationPa } from '../materials/index.js';
import type { OuterFaces } from '../mesh/index.js';
import { cellKinds, looking } from '../mesh/index.js';
import type { BakeModel, BoundaryConditions } from './model.js';
import type { BakeState } from './state.js';
import { VAPOUR_J_KG } from './state.js';

const STEFAN_BOLTZMANN = 5.670374e-8;
const GAS_WATER = 461.5;
/** s/m that vapour needs through bare fruit, and through a crust that has dried. */
const FRUIT_SKIN = constant('fruitSkin');
const CRUST_SKIN = constant('diffusionDepth') / constant('crustDiffusivity');
const DRIES_FROM_C = 5;
/** No face gives off more than this share of its cell's water in a step. */
const MOST_DRIED = 0.3;
const NEARLY_ALL = 0.9;
/** A cell without water dries no further, and nothing is divided by it. */
const LEAST_WATER_KG = 1e-9;

/**
 * Heat capacity of air by volume times Le^(2/3), J/m3: over its temperature in K it is what the Lewis relation divides by.
 * 353 kg K/m3 of ideal air x 1007 J/(kg K) x .85^(2/3). Handbook values, from memory.
 */
const LEWIS_J_M3 = 353 * 1007 * 0.85 ** (2 / 3);

/**
 * Vapour that leaves a face, kg/(s m2): Lewis relation for the air side (h_m = h / (rho c Le^(2/3)) m/s) at the mean of face
 * and air, in series with the way through a drying crust or the skin of fruit, s/m. The pressure is that at the face over
 * that of the air, Pa.
 * @param hWM2K W/(m2 K)
 * @param skinSM resistance of the dried skin, s/m
 * @param surfaceK K
 * @param airK K
 * @param overPa vapour pressure above the air, Pa
 * @returns kg/(s m2)
 * @example evaporationKgSM2(12, 0, 330, 450, 15_000) // 0.001223
 */
export function evaporationKgSM2(
  hWM2K: number,
  skinSM: number,
  surfaceK: number,
  airK: number,
  overPa: number,
): number {
  const filmK = (surfaceK + airK) / 2;
  return overPa / ((LEWIS_J_M3 / (filmK * hWM2K) + skinSM) * GAS_WATER * filmK);
}

/**
 * Heat from the oven into every face, and its drying, as straight lines about the cell's temperature: W = source - G T, and
 * kg/s = dries + driesPerK (T - T0). They are added to what the sweep reckons with, so that no step is too long for them.
 */
export function meetOven(
  model: BakeModel,
  state: BakeState,
  faces: OuterFaces,
  around: BoundaryConditions,
  stepS: number,
): void {
  const { mesh, crust, work } = model;
  const { outerG, outerW, faceG, faceW, faceDries, faceDriesPerK } = work;
  for (let f = 0; f < faces.cell.length; f++) {
    if (faces.coverSM[f]! > 0) {
      meetThrough(model, state, faces, f, around, stepS);
      continue;
    }
    const cell = faces.cell[f]!;
    const area = faces.areaM2[f]!;
    const temp = state.tempC[cell]!;
    const up = faces.looks[f] === looking.up;
    const h = around.convectionWM2K[faces.looks[f]!]! * faces.share[f]! * (up ? around.cover.share : 1);
    const emissivity = faces.emissivity[f]! * (up ? around.cover.emissivity : 1);
    const radiantC = around.radiantC[faces.looks[f]!]!;
    const surfaceK = temp + 273.15;
    const radiantK = radiantC + 273.15;
    const radiates = emissivity * STEFAN_BOLTZMANN * (radiantK ** 2 + surfaceK ** 2) * (radiantK + surfaceK);
    const touches = up ? around.cover.touchesWM2K : 0;
    let conductance = (h + radiates + touches) * area;
    let source = (h * around.airC + radiates * radiantC + touches * around.cover.touchesC) * area;
    faceDries[f] = 0;
    faceDriesPerK[f] = 0;
    if (faces.bare[f] === 1 && temp >= DRIES_FROM_C) {
      const bareFruit = mesh.kind[cell] === cellKinds.filling;
      const pressure = saturationPa(temp);
      const flux = (activity: number): number => {
        const skin = bareFruit ? FRUIT_SKIN : (1 - activity) * CRUST_SKIN;
        return (
          area *
          evaporationKgSM2(h, skin, surfaceK, around.airC + 273.15, activity * pressure - around.vapourPa)
        );
      };
      const moisture = state.waterKg[cell]! / mesh.dryKg[cell]!;
      const activity = bareFruit ? model.fillingActivity : crustAt(crust.activity, moisture);
      const now = flux(activity);
      if (now > 0) {
        // A crust dries more slowly the drier it is, and steam from below wets it meanwhile: implicit in its moisture.
        const drier = bareFruit
          ? 0
          : (stepS * (now - flux(crustAt(crust.activity, 0.9 * moisture)))) /
            (0.1 * Math.max(LEAST_WATER_KG, state.waterKg[cell]!));
        const damp = 1 + drier;
        const dries = (now + drier * work.steam[cell]!) / damp;
        // Clausius and Clapeyron: psat rises by L / (R T^2) of itself for a kelvin.
        const perK =
          ((now + (around.vapourPa * now) / Math.max(1, activity * pressure - around.vapourPa)) * 2.4e6) /
          (GAS_WATER * surfaceK ** 2) /
          damp;
        // What is nearly dry gives off what it has, however hot it gets.
        const most = mostDriedKg(state, cell, stepS) / stepS;
        const rising = dries < most ? perK : 0;
        faceDries[f] = Math.min(dries, most);
        faceDriesPerK[f] = rising;
        conductance += rising * VAPOUR_J_KG;
        source += (rising * temp - faceDries[f]!) * VAPOUR_J_KG;
      }
    }
    faceG[f] = conductance;
    faceW[f] = source;
    outerG[cell] = outerG[cell]! + conductance;
    outerW[cell] = outerW[cell]! + source;
  }
}

/** Vapour from fruit below its boil through the top that lies on it, whose own damp is taken for that of the oven. */
function meetThrough(
  model: BakeModel,
  state: BakeState,
  faces: OuterFaces,
  f: number,
  around: BoundaryConditions,
  stepS: number,
): void {
  const { outerG, outerW, faceG, faceW, faceDries, faceDriesPerK } = model.work;
  const cell = faces.cell[f]!;
  const temp = state.tempC[cell]!;
  faceG[f] = faceW[f] = faceDries[f] = faceDriesPerK[f] = 0;
  if (temp < DRIES_FROM_C) return;
  const surfaceK = temp + 273.15;
  const h = around.convectionWM2K[looking.up] * around.cover.share;
  const pressure = model.fillingActivity * saturationPa(temp);
  const seeps = (overPa: number): number =>
    faces.areaM2[f]! *
    evaporationKgSM2(h, FRUIT_SKIN + faces.coverSM[f]!, surfaceK, around.airC + 273.15, overPa);
  const now = seeps(pressure - around.vapourPa);
  if (now <= 0) return;
  const mostKgS = mostDriedKg(state, cell, stepS) / stepS;
  const perK = now < mostKgS ? (seeps(pressure) * 2.4e6) / (GAS_WATER * surfaceK ** 2) : 0;
  faceDries[f] = Math.min(now, mostKgS);
  faceDriesPerK[f] = perK;
  faceG[f] = perK * VAPOUR_J_KG;
  faceW[f] = (perK * temp - faceDries[f]!) * VAPOUR_J_KG;
  outerG[cell] = outerG[cell]! + faceG[f]!;
  outerW[cell] = outerW[cell]! + faceW[f]!;
}

/**
 * Water in kg that a cell can give off in a step: a share of its own, and the steam that it takes up meanwhile. Steam passes
 * through a thin dry skin in seconds, so that this may be more than it holds; what does not come after all, `boil` gives back.
 */
function mostDriedKg({ waterKg, condensing }: BakeState, cell: number, stepS: number): number {
  const water = waterKg[cell]!;
  const comes = condensing[cell]! * stepS;
  return Math.min(NEARLY_ALL * (water + comes), MOST_DRIED * water + comes);
}

/** Books what the solved temperatures mean: heat into the cells, vapour out of them. */
export function bookOven(model: BakeModel, state: BakeState, faces: OuterFaces, stepS: number): void {
  const { faceG, faceW, faceDries, faceDriesPerK, solved } = model.work;
  for (let f = 0; f < faces.cell.length; f++) {
    const cell = faces.cell[f]!;
    const net = (faceW[f]! - faceG[f]! * solved[cell]!) * stepS;
    const wanted = (faceDries[f]! + faceDriesPerK[f]! * (solved[cell]! - state.tempC[cell]!)) * stepS;
    const lost = Math.min(mostDriedKg(state, cell, stepS), Math.max(0, wanted));
    // What was not dried off for want of water stays as heat.
    const kept = net + (wanted - lost) * VAPOUR_J_KG;
    state.enthalpyJ[cell] = state.enthalpyJ[cell]! + kept;
    state.waterKg[cell] = state.waterKg[cell]! - lost;
    state.heatInJ += kept + lost * VAPOUR_J_KG;
    state.vapourOutKg += lost;
  }
}
