import type { BakeSpec, Stage } from '../../schema/index.js';
import type { PieBody } from '../materials/index.js';
import { chill } from './chill.js';
import { airPressurePa, constant } from '../materials/index.js';
import type { BakeEvents } from './events.js';
import { eventsIn } from './events.js';
import { buildMesh, meshSizes } from '../mesh/index.js';
import type { MeshSize } from '../mesh/index.js';
import type { BakeModel, BakeState, BoundaryConditions, Cover } from '../physics/index.js';
import { bakeModel, bareTop, copyState, heatSteps, SLOW_EVERY, startState } from '../physics/index.js';
import type { OvenState, OvenTraits } from './oven.js';
import { boundaryIn, doorOpened, loadedOven, ovenAfter, ovenTraits } from './oven.js';
import type { Reading } from './readings.js';
import { readState } from './readings.js';

/** What hands do while the pie is in, in minutes from loading. */
export interface Interventions {
  /** Loose foil over the top from here on; null never. */
  readonly foilMin: number | null;
  /** Weights in an empty shell until here. */
  readonly weightsMin: number;
  /** The door is opened: to turn the pie, to lay on foil, to lift out weights. */
  readonly doorMin: readonly number[];
}

export const noInterventions: Interventions = { foilMin: null, weightsMin: 0, doorMin: [] };

/** The oven side of a bake: which oven, where in it, how high up, and the colour that is wanted. */
export type OvenPosition = Pick<
  BakeSpec,
  'oven' | 'altitudeM' | 'beneath' | 'rack' | 'colour' | 'ready' | 'beside'
>;

/** A bake under way: copy it with `branch` to try different ways on from the same moment. */
export interface SimulationRun {
  readonly model: BakeModel;
  readonly traits: OvenTraits;
  readonly state: BakeState;
  readonly interventions: Interventions;
  oven: OvenState;
  /** What goes up through the top, kg/s, and whether it changes. */
  steam: { readonly kgS: number; readonly changes: boolean };
  /** Of weights in an empty shell: they come from the bench, and the shell heats them. */
  weightsC: number;
}

const BENCH_C = 20;

const putIn = (
  { model, traits, interventions }: Pick<SimulationRun, 'model' | 'traits' | 'interventions'>,
  { ready }: Pick<OvenPosition, 'ready'>,
  firstC: number,
): SimulationRun => {
  const { mesh, body } = model;
  const oven = loadedOven(traits, firstC, ready);
  const state = startState(mesh, body, body.startC, oven.wallC);
  chill(model, state);
  const steam = { kgS: 0, changes: false };
  return { model, traits, state, interventions, oven, steam, weightsC: BENCH_C };
};

/** Puts a pie into an oven heated through to the first stage. */
export function startRun(
  body: PieBody,
  place: OvenPosition,
  firstC: number,
  size: MeshSize = meshSizes.usual,
  interventions: Interventions = noInterventions,
): SimulationRun {
  const traits = ovenTraits(place, 2 * body.topRadiusM);
  const mesh = buildMesh(body, size, place.beneath);
  const model = bakeModel(mesh, body, airPressurePa(place.altitudeM));
  return putIn({ model, traits, interventions }, place, firstC);
}

/** The same pie from its start, the oven at another heat: mesh and tables are laid once for all. */
export const startAgain = (run: SimulationRun, place: OvenPosition, firstC: number): SimulationRun =>
  putIn(run, place, firstC);

/** Written out in the order of `startRun`, as `copyState` is. */
export const branch = (run: SimulationRun, interventions = run.interventions): SimulationRun => ({
  model: run.model,
  traits: run.traits,
  state: copyState(run.state),
  interventions,
  oven: run.oven,
  steam: run.steam,
  weightsC: run.weightsC,
});

/** What lies over the pie at a moment: weights in a shell, foil, or nothing. */
function coverAt(
  { interventions: { foilMin, weightsMin }, weightsC }: SimulationRun,
  timeMin: number,
): Cover {
  if (timeMin < weightsMin) {
    return {
      share: constant('weightsShare'),
      emissivity: 0,
      touchesC: weightsC,
      touchesWM2K: constant('weightsContact'),
    };
  }
  if (foilMin !== null && timeMin >= foilMin) {
    return { ...bareTop, share: constant('foilShare'), emissivity: constant('foilEmissivity') };
  }
  return bareTop;
}

/** Weights after a while: heated by the shell below and the oven above, as one lump; implicit in time. */
function weightsAfter({ weightsC, model, state, oven }: SimulationRun, timeS: number): number {
  const { topCells } = model.mesh;
  const shellC = topCells.reduce((sum, cell) => sum + state.tempC[cell]!, 0) / topCells.length;
  const stays = constant('weightsHeat') / timeS;
  const shell = constant('weightsContact');
  const above = constant('weightsOven');
  return (stays * weightsC + shell * shellC + above * oven.wallC) / (stays + shell + above);
}

