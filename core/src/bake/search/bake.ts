import type { BakeSpec, ColourName, Stage } from '../../schema/index.js';
import { bisect } from '../../units/index.js';
import type { OtherSchedule, StageBands } from './bands.js';
import type { PieBody } from '../materials/index.js';
import { colourTargets, constant } from '../materials/index.js';
import type { RecordedBake, BakeEvents, Cooling, Interventions, Reading, Try } from '../simulation/index.js';
import {
  coolDown,
  doneMin,
  endedBy,
  filledMin,
  homeMin,
  noInterventions,
  resultOf,
  simulateBake,
  recordRun,
} from '../simulation/index.js';
import type { MeshSize } from '../mesh/index.js';
import { meshSizes } from '../mesh/index.js';
import type { Resumable } from '../../units/index.js';
import { finishNow } from '../../units/index.js';
import type { FoundStages } from './find-stages.js';
import { findStages, FOIL_FROM, SEARCH_SHARE } from './find-stages.js';
import { asStages } from './reference-heats.js';

/** All that the oven has to do for one pie. */
export interface OvenWork {
  readonly body: PieBody;
  /** An empty shell to bake before. */
  readonly blind: PieBody | null;
  /** Minutes that weights stay in an empty shell. */
  readonly weightsMin: number;
  /** Minutes from the oven until it is turned out of its dish; null when it cools in it. */
  readonly turnedOutMin: number | null;
}

/** A baked plan: the stages, what happens when, the curves, and the cooling. */
export interface Bake {
  readonly stages: readonly [Stage, Stage];
  /** True when Mardle found the stages, false when the baker set them. */
  readonly found: boolean;
  /** Within which the pie comes out right, and what other pairs cost; null when the baker set the stages. */
  readonly bands: StageBands | null;
  readonly others: readonly OtherSchedule[];
  readonly events: BakeEvents;
  readonly doneMin: number | null;
  /** The same for the filling alone, whatever colour the top has. */
  readonly filledMin: number | null;
  readonly outMin: number;
  readonly turnMin: number;
  /** When the top is as dark as it should be and the filling still needs time. */
  readonly foilMin: number | null;
  readonly interventions: Interventions;
  readonly atEnd: Reading;
  readonly readings: readonly Reading[];
  readonly cooling: Cooling;
  /** The shell that was baked empty before. */
  readonly blind: Bake | null;
}

const ROOM_C = 21;
/** A baker's own stages get foil only where the top would otherwise come near too dark: share of that. */
const FOIL_BEFORE_DARK = 0.8;
const FOIL_AIMS_AT = 1.1;
const FOIL_WORTH_MIN = 6;
/** A found bake is watched so much longer, to see when it is home on the finer mesh. */
const MOST_LONGER_MIN = 40;
const OTHERS_KEPT = 8;
/** Minutes from loading at which a pie is best turned round: half way at one heat, else a third into the second stage. */
export const turnAt = ([first, second]: readonly [Stage, Stage]): number =>
  Math.round(
    first.tempC === second.tempC ? (first.timeMin + second.timeMin) / 2 : first.timeMin + second.timeMin / 3,
  );

/** Doors opened for what hands do: turning, foil, weights. */
export const interventionsFor = (
  turnMin: number,
  foilMin: number | null,
  weightsMin: number,
): Interventions => ({
  foilMin,
  weightsMin,
  doorMin: [turnMin, ...(foilMin === null ? [] : [foilMin]), ...(weightsMin > 0 ? [weightsMin] : [])],
});

/**
 * What the search found, on the finer mesh: watched for longer first, foil from when its top gets near its colour there,
 * and ended when it is home, in fives where nobody minds.
 */
