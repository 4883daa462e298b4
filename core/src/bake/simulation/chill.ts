import { constant, enthalpyJ } from '../materials/index.js';
import type { BakeModel, BakeState } from '../physics/index.js';
import { evenSurroundings, heatSteps, SLOW_EVERY } from '../physics/index.js';

const STEP_S = 20;
/** Vapour in the air of a fridge or a freezer, Pa: too little to matter to a covered pie. */
const COLD_VAPOUR_PA = 600;

/**
 * The wait in the cold before the oven, by the same solver: pastry gets cold first, the middle hardly. What was heated with
 * the oven stays as it is, and the clock of the bake starts after it.
 */
export function chill(model: BakeModel, state: BakeState): void {
  const { body, mesh } = model;
  if (!body.chill) return;
  const { airC, timeS } = body.chill;
  const cold = evenSurroundings(airC, constant('coldAirH'), COLD_VAPOUR_PA);
  const preheated = mesh.preheated.map((cell) => state.tempC[cell]!);
  for (let at = 0; at < timeS; at += SLOW_EVERY * STEP_S) heatSteps(model, state, () => cold, STEP_S);
  mesh.preheated.forEach((cell, k) => {
    state.tempC[cell] = preheated[k]!;
    state.enthalpyJ[cell] = enthalpyJ(
      preheated[k]!,
      mesh.dryJK[cell]!,
      mesh.waterKg[cell]!,
      mesh.freezesC[cell]!,
    );
  });
  for (const i of mesh.fillingCells) state.pieceC[i] = state.tempC[i]!;
  state.timeS = 0;
  state.heatInJ = 0;
  state.vapourOutKg = 0;
}
