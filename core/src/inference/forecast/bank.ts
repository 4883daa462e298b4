import type { OvenPosition, PieBody, Reading } from '../../bake/index.js';
import type { Resumable } from '../../units/index.js';
import { filledMin, homeMin, meshSizes, noInterventions, simulateBake } from '../../bake/index.js';
import type { Stage } from '../../schema/index.js';
import { chanceFrom, normalFrom } from '../../units/index.js';
import { reaches } from '../statistics/index.js';
import type { Emulator } from './emulator.js';
import { emulate } from './emulator.js';
import { unknowns, withUnknowns } from './unknowns.js';

const RUNS = 96;
/** A bake is followed this much past its stages, min. */
const FOLLOW_MIN = 60;
/** What never comes is said to come so much after the end, min. */
const NEVER_MIN = 15;
/** Temperatures that a probe in the middle passes one after the other, C. */
export const probeLevelsC = [15, 25, 35, 45, 55, 65, 75, 82, 88, 92, 95] as const;

/** Moments of one bake, min. */
export interface Moments {
  readonly bubblingMin: number;
  readonly goldenMin: number;
  readonly doneMin: number;
  readonly outMin: number;
  /** When the middle passes each of `probeLevelsC`. */
  readonly passesMin: readonly number[];
}

const lastMoment = (stages: readonly Stage[]): number =>
  stages.reduce((sum, { timeMin }) => sum + timeMin, 0);

/**
 * Bakes a pie whose unknowns are at some values, on the mesh of the search.
 * @param at in deviations from what is believed
 */
export function momentsAt(
  body: PieBody,
  place: OvenPosition,
  stages: readonly [Stage, Stage],
  foilMin: number | null,
  at: ArrayLike<number>,
): { readonly moments: Moments; readonly readings: readonly Reading[] } {
  const [first, second] = stages;
  const followed = [first, { ...second, timeMin: second.timeMin + FOLLOW_MIN }];
  const varied = withUnknowns(body, place, at);
  const { readings, events } = simulateBake(varied.body, varied.place, followed, meshSizes.coarse, {
    ...noInterventions,
    foilMin,
  });
  const end = lastMoment(followed) + NEVER_MIN;
  const minutes = readings.map(({ timeMin }) => timeMin);
  const centre = readings.map(({ centreC }) => centreC);
  return {
    readings,
    moments: {
      bubblingMin: events.edgeBubblingMin ?? end,
      goldenMin: events.goldenMin ?? end,
      doneMin: filledMin(events, body.done) ?? end,
      outMin: homeMin(events, body.done, end) ?? end,
      passesMin: probeLevelsC.map((level) => reaches(minutes, centre, level) ?? end),
    },
  };
}

/** What a pie in an oven would do over all that nobody knows of it. */
export interface Bank {
  readonly stages: readonly [Stage, Stage];
  readonly toldOffsetC: number;
  readonly usual: Moments;
  /** ln of each moment. */
  readonly bubbling: Emulator;
  readonly golden: Emulator;
  readonly done: Emulator;
  readonly out: Emulator;
  readonly passes: readonly Emulator[];
}

/**
 * Bakes a pie nearly a hundred times with its unknowns drawn by a seed, so that a forecast need not bake at all. Gives way
 * between bakes.
 * @param body the pie
 * @param place its oven
 * @param stages as set
 * @param foilMin when foil is laid on; null never
 * @param seed of the draws
 * @returns moments over all that is unknown
 * @example finishNow(bankSteps(plan.work.body, plan.spec.bake, stages, null)).usual.outMin
 */
export function* bankSteps(
  body: PieBody,
  place: OvenPosition,
  stages: readonly [Stage, Stage],
  foilMin: number | null,
  seed = 1,
): Resumable<Bank> {
  const chance = chanceFrom(seed);
  const inputs: number[][] = [];
  const all: Moments[] = [];
  for (let run = 0; run < RUNS; run++) {
    const at = unknowns.map(() => normalFrom(chance));
    inputs.push(at);
    all.push(momentsAt(body, place, stages, foilMin, at).moments);
    yield (run + 1) / RUNS;
  }
  const usual = momentsAt(
    body,
    place,
    stages,
    foilMin,
    unknowns.map(() => 0),
  ).moments;
  const through = (value: (moments: Moments) => number): Emulator =>
    emulate(
      inputs,
      all.map((moments) => Math.log(Math.max(0.25, value(moments)))),
    );
  return {
    stages,
    toldOffsetC: place.oven.offsetC,
    usual,
    bubbling: through(({ bubblingMin }) => bubblingMin),
    golden: through(({ goldenMin }) => goldenMin),
    done: through(({ doneMin }) => doneMin),
    out: through(({ outMin }) => outMin),
    passes: probeLevelsC.map((_, k) => through(({ passesMin }) => passesMin[k]!)),
  };
}