function bakeFound(body: PieBody, found: FoundStages, colour: ColourName, bakeOn: Try): RecordedBake {
  const [first, second] = found.stages;
  const watched = [first, { ...second, timeMin: second.timeMin + MOST_LONGER_MIN }] as const;
  const near = FOIL_FROM * colourTargets[colour].index;
  const bare = recordRun(bakeOn, watched, null);
  const foilMin = found.foilMin === null ? null : firstMinute(bare, ({ topBrowning }) => topBrowning >= near);
  const stagesBy = ({ run: { events } }: RecordedBake): readonly [Stage, Stage] => {
    const home = homeMin(events, body.done, resultOf(watched)) ?? found.doneMin;
    // Rounded in fives it is not taken out before all is so that its form asks for.
    const timeMin = doneMin(events, body.done) ?? filledMin(events, body.done) ?? home;
    return asStages({ ...found.schedule, doneMin: home }, { timeMin, coloured: body.done.coloured });
  };
  const foiled = foilMin === null ? null : recordRun(bakeOn, watched, foilMin);
  const stages = stagesBy(foiled ?? bare);
  // Foil so near the end is not worth a hand: the bake is what it is without.
  if (!foiled || foilMin === null || foilMin >= resultOf(stages) - FOIL_WORTH_MIN)
    return endedBy(bare, stagesBy(bare), body.done, colour);
  return endedBy(foiled, stages, body.done, colour);
}

const firstMinute = ({ run }: RecordedBake, is: (reading: Reading) => boolean): number | null => {
  const found = run.readings.find(is);
  return found ? Math.round(found.timeMin) : null;
};

/** A baker's own stages as they are; foil only where the top would come near too dark. */
function bakeOwn(
  body: PieBody,
  stages: readonly [Stage, Stage],
  colour: ColourName,
  bakeOn: Try,
): RecordedBake {
  const baked = bakeOn(stages, null);
  const passes = firstMinute(
    baked,
    (reading) => reading.topBrowning >= FOIL_BEFORE_DARK * constant('tooDark'),
  );
  if (!body.filling || passes === null || passes > resultOf(stages) - FOIL_WORTH_MIN) return baked;
  const target = colourTargets[colour].index;
  // Between the first colour and the limit lies the moment from which foil ends the bake at its colour.
  const first = firstMinute(baked, ({ topBrowning }) => topBrowning >= 0.3 * target) ?? 0;
  const foilMin = bisect(
    first,
    passes,
    1,
    (at) => endColour(bakeOn(stages, Math.round(at))) > target * FOIL_AIMS_AT,
  );
  return bakeOn(stages, Math.round(foilMin));
}

const endColour = ({ run }: RecordedBake): number => run.readings.at(-1)?.topBrowning ?? 0;

/** Finds the stages if the baker set none, bakes, cools; pauses often. Null when no setting gets the pie done. */
function* bakeOne(
  body: PieBody,
  bake: BakeSpec,
  weightsMin: number,
  size: MeshSize,
  outAfterMin: number | null = null,
): Resumable<Bake | null> {
  const weighted = { ...noInterventions, weightsMin };
  const found = bake.stages ? null : yield* findStages(body, bake, { interventions: weighted });
  const asked = bake.stages ?? found?.stages;
  if (!asked) return null;
  yield SEARCH_SHARE;
  const turnMin = turnAt(asked);
  const bakeOn: Try = (stages, foilMin, see) => {
    const interventions = interventionsFor(turnMin, foilMin, weightsMin);
    return { stages, interventions, run: simulateBake(body, bake, stages, size, interventions, see) };
  };
  const { stages, interventions, run } = found
    ? bakeFound(body, found, bake.colour, bakeOn)
    : bakeOwn(body, asked, bake.colour, bakeOn);
  yield 0.95;
  const atEnd = run.readings.at(-1);
  if (!atEnd) return null;
  const { events } = run;
  return {
    stages,
    found: found !== null,
    bands: found?.bands ?? null,
    others: found?.others.slice(0, OTHERS_KEPT) ?? [],
    events,
    doneMin: doneMin(events, body.done),
    filledMin: filledMin(events, body.done),
    outMin: resultOf(stages),
    turnMin: turnAt(stages),
    foilMin: interventions.foilMin,
    interventions,
    atEnd,
    readings: run.readings.filter((_, i) => i % 2 === 0),
    cooling: coolDown(run.run, { roomC: ROOM_C, outAfterMin }),
    blind: null,
  };
}

/** A blind-baked shell is baked at one temperature to a pale gold: it goes back in with its filling. Common practice, no source. */
const blindSpec = (bake: BakeSpec): BakeSpec => ({
  ...bake,
  colour: 'straw',
  singleStage: true,
  stages: null,
});

