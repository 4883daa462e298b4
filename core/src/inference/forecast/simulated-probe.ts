import type { OvenPosition, PieBody } from '../../bake/index.js';
import type { Stage } from '../../schema/index.js';
import { chanceFrom, normalFrom } from '../../units/index.js';
import type { LoggedReading } from '../log/index.js';
import { momentsAt } from './bank.js';
import { OFFSET, unknowns } from './unknowns.js';

/** What a probe, or the oven that it stands in, can be made to do wrong. */
export const probeFaults = ['none', 'drop_outs', 'stuck', 'slipped_out', 'oven_off'] as const;
export type SimulatedFault = (typeof probeFaults)[number];

const NOISE_C = 0.7;
/** A fault begins at this share of the bake. */
const FAULT_FROM = 0.4;
const DROPS_OUT = 0.4;
const ROOM_C = 20;
/** An oven that went off loses this share of its heat over the room each minute. Estimate. */
const COOLS_PER_MIN = 0.03;
const tenth = (tempC: number): number => Math.round(10 * tempC) / 10;

/**
 * What a probe would read in a bake whose hidden values a seed draws: an oven and a pie to try the forecast on.
 * @param body the pie
 * @param place its oven, as told
 * @param stages as set
 * @param seed of what is hidden
 * @param fault to switch on
 * @returns a reading each half minute, min from loading; C, null where nothing came
 * @example simulatedProbe(plan.work.body, plan.spec.bake, stages, 1, 'none')
 */
export function simulatedProbe(
  body: PieBody,
  place: OvenPosition,
  stages: readonly [Stage, Stage],
  seed: number,
  fault: SimulatedFault,
): LoggedReading[] {
  const chance = chanceFrom(seed);
  const at = unknowns.map(() => normalFrom(chance));
  const { readings } = momentsAt(body, place, stages, null, at);
  const [first] = stages;
  const faultyFrom = Math.floor(FAULT_FROM * readings.length);
  let stuckC: number | null = null;
  return readings.map(({ timeMin, centreC }, i) => {
    const setC = timeMin < first.timeMin ? first.tempC : stages[1].tempC;
    const isFaulty = i >= faultyFrom;
    const offSince = fault === 'oven_off' && isFaulty ? (i - faultyFrom) / 2 : 0;
    const hotC = setC + place.oven.offsetC + unknowns[OFFSET].deviation * at[OFFSET]! - ROOM_C;
    const airC = tenth(ROOM_C + hotC * Math.exp(-COOLS_PER_MIN * offSince) + NOISE_C * normalFrom(chance));
    let fillingC: number | null = tenth(centreC + NOISE_C * normalFrom(chance));
    if (isFaulty && fault === 'stuck') fillingC = stuckC ??= fillingC;
    if (isFaulty && fault === 'slipped_out') fillingC = airC;
    if (isFaulty && fault === 'drop_outs' && chance() < DROPS_OUT) fillingC = null;
    return { atMin: timeMin, fillingC, airC };
  });
}
