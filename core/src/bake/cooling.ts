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
 * Cools a baked pie on a rack: natural convection h = 1.32 (dT/D)^.25 W/m2K (handbook value for horizontal plates and
 * short cylinders, from memory) and radiation to the room.
 */
export function coolDown(baked: Run, roomC: number, sliceC = CLEAN_SLICE_C): Cooling {
  const { kitchen, state } = baked;
  const startS = state.timeS;
  const acrossM = 2 * kitchen.body.topRadiusM;
  let warmMin: number | null = null;
  for (;;) {
    const now = reading(baked);
    const minutes = (state.timeS - startS) / 60;
    if (warmMin === null && now.hottestC < WARM_SERVING_C) warmMin = minutes;
    if (now.hottestC < sliceC) return { warmMin, sliceMin: minutes };
    if (minutes > LONGEST_H * 60) return { warmMin, sliceMin: null };
    const surfaceC = (now.topC + now.baseC) / 2;
    const around: Around = {
      airC: roomC,
      radiantC: [roomC, roomC, roomC],
      convectionWM2K: 1.32 * (Math.max(1, surfaceC - roomC) / acrossM) ** 0.25,
      vapourPa: ROOM_VAPOUR_PA,
      cover: bareTop,
    };
    heatSteps(kitchen, state, () => around, COOLING_STEP_S);
    state.timeS = Math.round(state.timeS);
  }
}
