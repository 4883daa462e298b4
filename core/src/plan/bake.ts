import type { BakeEvents, BakeSpec, Cooling, Paused, PieBody, Reading, Stage } from '../bake/index.js';
import {
  colourTargets,
  constant,
  coolDown,
  doneMin,
  findStages,
  finishNow,
  SEARCH_SHARE,
  simulateBake,
} from '../bake/index.js';

/** A baked plan: the stages, what happens when, the curves, and the cooling. */
export interface Bake {
  readonly stages: readonly [Stage, Stage];
  /** True when Mardle found the stages, false when the baker set them. */
  readonly found: boolean;
  readonly events: BakeEvents;
  readonly doneMin: number | null;
  readonly outMin: number;
  readonly turnMin: number;
  /** When the top is as dark as it should be and the filling still needs time. */
  readonly foilMin: number | null;
  readonly atEnd: Reading;
  readonly readings: readonly Reading[];
  readonly cooling: Cooling;
}

const ROOM_C = 21;
/** Foil goes on when the top is this far past its target with more than a few minutes to go. */
const FOIL_PAST_TARGET = 1.25;
const FOIL_WORTH_MIN = 6;

function whenFoil(readings: readonly Reading[], target: number, outMin: number): number | null {
  const limit = Math.min(target * FOIL_PAST_TARGET, constant('too_dark') * 0.8);
  const first = readings.find((reading) => reading.topBrowning >= limit);
  return first && first.timeMin < outMin - FOIL_WORTH_MIN ? Math.floor(first.timeMin) : null;
}

/** Finds the stages if the baker set none, bakes, cools; pauses often. Null when no setting gets the pie done. */
export function* bakeSteps(body: PieBody, bake: BakeSpec): Paused<Bake | null> {
  const stages = bake.stages ?? (yield* findStages(body, bake))?.stages;
  if (!stages) return null;
  yield SEARCH_SHARE;
  const { run, readings, events } = simulateBake(body, bake.oven, stages, bake.altitudeM);
  const outMin = stages[0].timeMin + stages[1].timeMin;
  const atEnd = readings.at(-1);
  if (!atEnd) return null;
  return {
    stages: [stages[0], stages[1]],
    found: bake.stages === null,
    events,
    doneMin: doneMin(events),
    outMin,
    turnMin: Math.round(stages[0].timeMin + stages[1].timeMin / 3),
    foilMin: whenFoil(readings, colourTargets[bake.colour].index, outMin),
    atEnd,
    readings: readings.filter((_, i) => i % 2 === 0),
    cooling: coolDown(run, ROOM_C),
  };
}

/** The same at one go. */
export const bakeBody = (body: PieBody, bake: BakeSpec): Bake | null => finishNow(bakeSteps(body, bake));
