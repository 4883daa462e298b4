import type { PieBody } from './body.js';
import { enthalpyJ } from './enthalpy.js';
import type { Mesh } from './mesh.js';

/** Everything that changes while a pie bakes. Arrays run over the cells of the mesh. SI units, temperatures in C. */
export interface BakeState {
  timeS: number;
  readonly enthalpyJ: Float64Array;
  readonly waterKg: Float64Array;
  readonly tempC: Float64Array;
  readonly starch: Float64Array;
  readonly firmness: Float64Array;
  readonly browning: Float64Array;
  /** Thermal conductance of each face, W/K; refreshed now and then. */
  readonly conductance: Float64Array;
  /** Vapour that left each column of filling in the last step, kg/s per m2. */
  readonly vapourFlux: Float64Array;
  /** Heat taken up from the oven, and vapour lost to it, since the start. */
  heatInJ: number;
  vapourOutKg: number;
}

/** Enthalpy that a kg of vapour carries, J/kg: one value for boiling and condensing, so that energy balances exactly. */
export const VAPOUR_J_KG = 2.675e6;

export function startState(mesh: Mesh, body: PieBody, tempC = body.startC): BakeState {
  const cells = mesh.kind.length;
  const state: BakeState = {
    timeS: 0,
    enthalpyJ: new Float64Array(cells),
    waterKg: Float64Array.from(mesh.waterKg),
    tempC: new Float64Array(cells).fill(tempC),
    starch: new Float64Array(cells),
    firmness: new Float64Array(cells).fill(1),
    browning: new Float64Array(cells),
    conductance: new Float64Array(mesh.faceA.length),
    vapourFlux: new Float64Array(mesh.stacks.length),
    heatInJ: 0,
    vapourOutKg: 0,
  };
  for (let i = 0; i < cells; i++) {
    state.enthalpyJ[i] = enthalpyJ(tempC, mesh.dryJK[i]!, mesh.waterKg[i]!, mesh.freezesC[i]!);
  }
  return state;
}

export function copyState(state: BakeState): BakeState {
  return {
    ...state,
    enthalpyJ: state.enthalpyJ.slice(),
    waterKg: state.waterKg.slice(),
    tempC: state.tempC.slice(),
    starch: state.starch.slice(),
    firmness: state.firmness.slice(),
    browning: state.browning.slice(),
    conductance: state.conductance.slice(),
    vapourFlux: state.vapourFlux.slice(),
  };
}

/** All enthalpy of a pie and its dish, J. */
export const totalEnthalpyJ = (state: BakeState): number => state.enthalpyJ.reduce((sum, h) => sum + h, 0);
