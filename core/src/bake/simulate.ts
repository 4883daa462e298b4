import type { PieBody } from './body.js';
import { constant } from './constants.js';
import type { Mesh, MeshSize } from './mesh.js';
import { buildMesh, meshSizes } from './mesh.js';
import type { OvenState, OvenTraits } from './oven.js';
import { loadedOven, ovenAfter, ovenTraits } from './oven.js';
import type { Reading } from './readings.js';
import { readState } from './readings.js';
import type { OvenSpec, Stage } from './spec.js';
import type { BakeState } from './state.js';
import { copyState, startState } from './state.js';
import type { Kitchen } from './step.js';
import { fastStep, kitchenFor, SLOW_STEP_S, slowStep } from './step.js';
import { airPressurePa } from './water.js';

const OVEN_VAPOUR_PA = 3000;

/** A bake under way: copy it with `branch` to try different ways on from the same moment. */
export interface Run {
  readonly kitchen: Kitchen;
  readonly traits: OvenTraits;
  readonly state: BakeState;
  oven: OvenState;
}

/** Puts a pie into an oven heated through to the first stage. */
export function startRun(
  body: PieBody,
  oven: OvenSpec,
  firstC: number,
  altitudeM: number,
  size: MeshSize = meshSizes.usual,
): Run {
  const mesh: Mesh = buildMesh(body, size);
  const traits = ovenTraits(oven);
  return {
    kitchen: kitchenFor(mesh, body, airPressurePa(altitudeM)),
    traits,
    state: startState(mesh, body),
    oven: loadedOven(traits, firstC),
  };
}

export const branch = (run: Run): Run => ({ ...run, state: copyState(run.state) });

/** Bakes on for `SLOW_STEP_S` at a setting. */
export function advance(run: Run, settingC: number): void {
  const steps = Math.ceil(SLOW_STEP_S / slowStep(run.kitchen, run.state));
  const stepS = SLOW_STEP_S / steps;
  const { traits } = run;
  for (let step = 0; step < steps; step++) {
    run.oven = ovenAfter(run.oven, traits, settingC, stepS);
    const around = {
      airC: run.oven.wallC - run.oven.airDipC,
      radiantC: run.oven.wallC + traits.radiantRiseC,
      convectionWM2K: traits.convectionWM2K,
      vapourPa: OVEN_VAPOUR_PA,
    };
    fastStep(run.kitchen, run.state, around, stepS);
  }
  run.state.timeS = Math.round(run.state.timeS);
}

export const reading = (run: Run): Reading =>
  readState(run.kitchen.mesh, run.state, run.oven.wallC - run.oven.airDipC);

/** Minutes at which things happen; null when they do not within the bake. */
export interface BakeEvents {
  readonly goldenMin: number | null;
  readonly edgeBubblingMin: number | null;
  readonly centreBubblingMin: number | null;
  readonly tenderMin: number | null;
  readonly setMin: number | null;
  readonly baseCrispMin: number | null;
  readonly tooDarkMin: number | null;
}

/** Share of the softening that counts as tender. */
export const TENDER = 0.8;
const SET = 0.9;
const CRISP_MOISTURE = 0.06;
/** A starch filling is trusted once its middle has bubbled this long. Common practice, no source. */
export const BUBBLE_HOLD_MIN = 3;

/** First crossings of each event in a list of readings, straight lines between them. */
export function eventsIn(readings: readonly Reading[], golden = 1): BakeEvents {
  const crossing = (value: (reading: Reading) => number, level: number): number | null => {
    for (let i = 0; i < readings.length; i++) {
      const now = readings[i]!;
      if (value(now) < level) continue;
      const before = readings[i - 1];
      if (!before) return now.timeMin;
      const share = (level - value(before)) / (value(now) - value(before));
      return before.timeMin + (now.timeMin - before.timeMin) * share;
    }
    return null;
  };
  return {
    goldenMin: crossing((r) => r.topBrowning, golden),
    edgeBubblingMin: crossing((r) => Number(r.edgeBubbling), 1),
    centreBubblingMin: crossing((r) => Number(r.centreBubbling), 1),
    tenderMin: crossing((r) => r.tender, TENDER),
    setMin: crossing((r) => r.set, SET),
    baseCrispMin: crossing((r) => -r.baseMoisture, -CRISP_MOISTURE),
    tooDarkMin: crossing((r) => r.topBrowning, constant('too_dark')),
  };
}

/** When the filling is done: tender, starch swollen, and the middle has bubbled for a while. */
export function doneMin(events: BakeEvents): number | null {
  const { tenderMin, setMin, centreBubblingMin } = events;
  if (tenderMin === null || setMin === null || centreBubblingMin === null) return null;
  return Math.max(tenderMin, setMin, centreBubblingMin + BUBBLE_HOLD_MIN);
}

export interface BakeRun {
  readonly readings: readonly Reading[];
  readonly events: BakeEvents;
}

/** Bakes a pie through its stages with a reading each half minute. */
export function simulateBake(
  body: PieBody,
  oven: OvenSpec,
  stages: readonly Stage[],
  altitudeM: number,
  size: MeshSize = meshSizes.usual,
): BakeRun & { readonly run: Run } {
  const run = startRun(body, oven, stages[0]?.tempC ?? 200, altitudeM, size);
  const readings: Reading[] = [reading(run)];
  let untilS = 0;
  for (const stage of stages) {
    untilS += stage.timeMin * 60;
    while (run.state.timeS < untilS - SLOW_STEP_S / 2) {
      advance(run, stage.tempC);
      if (run.state.timeS % 30 === 0) readings.push(reading(run));
    }
  }
  return { run, readings, events: eventsIn(readings) };
}
