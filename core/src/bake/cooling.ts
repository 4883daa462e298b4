import type { Run } from './simulate.js';
import { reading } from './simulate.js';
import type { Around } from './kitchen.js';
import { bareTop } from './kitchen.js';
import { heatSteps } from './step.js';

/** A slice stands when the hottest filling is below this; firm ones a little lower. Common practice, no source. */
export const CLEAN_SLICE_C = 45;
/** Served warm: no longer scalding. */
export const WARM_SERVING_C = 60;

const ROOM_VAPOUR_PA = 1200;
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

/** Cools a baked pie on a rack in its dish, by natural convection and radiation to the room. */
export function coolDown(baked: Run, roomC: number, sliceC = CLEAN_SLICE_C): Cooling {
  const { kitchen, state } = baked;
  const startS = state.timeS;
  const acrossM = 2 * kitchen.body.topRadiusM;
  const highM = Math.max(0.01, kitchen.body.edgeM);
  let warmMin: number | null = null;
  for (;;) {
    const now = reading(baked);
    const minutes = (state.timeS - startS) / 60;
    if (warmMin === null && now.hottestC < WARM_SERVING_C) warmMin = minutes;
    if (now.hottestC < sliceC) return { warmMin, sliceMin: minutes };
    if (minutes > LONGEST_H * 60) return { warmMin, sliceMin: null };
    const overRoom = (tempC: number): number => Math.max(1, tempC - roomC);
    const around: Around = {
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
    heatSteps(kitchen, state, () => around, COOLING_STEP_S);
    state.timeS = Math.round(state.timeS);
  }
}
