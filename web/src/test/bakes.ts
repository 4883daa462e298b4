import type { Bake, BakeSpec, Handled, OvenWork, PiePlan, PieSpec, PlannedBake } from '@mardle/core';
import {
  bakeWork,
  draftPlan,
  endShiftMin,
  finishNow,
  heatPicture,
  retimedBakeSteps,
  offsetFromLonger,
  otherKindSteps,
  starterSpec,
  withBake,
} from '@mardle/core';

/** Stands in for the bake worker, which jsdom has not: the same sums on this thread. */
export const bakesOnThisThread = {
  bakeThrough: (work: OvenWork, spec: BakeSpec) => Promise.resolve(bakeWork(work, spec)),
  endShiftInWorker: (work: OvenWork, spec: BakeSpec, planned: PlannedBake, handled: Handled) =>
    Promise.resolve(endShiftMin(work, spec, planned, handled)),
  mendStages: (work: OvenWork, spec: BakeSpec) => Promise.resolve(finishNow(retimedBakeSteps(work, spec))),
  stagesInOtherKind: (work: OvenWork, spec: BakeSpec) =>
    Promise.resolve(finishNow(otherKindSteps(work, spec))),
  heatPictureFor: (work: OvenWork, spec: BakeSpec, bake: Bake) =>
    Promise.resolve(heatPicture(work, spec, bake)),
  offsetInWorker: (spec: PieSpec, longerMin: number) => {
    const drafted = draftPlan(spec);
    if (!drafted.ok) return Promise.resolve(null);
    const { work } = drafted.plan;
    const baked = bakeWork(work, spec.bake);
    return Promise.resolve(baked && offsetFromLonger(work.body, spec.bake, baked.stages, longerMin));
  },
  cancelBake: () => undefined,
};

/** A plan with its bake. */
export function bakedPlanOf(change: Partial<PieSpec> = {}): PiePlan {
  const drafted = draftPlan({ ...starterSpec, ...change });
  if (!drafted.ok) throw new Error(drafted.problems.map(({ message }) => message).join(' '));
  const bake = bakeWork(drafted.plan.work, drafted.plan.spec.bake);
  if (!bake) throw new Error('it cannot be baked');
  return withBake(drafted.plan, bake);
}
