import type { Mesh, OvenPosition, OvenState, PieBody, Stage } from '@mardle/core';
import {
  airPressurePa,
  boundaryIn,
  boilingC,
  browningRate,
  cellKinds,
  constant,
  crustActivity,
  evaporationKgSM2,
  bakeModel,
  buildMesh,
  loadedOven,
  meshSizes,
  moistAirK,
  ovenAfter,
  ovenTraits,
  saturationPa,
  softeningRate,
  starchRate,
  temperatureC,
  VAPOUR_J_KG,
  WATER_J_KG_K,
} from '@mardle/core';

/**
 * The bake simulation written down as it is told: explicit steps, an object for each cell, every law evaluated where it
 * stands, no tables and no implicit sweeps. It is what the real one is measured against, in speed and in result; it stays
 * simple on purpose.
 */
interface Cell {
  readonly kind: number;
  readonly dryKg: number;
  readonly dryJK: number;
  readonly rawWaterKg: number;
  readonly freezesC: number;
  readonly dryK: number;
  readonly wetK: number;
  enthalpyJ: number;
  waterKg: number;
  tempC: number;
  starch: number;
  firmness: number;
  pieceC: number;
  readonly browns: number;
  browning: number;
}

export interface PlainResult {
  readonly centreC: number;
  readonly topC: number;
  readonly softened: number;
  readonly topBrowning: number;
}

/** Short enough for a skin of half a millimetre to stay stable, s. */
const STEP_S = 0.25;
const STEFAN_BOLTZMANN = 5.670374e-8;

function cellsOf(mesh: Mesh, body: PieBody, browns: Float64Array, ovenC: number): Cell[] {
  const cells = Array.from({ length: mesh.kind.length }, (_, i): Cell => {
    const tempC = mesh.preheated.includes(i) ? ovenC : body.startC;
    const waterKg = mesh.waterKg[i]!;
    return {
      kind: mesh.kind[i]!,
      dryKg: mesh.dryKg[i]!,
      dryJK: mesh.dryJK[i]!,
      rawWaterKg: waterKg,
      freezesC: mesh.freezesC[i]!,
      dryK: mesh.conductivityDry[i]!,
      wetK: mesh.conductivityWet[i]!,
      enthalpyJ: (mesh.dryJK[i]! + WATER_J_KG_K * waterKg) * tempC,
      waterKg,
      tempC,
      starch: body.filling?.swollen ?? 0,
      firmness: 1 - (body.filling?.softened ?? 0),
      pieceC: tempC,
      browns: browns[i]!,
      browning: 0,
    };
  });
  return cells;
}