/**
 * The whole of a pie's oven work. Pauses often; null when no setting gets it done.
 * @param work the oven's side of a plan: `plan.work`
 * @param bake `spec.bake`
 * @param size how fine the mesh is; usual unless a dial is being turned
 * @returns a generator to drive with `finishNow`, or piece by piece in a worker; its value is the bake
 * @example finishNow(bakeSteps(plan.work, plan.spec.bake))?.outMin
 */
export function* bakeSteps(
  work: OvenWork,
  bake: BakeSpec,
  size: MeshSize = meshSizes.usual,
): Resumable<Bake | null> {
  const blind = work.blind ? yield* bakeOne(work.blind, blindSpec(bake), work.weightsMin, size) : null;
  const spec = work.body.filling || bake.stages ? bake : { ...bake, singleStage: true };
  const main = yield* bakeOne(
    work.body,
    spec,
    work.body.filling ? 0 : work.weightsMin,
    size,
    work.turnedOutMin,
  );
  return main && { ...main, blind };
}

/**
 * The same at one go.
 * @param work the oven's side of a plan: `plan.work`
 * @param bake `spec.bake`
 * @returns the bake, or null when no setting gets the pie done
 * @example bakeWork(plan.work, plan.spec.bake)?.outMin
 */
export const bakeWork = (work: OvenWork, bake: BakeSpec): Bake | null => finishNow(bakeSteps(work, bake));

/**
 * A first answer in some tens of milliseconds, for a dial that is being turned: the stages of the bake before, on the coarse
 * mesh. Within a few percent of the whole answer at these stages; other stages may suit the changed pie better.
 * @param options the oven's side of a plan: `plan.work`
 * @param bake `spec.bake`
 * @param before the bake that was shown last
 * @returns a bake good to some per cent, or null
 * @example roughBake(plan.work, plan.spec.bake, bake)?.outMin
 */
export function roughBake({ body, turnedOutMin }: OvenWork, bake: BakeSpec, before: Bake): Bake | null {
  const stages = bake.stages ?? before.stages;
  const interventions = interventionsFor(
    turnAt(stages),
    before.foilMin,
    body.filling ? 0 : before.interventions.weightsMin,
  );
  const { readings, events, run } = simulateBake(body, bake, stages, meshSizes.coarse, interventions);
  const atEnd = readings.at(-1);
  if (!atEnd) return null;
  return {
    ...before,
    stages,
    events,
    doneMin: doneMin(events, body.done),
    filledMin: filledMin(events, body.done),
    outMin: resultOf(stages),
    turnMin: turnAt(stages),
    interventions,
    atEnd,
    readings: readings.filter((_, i) => i % 2 === 0),
    cooling: coolDown(run, { roomC: ROOM_C, outAfterMin: turnedOutMin }),
  };
}

/**
 * The baker's own two temperatures with the times that suit this pie: what mends a recipe for another oven. Null when they
 * never get it done.
 * @param options the oven's side of a plan: `plan.work`
 * @param bake `spec.bake`
 * @returns two stages in C and min, or null
 * @example finishNow(retimedBakeSteps(plan.work, plan.spec.bake))
 */
export function* retimedBakeSteps(
  { body }: OvenWork,
  bake: BakeSpec,
): Resumable<readonly [Stage, Stage] | null> {
  if (!bake.stages) return null;
  const [first, second] = bake.stages;
  const keep = { firstC: first.tempC, secondC: second.tempC };
  const found = yield* findStages(body, { ...bake, stages: null, singleStage: false }, { keep });
  return found?.stages ?? null;
}

/**
 * The stages that the other kind of oven would want for the same pie; null when it cannot bake it.
 * @param options the oven's side of a plan: `plan.work`
 * @param bake `spec.bake`
 * @returns two stages in C and min for still if it is fan and fan if it is still, or null
 * @example finishNow(otherKindSteps(plan.work, plan.spec.bake))
 */
export function* otherKindSteps(
  { body }: OvenWork,
  bake: BakeSpec,
): Resumable<readonly [Stage, Stage] | null> {
  const kind = bake.oven.kind === 'fan' ? 'still' : 'fan';
  const spec: BakeSpec = { ...bake, oven: { ...bake.oven, kind, offsetC: 0 }, stages: null };
  const found = yield* findStages(body, spec);
  return found?.stages ?? null;
}