/** Thin crusts have warmed up by then, and crusts have set. Estimates. */
const WARMED_S = 600;
const SETTLED_S = 900;
/** What has baked so long changes slowly. Estimate. */
const LATE_S = 3600;
/** Steam that changes by more than this share from step to step has just begun, or ends; kg/s of it that count. Estimates. */
const STEAM_CHANGES = 0.15;
const STEAM_COUNTS = 1e-5;
/** A filling so near its boil is about to send steam through its top, K. Estimate. */
const NEAR_BOIL_K = 2;

const steamFlux = ({ model, state }: SimulationRun): number =>
  model.mesh.stacks.reduce((sum, _, j) => sum + state.vapourFlux[j]! * model.mesh.columnArea[j]!, 0);

/** Whether nothing sudden is to be expected. */
function isSettled({ model, state, steam }: SimulationRun): boolean {
  if (state.timeS < SETTLED_S || steam.changes) return false;
  for (const i of model.mesh.fillingCells) {
    if (state.boiling[i] === 0 && state.tempC[i]! > model.fillingBoilsC - NEAR_BOIL_K) return false;
  }
  return true;
}

/**
 * So many steps come now before what changes slowly is brought up to date, and they last so long together: longer ones where
 * less changes. Long ones begin on whole ones, so that readings fall on them.
 */
function stepsAhead(run: SimulationRun): { readonly steps: number; readonly lastS: number } {
  const { timeS } = run.state;
  const { stepS, warmedTimes, settledTimes, lateSteps } = run.model.mesh.size;
  const of = (times: number): number => SLOW_EVERY * times * stepS;
  if (timeS % of(settledTimes) === 0 && isSettled(run))
    return { steps: timeS >= LATE_S ? lateSteps : SLOW_EVERY, lastS: of(settledTimes) };
  const isWarm = timeS >= WARMED_S && timeS % of(warmedTimes) === 0;
  return { steps: SLOW_EVERY, lastS: of(isWarm ? warmedTimes : 1) };
}

/** Bakes on for a few steps at a setting. */
export function advance(run: SimulationRun, settingC: number): void {
  const { model, traits, state, interventions } = run;
  const { steps, lastS } = stepsAhead(run);
  const stepS = lastS / steps;
  const fromMin = state.timeS / 60;
  const untilMin = fromMin + lastS / 60;
  if (interventions.doorMin.some((at) => at >= fromMin && at < untilMin))
    run.oven = doorOpened(run.oven, traits);
  const cover = coverAt(run, fromMin);
  const surroundingsAt = (): BoundaryConditions => {
    const midway = ovenAfter(run.oven, traits, settingC, stepS / 2);
    run.oven = ovenAfter(run.oven, traits, settingC, stepS);
    return boundaryIn(midway, traits, cover);
  };
  heatSteps(model, state, surroundingsAt, stepS, steps);
  state.timeS = Math.round(state.timeS);
  if (fromMin < interventions.weightsMin) run.weightsC = weightsAfter(run, lastS);
  const kgS = steamFlux(run);
  const changes = Math.abs(kgS - run.steam.kgS) > STEAM_CHANGES * Math.max(kgS, STEAM_COUNTS);
  run.steam = { kgS, changes };
}

export const reading = (run: SimulationRun): Reading =>
  readState(run.model.mesh, run.state, run.oven.wallC - run.oven.airDipC);

export interface BakeRun {
  readonly readings: readonly Reading[];
  readonly events: BakeEvents;
}

const READING_S = 30;

/**
 * Bakes a pie through its stages with a reading each half minute; `see` is shown the run at each.
 * @param body the pie
 * @param place oven, rack, altitude, start
 * @param stages C and min
 * @param size of the mesh
 * @param interventions turn, foil
 * @param see is shown the run at each reading
 * @returns readings, events and the run at its end
 * @example simulateBake(plan.work.body, plan.spec.bake, stages).readings.length
 */
export function simulateBake(
  body: PieBody,
  place: OvenPosition,
  stages: readonly Stage[],
  size: MeshSize = meshSizes.usual,
  interventions: Interventions = noInterventions,
  see?: (run: SimulationRun) => void,
): BakeRun & { readonly run: SimulationRun } {
  const run = startRun(body, place, stages[0]?.tempC ?? 200, size, interventions);
  const readings: Reading[] = [reading(run)];
  see?.(run);
  let untilS = 0;
  for (const stage of stages) {
    untilS += stage.timeMin * 60;
    while (run.state.timeS < untilS - size.stepS / 2) {
      advance(run, stage.tempC);
      if (run.state.timeS % READING_S !== 0) continue;
      readings.push(reading(run));
      see?.(run);
    }
  }
  return { run, readings, events: eventsIn(readings, body.done, place.colour) };
}