/** Bakes on the search mesh in explicit steps. Only for pies that start above freezing. */
// eslint-disable-next-line max-lines-per-function -- plain on purpose, from top to bottom: it shares no helper with the simulation that it checks
export function plainBake(body: PieBody, place: OvenPosition, stages: readonly Stage[]): PlainResult {
  const mesh = buildMesh(body, meshSizes.coarse, place.beneath);
  const pressurePa = airPressurePa(place.altitudeM);
  const { fillingK, airShare, fillingBoilsC, fillingActivity, browns } = bakeModel(mesh, body, pressurePa);
  const traits = ovenTraits(place, 2 * body.topRadiusM);
  let oven: OvenState = loadedOven(traits, stages[0]?.tempC ?? 200);
  const cells = cellsOf(mesh, body, browns, oven.wallC);
  const free = body.filling?.freeShare ?? 0;
  const gain = constant('stirGain') * (body.filling?.stirs ?? 0);
  const vented = body.top?.vented ?? 1;

  const moistureOf = (cell: Cell): number => cell.waterKg / cell.dryKg;
  const conductivityOf = (cell: Cell, stirs: number): number => {
    if (cell.kind === cellKinds.crust)
      return cell.dryK + (cell.wetK - cell.dryK) * Math.min(1, cell.waterKg / cell.rawWaterKg);
    if (cell.kind !== cellKinds.filling) return cell.dryK;
    const t = Math.min(1, Math.max(0, (cell.tempC - 30) / 30));
    const thin = Math.max(free * Math.min(1, cell.tempC / 60), t * t * (3 - 2 * t));
    const air = airShare + Math.max(0, (body.filling?.airShare ?? 0) - airShare) * cell.firmness;
    const v = moistAirK(cell.tempC);
    // Maxwell's form for spheres of conductivity v in one of fillingK.
    const still =
      (fillingK * (v + 2 * fillingK - 2 * air * (fillingK - v))) / (v + 2 * fillingK + air * (fillingK - v));
    const thick = ((body.filling?.setGPer100G ?? 0) * cell.starch) / constant('stirSet');
    return still * (1 + (stirs * gain * thin) / (1 + thick * thick));
  };
  const boilsAt = (cell: Cell): number =>
    cell.kind === cellKinds.filling
      ? fillingBoilsC
      : Math.min(280, boilingC(pressurePa, crustActivity(moistureOf(cell))));

  const conduct = (): void => {
    for (const [lines, stirs] of [
      [mesh.upward, 1],
      [mesh.outward, constant('stirAside')],
    ] as const) {
      for (let p = 0; p + 1 < lines.cell.length; p++) {
        if (lines.shapeHere[p]! < 0) continue;
        const a = cells[lines.cell[p]!]!;
        const b = cells[lines.cell[p + 1]!]!;
        const resists =
          1 / (conductivityOf(a, stirs) * lines.shapeHere[p]!) +
          1 / (conductivityOf(b, stirs) * lines.shapeNext[p]!) +
          lines.resistance[p]!;
        const heatJ = ((b.tempC - a.tempC) / resists) * STEP_S;
        a.enthalpyJ += heatJ;
        b.enthalpyJ -= heatJ;
      }
    }
  };
  const meetOven = (): void => {
    const around = boundaryIn(oven, traits);
    for (const faces of [mesh.ends, mesh.sides]) {
      for (let f = 0; f < faces.cell.length; f++) {
        const cell = cells[faces.cell[f]!]!;
        const area = faces.areaM2[f]!;
        const looks = faces.looks[f]!;
        const h = around.convectionWM2K[looks as 0 | 1 | 2] * faces.share[f]!;
        const radiantK = around.radiantC[looks as 0 | 1 | 2] + 273.15;
        const surfaceK = cell.tempC + 273.15;
        const radiates = faces.emissivity[f]! * STEFAN_BOLTZMANN * (radiantK ** 4 - surfaceK ** 4);
        const coverSM = faces.coverSM[f]!;
        if (coverSM === 0) cell.enthalpyJ += area * (h * (around.airC - cell.tempC) + radiates) * STEP_S;
        if ((coverSM === 0 && faces.bare[f] !== 1) || cell.tempC < 5) continue;
        const bareFruit = cell.kind === cellKinds.filling;
        const activity = bareFruit ? fillingActivity : crustActivity(moistureOf(cell));
        const skin = bareFruit
          ? constant('fruitSkin') + coverSM
          : ((1 - activity) * constant('diffusionDepth')) / constant('crustDiffusivity');
        const overPa = activity * saturationPa(cell.tempC) - around.vapourPa;
        const wanted = area * evaporationKgSM2(h, skin, surfaceK, around.airC + 273.15, overPa) * STEP_S;
        const lostKg = Math.min(0.3 * cell.waterKg, Math.max(0, wanted));
        cell.waterKg -= lostKg;
        cell.enthalpyJ -= lostKg * VAPOUR_J_KG;
      }
    }
  };
  /** Boils off what is past the boiling point, or condenses what comes from below; returns the vapour that goes on. */
  const meetVapour = (cell: Cell, carriedKg: number): number => {
    let leaves = 0;
    for (let round = 0; round < 6; round++) {
      const left = { ...cell, waterKg: cell.waterKg - leaves };
      const at = boilsAt(left);
      const excessJ = cell.enthalpyJ - leaves * VAPOUR_J_KG - (cell.dryJK + WATER_J_KG_K * left.waterKg) * at;
      const drier = { ...left, waterKg: left.waterKg * 0.99 };
      const rises = (boilsAt(drier) - at) / (0.01 * left.waterKg);
      const steep = VAPOUR_J_KG - WATER_J_KG_K * at + (cell.dryJK + WATER_J_KG_K * left.waterKg) * rises;
      leaves = Math.min(0.5 * cell.waterKg, Math.max(-carriedKg, leaves + excessJ / steep));
    }
    if (leaves < 0 && carriedKg === 0) leaves = 0;
    cell.waterKg -= leaves;
    cell.enthalpyJ -= leaves * VAPOUR_J_KG;
    return carriedKg + leaves;
  };
  const steam = (): void => {
    for (const stack of mesh.stacks) {
      let vapour = 0;
      let below: number = cellKinds.crust;
      for (const i of stack) {
        const cell = cells[i]!;
        if (below === cellKinds.filling && cell.kind === cellKinds.crust) vapour *= 1 - vented;
        vapour = meetVapour(cell, vapour);
        below = cell.kind;
      }
    }
    for (const i of mesh.sideCells) meetVapour(cells[i]!, 0);
  };
  /** Juice evens out over the filling, and takes its heat along. */
  const percolate = (): void => {
    const filling = cells.filter(({ kind }) => kind === cellKinds.filling);
    const dry = filling.reduce((sum, { dryKg }) => sum + dryKg, 0);
    const mean = filling.reduce((sum, { waterKg }) => sum + waterKg, 0) / dry;
    const tempC = filling.reduce((sum, cell) => sum + cell.tempC * cell.dryKg, 0) / dry;
    for (const cell of filling) {
      const moved = ((cell.waterKg - cell.dryKg * mean) * STEP_S) / constant('percolation');
      cell.waterKg -= moved;
      cell.enthalpyJ -= moved * WATER_J_KG_K * tempC;
    }
  };
  const change = (): void => {
    for (const cell of cells) {
      cell.tempC = temperatureC(cell.enthalpyJ, cell.dryJK, cell.waterKg, cell.freezesC);
      if (cell.kind === cellKinds.filling) {
        const swells = starchRate(cell.tempC, body.starchSwellsC, body.filling?.syrupShare ?? 0);
        cell.starch += (1 - cell.starch) * Math.min(1, swells * STEP_S);
        cell.pieceC += (cell.tempC - cell.pieceC) * (STEP_S / (STEP_S + (body.filling?.lagS ?? 0)));
        cell.firmness *= 1 - Math.min(1, softeningRate(cell.pieceC, body.softening) * STEP_S);
      } else if (cell.kind === cellKinds.crust && cell.tempC > 80) {
        cell.browning += browningRate(cell.tempC, crustActivity(moistureOf(cell)), cell.browns) * STEP_S;
      }
    }
  };

  for (const { tempC, timeMin } of stages) {
    for (let step = 0; step < (timeMin * 60) / STEP_S; step++) {
      oven = ovenAfter(oven, traits, tempC, STEP_S);
      conduct();
      meetOven();
      steam();
      percolate();
      change();
    }
  }
  const meanOf = (indices: readonly number[], value: (cell: Cell) => number): number =>
    indices.reduce((sum, i) => sum + value(cells[i]!), 0) / indices.length;
  const weights = mesh.topWeights;
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  const overTop = (value: (cell: Cell) => number): number =>
    mesh.topCells.reduce((sum, i, k) => sum + value(cells[i]!) * weights[k]!, 0) / whole;
  return {
    centreC: meanOf(mesh.middleCells, ({ tempC }) => tempC),
    topC: overTop(({ tempC }) => tempC),
    softened: 1 - meanOf(mesh.middleCells, ({ firmness }) => firmness),
    topBrowning: overTop(({ browning }) => browning),
  };
}
