import type { Stage } from '../../schema/index.js';
import { bisect } from '../../units/index.js';
import type { PieBody } from '../materials/index.js';
import { meshSizes } from '../mesh/index.js';
import type { OvenPosition } from '../simulation/index.js';
import { doneMin, simulateBake } from '../simulation/index.js';

/** How far from its knob an oven may be before it wants repair rather than reckoning, C. */
const MOST_OFF_C = 60;
/** A bake is followed this much past its stages, min. */
const FOLLOW_MIN = 90;
/** An offset is told in whole degrees. */
const NEAR_ENOUGH_C = 1;

/** When a pie is done in an oven that is off by so much; a last stage goes on until it is. */
function doneIn(body: PieBody, place: OvenPosition, stages: readonly Stage[], offsetC: number): number {
  const last = stages.at(-1);
  const longer = last ? [...stages.slice(0, -1), { ...last, timeMin: last.timeMin + FOLLOW_MIN }] : stages;
  const oven = { ...place.oven, offsetC };
  const { events } = simulateBake(body, { ...place, oven }, longer, meshSizes.coarse);
  return doneMin(events, body.done) ?? Infinity;
}

/**
 * How far off an oven is, in C, from how much longer than in a true one a pie takes in it at the same settings (negative:
 * sooner). Done time falls as the oven gets hotter, so halving the range finds it. Null when no oven within 60 C of its
 * knob would take that long, or when the pie is never done even in a true one.
 * @param body the pie
 * @param place oven, rack and what is beneath
 * @param stages as set, C and min
 * @param longerMin min longer than a true oven takes
 * @returns C to the whole degree, or null
 * @example offsetFromLonger(plan.work.body, plan.spec.bake, bake.stages, 6)
 */
export function offsetFromLonger(
  body: PieBody,
  place: OvenPosition,
  stages: readonly Stage[],
  longerMin: number,
): number | null {
  const usual = doneIn(body, place, stages, 0);
  const wanted = usual + longerMin;
  if (!Number.isFinite(usual)) return null;
  if (doneIn(body, place, stages, -MOST_OFF_C) < wanted || doneIn(body, place, stages, MOST_OFF_C) > wanted) {
    return null;
  }
  const offsetC = bisect(
    -MOST_OFF_C,
    MOST_OFF_C,
    NEAR_ENOUGH_C,
    (at) => doneIn(body, place, stages, at) <= wanted,
  );
  return Math.round(offsetC + NEAR_ENOUGH_C / 2);
}
