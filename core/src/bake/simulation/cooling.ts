import type { PieBody } from '../materials/index.js';
import { cellKinds, buildMesh } from '../mesh/index.js';
import type { BoundaryConditions } from '../physics/index.js';
import { bakeModel, bareTop, heatSteps, startState } from '../physics/index.js';
import type { SimulationRun } from './simulate.js';
import { reading } from './simulate.js';

/** A slice stands when the hottest filling is below this; firm ones a little lower. Common practice, no source. */
const CLEAN_SLICE_C = 45;
/** Served warm: no longer scalding. */
const WARM_SERVING_C = 60;

const ROOM_VAPOUR_PA = 1200;
const ROOM_PRESSURE_PA = 101_325;
const COOLING_STEP_S = 20;
const LONGEST_H = 12;

export interface Cooling {
  readonly warmMin: number | null;
  readonly sliceMin: number | null;
}

/**
 * Natural convection in air, W/m2K, laminar: h = c (dT/L)^.25 with c 1.32 over a warm plate, .59 under it (both over its
 * width) and 1.42 beside a wall (over its height). Handbook values (Holman, Heat Transfer, simplified equations for air),
 * from memory.
 */
const freeConvection = { up: 1.32, down: 0.59, aside: 1.42 } as const;

/** What stands in for a dish that is gone: a film that holds no heat and radiates like food. */
const noDish = (body: PieBody): PieBody => ({
  ...body,
  freeStanding: true,
  onPaper: false,
  dish: { ...body.dish, wallMm: 0.01, emissivity: 0.9, conductivity: 1, density: 1000, specificHeat: 1000 },
});

/** The same pie lifted or turned out of its dish: the dish and its heat stay behind. */
export function liftOut(baked: SimulationRun, pressurePa: number): SimulationRun {
  const body = noDish(baked.model.body);
  const mesh = buildMesh(body, baked.model.mesh.size);
  const state = startState(mesh, body, reading(baked).baseC);
  // Food cells come first in every mesh of a body, in the same order; what lies after them was dish.
  const food = mesh.kind.findIndex((kind) => kind === cellKinds.dish);
  for (const part of ['enthalpyJ', 'waterKg', 'tempC', 'starch', 'firmness', 'pieceC', 'browning'] as const) {
    state[part].set(baked.state[part].subarray(0, food));
  }
  state.timeS = baked.state.timeS;
  return { ...baked, model: bakeModel(mesh, body, pressurePa), state };
}

/** How a pie cools: when it leaves its dish, in minutes from the oven; null when it stays in. */
interface CoolingPlace {
  readonly roomC: number;
  readonly outAfterMin?: number | null;
}

/**
 * Cools a baked pie on a rack, in its dish or out of it, by natural convection and radiation to the room.
 * @param baked the run as it came out
 * @param options the room, C, and when it is turned out of its dish, min
 * @param sliceC how cold a clean slice wants it, C
 * @returns temperatures while it cools and the minutes to a warm and a clean slice
 * @example coolDown(run, { roomC: 21 }).sliceMin
 */
export function coolDown(
  baked: SimulationRun,
  { roomC, outAfterMin = null }: CoolingPlace,
  sliceC = CLEAN_SLICE_C,
): Cooling {
  let run = baked;
  let lifted = false;
  const startS = baked.state.timeS;
  const { body } = baked.model;
  const acrossM = 2 * body.topRadiusM;
  const highM = Math.max(0.01, body.edgeM);
  let warmMin: number | null = null;
  for (;;) {
    const minutes = (run.state.timeS - startS) / 60;
    if (!lifted && outAfterMin !== null && minutes >= outAfterMin) {
      run = liftOut(run, ROOM_PRESSURE_PA);
      lifted = true;
    }
    const { model, state } = run;
    const now = reading(run);
    if (warmMin === null && now.hottestC < WARM_SERVING_C) warmMin = minutes;
    if (now.hottestC < sliceC) return { warmMin, sliceMin: minutes };
    if (minutes > LONGEST_H * 60) return { warmMin, sliceMin: null };
    const overRoom = (tempC: number): number => Math.max(1, tempC - roomC);
    const around: BoundaryConditions = {
      airC: roomC,
      radiantC: [roomC, roomC, roomC],
      convectionWM2K: [
        freeConvection.up * (overRoom(now.topC) / acrossM) ** 0.25,
        freeConvection.down * (overRoom(now.baseC) / acrossM) ** 0.25,
        freeConvection.aside * (overRoom(now.baseC) / highM) ** 0.25,
      ],
      vapourPa: ROOM_VAPOUR_PA,
      cover: bareTop,
    };
    heatSteps(model, state, () => around, COOLING_STEP_S);
    state.timeS = Math.round(state.timeS);
  }
}
