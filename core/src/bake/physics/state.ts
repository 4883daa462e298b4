import type { PieBody } from '../materials/index.js';
import { colourTargets, enthalpyJ } from '../materials/index.js';
import type { Mesh } from '../mesh/index.js';

/** Everything that changes while a pie bakes. Arrays run over the cells of the mesh. SI units, temperatures in C. */
export interface BakeState {
  timeS: number;
  readonly enthalpyJ: Float64Array;
  readonly waterKg: Float64Array;
  readonly tempC: Float64Array;
  readonly starch: Float64Array;
  readonly firmness: Float64Array;
  /** Temperature inside the pieces of fruit, which lags behind that around them. */
  readonly pieceC: Float64Array;
  readonly browning: Float64Array;
  /** 1 where the cell boiled in the last step. */
  readonly boiling: Uint8Array;
  /** Steam that each cell took up in the last step, and in those before it as a mean that fades, kg/s. */
  readonly condensing: Float64Array;
  readonly steamBefore: Float64Array;
  /** Vapour that left each column of filling in the last step, kg/s per m2. */
  readonly vapourFlux: Float64Array;
  /** Heat taken up from the oven, and vapour lost to it, since the start. */
  heatInJ: number;
  vapourOutKg: number;
}

/** Enthalpy that a kg of vapour carries, J/kg: one value for boiling and condensing, so that energy balances exactly. */
export const VAPOUR_J_KG = 2.675e6;

/** A pie at one temperature; what was heated with the oven is given its own. */
export function startState(mesh: Mesh, body: PieBody, tempC = body.startC, ovenC = tempC): BakeState {
  const cells = mesh.kind.length;
  const state: BakeState = {
    timeS: 0,
    enthalpyJ: new Float64Array(cells),
    waterKg: Float64Array.from(mesh.waterKg),
    tempC: new Float64Array(cells).fill(tempC),
    starch: new Float64Array(cells).fill(body.filling?.swollen ?? 0),
    firmness: new Float64Array(cells).fill(1 - (body.filling?.softened ?? 0)),
    pieceC: new Float64Array(cells).fill(tempC),
    browning: new Float64Array(cells),
    boiling: new Uint8Array(cells),
    condensing: new Float64Array(cells),
    steamBefore: new Float64Array(cells),
    vapourFlux: new Float64Array(mesh.stacks.length),
    heatInJ: 0,
    vapourOutKg: 0,
  };
  // A shell that was baked blind comes back as pale as it was to be.
  if (body.baseBaked) for (const cell of mesh.pastry) state.browning[cell] = colourTargets.straw.index;
  if (body.pastryC !== null) for (const cell of mesh.pastry) state.tempC[cell] = body.pastryC;
  for (const cell of mesh.preheated) state.tempC[cell] = ovenC;
  for (let i = 0; i < cells; i++) {
    state.enthalpyJ[i] = enthalpyJ(state.tempC[i]!, mesh.dryJK[i]!, mesh.waterKg[i]!, mesh.freezesC[i]!);
  }
  return state;
}

/** The same once more. Written out, and in the order of `startState`: of one shape, the steps' code is compiled but once. */
export const copyState = (state: BakeState): BakeState => ({
  timeS: state.timeS,
  enthalpyJ: state.enthalpyJ.slice(),
  waterKg: state.waterKg.slice(),
  tempC: state.tempC.slice(),
  starch: state.starch.slice(),
  firmness: state.firmness.slice(),
  pieceC: state.pieceC.slice(),
  browning: state.browning.slice(),
  boiling: state.boiling.slice(),
  condensing: state.condensing.slice(),
  steamBefore: state.steamBefore.slice(),
  vapourFlux: state.vapourFlux.slice(),
  heatInJ: state.heatInJ,
  vapourOutKg: state.vapourOutKg,
});

/**
 * All enthalpy of a pie and its dish, J.
 * @param state of a bake
 * @returns J, nought at 0 C liquid
 * @example totalEnthalpyJ(startState(model))
 */
export const totalEnthalpyJ = (state: BakeState): number => state.enthalpyJ.reduce((sum, h) => sum + h, 0);
