import type {
  Bake,
  BakeSpec,
  Handled,
  HeatPicture,
  OvenWork,
  PieSpec,
  PlannedBake,
  Stage,
} from '@mardle/core';
import {
  bakeSteps,
  bakeWork,
  draftPlan,
  endShiftMin,
  heatPicture,
  retimedBakeSteps,
  offsetFromLonger,
  otherKindSteps,
  roughBake,
} from '@mardle/core';
import * as Comlink from 'comlink';
import { letMessagesIn, runInSpells } from './runInSpells.js';

let latest = 0;
let mending = 0;
const RESTS_MS = 150;
const rest = (forMs: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, forMs));

const jobs = {
  /**
   * Bakes; null when no setting gets the pie done, undefined when a newer job took over. With a bake before, a rough answer
   * at its stages comes first.
   */
  async bake(
    job: number,
    work: OvenWork,
    spec: BakeSpec,
    before: Bake | null,
    progress: (share: number) => void,
    rough: (bake: Bake) => void,
  ): Promise<Bake | null | undefined> {
    latest = job;
    // Messages that came while a rough answer was worked out may already ask for another one.
    await letMessagesIn();
    if (latest !== job) return undefined;
    const first = before && roughBake(work, spec, before);
    if (first) {
      rough(first);
      // While a dial turns the next job is on its way: the long search waits for the hand to rest.
      await rest(RESTS_MS);
    }
    if (latest !== job) return undefined;
    return runInSpells(bakeSteps(work, spec), { isWanted: () => latest === job, progress });
  },
  /** Bakes at one go, whatever else is asked meanwhile: for bakes that are already in an oven. */
  bakeThrough: (work: OvenWork, spec: BakeSpec): Bake | null => bakeWork(work, spec),
  /** How much later (negative: sooner) a pie in the oven is home, by what hands did to it, min. */
  endShift: (work: OvenWork, spec: BakeSpec, planned: PlannedBake, handled: Handled): number =>
    endShiftMin(work, spec, planned, handled),
  /** The times that suit the baker's own temperatures. */
  mend(work: OvenWork, spec: BakeSpec): Promise<readonly [Stage, Stage] | null | undefined> {
    const job = ++mending;
    return runInSpells(retimedBakeSteps(work, spec), { isWanted: () => mending === job });
  },
  /** The stages that the other kind of oven would want. */
  otherKind(work: OvenWork, spec: BakeSpec): Promise<readonly [Stage, Stage] | null | undefined> {
    const job = ++mending;
    return runInSpells(otherKindSteps(work, spec), { isWanted: () => mending === job });
  },
  heat: (work: OvenWork, spec: BakeSpec, bake: Bake): HeatPicture => heatPicture(work, spec, bake),
  /** How far off an oven is in which a pie takes longer; null when no such oven is found. */
  offset(spec: PieSpec, longerMin: number): number | null {
    const drafted = draftPlan(spec);
    if (!drafted.ok) return null;
    const { work } = drafted.plan;
    const baked = bakeWork(work, spec.bake);
    return baked && offsetFromLonger(work.body, spec.bake, baked.stages, longerMin);
  },
  cancel(): void {
    latest = -1;
    mending = -1;
  },
};

export type BakeJobs = typeof jobs;

Comlink.expose(jobs);
