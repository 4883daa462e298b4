import type { BakeSpec, Stage } from '../../schema/index.js';
import type { OvenWork } from '../search/index.js';
import { interventionsFor, turnAt } from '../search/index.js';
import { homeMin, resultOf, simulateBake } from '../simulation/index.js';
import { meshSizes } from '../mesh/index.js';
import type { BakeEvent } from './running.js';
import { standing } from './running.js';
import type { Interventions } from '../simulation/index.js';
import { MINUTE_MS } from '../../units/index.js';

/** What hands really did to a pie in the oven, in whole minutes from loading; null what they have not done. */
export interface Handled {
  readonly loweredMin: number | null;
  readonly foilMin: number | null;
  /** The door beside turning, foil and weights. */
  readonly doorMin: readonly number[];
  /** Minutes that the baker added before the oven was lowered: the first stage was meant to last so much longer. */
  readonly moreFirstMin: number;
}

/**
 * What hands did to a pie so far, by its events.
 * @param events as logged, in any order
 * @returns minutes from loading; nothing done when it was never loaded
 * @example handledSoFar([]).moreFirstMin // 0
 */
export function handledSoFar(events: readonly BakeEvent[]): Handled {
  const stood = standing(events);
  const loadedAt = Date.parse(stood.find(({ kind }) => kind === 'loaded')?.at ?? '');
  const minute = ({ at }: BakeEvent): number =>
    Math.max(0, Math.round((Date.parse(at) - loadedAt) / MINUTE_MS));
  const first = (kind: BakeEvent['kind']): number | null => {
    const found = stood.find((event) => event.kind === kind);
    return found ? minute(found) : null;
  };
  const loweredMin = first('lowered');
  const moreFirst = stood.filter(
    (event) => event.kind === 'more_time' && minute(event) <= (loweredMin ?? Infinity),
  );
  return {
    loweredMin,
    foilMin: first('foil_on'),
    doorMin: stood.filter(({ kind }) => kind === 'door_opened').map(minute),
    moreFirstMin: moreFirst.reduce((sum, { minutes = 0 }) => sum + minutes, 0),
  };
}

/** What was planned for it. */
export interface PlannedBake {
  readonly stages: readonly [Stage, Stage];
  readonly foilMin: number | null;
}

/** Both bakes are watched so much longer than planned, min, to see when they are home. */
const WATCHED_LONGER_MIN = 60;
/** An end moves no further than this, min: beyond it hands and eyes know better. Estimate. */
const MOST_MIN = 45;

/**
 * Whether anything was done otherwise than planned, so that the end may move.
 * @param planned stages that were set, and foil
 * @param handled what was done
 * @returns false while all went as planned
 * @example isOtherwise({ stages, foilMin: null }, handledSoFar(events))
 */
export function isOtherwise({ stages, foilMin }: PlannedBake, handled: Handled): boolean {
  const [first, second] = stages;
  const meantMin = first.timeMin + handled.moreFirstMin;
  const lowered = handled.loweredMin !== null && handled.loweredMin !== meantMin;
  return (
    (lowered && first.tempC !== second.tempC) ||
    (handled.foilMin !== null && handled.foilMin !== foilMin) ||
    handled.doorMin.length > 0
  );
}

/**
 * How much later (negative: sooner) a pie is home than planned, by what hands really did: the planned bake and the real one are
 * simulated, each until it is home.
 * @param work the oven's side of a plan: `plan.work`
 * @param bake `spec.bake`
 * @param planned stages that were set, and foil
 * @param handled what was done
 * @returns whole minutes; 0 when nothing but what was planned was done
 * @example endShiftMin(plan.work, plan.spec.bake, plan.bake, { loweredMin: 29, foilMin: null, doorMin: [], moreFirstMin: 0 })
 */
export function endShiftMin(work: OvenWork, bake: BakeSpec, planned: PlannedBake, handled: Handled): number {
  const [first, second] = planned.stages;
  const meant = { ...first, timeMin: first.timeMin + handled.moreFirstMin };
  const loweredMin = handled.loweredMin ?? meant.timeMin;
  const foilMin = handled.foilMin ?? planned.foilMin;
  const weightsMin = work.body.filling ? 0 : work.weightsMin;
  const home = (firstMin: number, interventions: Interventions): number => {
    const untilMin = resultOf(planned.stages) + handled.moreFirstMin + WATCHED_LONGER_MIN;
    const stages = [
      { ...first, timeMin: firstMin },
      { ...second, timeMin: Math.max(0, untilMin - firstMin) },
    ];
    const { events } = simulateBake(work.body, bake, stages, meshSizes.usual, interventions);
    return homeMin(events, work.body.done, untilMin) ?? untilMin;
  };
  const turnMin = turnAt([meant, second]);
  const asPlanned = interventionsFor(turnMin, planned.foilMin, weightsMin);
  const asDone = interventionsFor(turnMin, foilMin, weightsMin);
  const real = { ...asDone, doorMin: [...asDone.doorMin, ...handled.doorMin] };
  const shiftMin = Math.round(home(loweredMin, real) - home(meant.timeMin, asPlanned));
  return Math.max(-MOST_MIN, Math.min(MOST_MIN, shiftMin));
}
