import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import type { PiePlan } from '../../plan/index.js';
import { planPie } from '../../plan/index.js';
import type { LoggedBake } from './log.js';
import { tappedMin } from './log.js';

/**
 * A bake as the sums have it: the pie as planned, with the thickener that was weighed, at the stages that were set and out when
 * it came out.
 * @param bake of a log
 * @param larder as for a plan
 * @returns the plan with its bake; null when it cannot be planned any more
 * @example asBaked(bake)?.bake?.outMin
 */
export function asBaked(bake: LoggedBake, larder: Larder = builtInLarder): PiePlan | null {
  const { plan, weighed } = bake;
  const stages = bake.stages ?? plan.bake.stages;
  const outMin = tappedMin(bake, 'out');
  const [first, second] = stages ?? [];
  const until =
    first && second && outMin !== null
      ? ([
          { ...first, timeMin: Math.min(first.timeMin, Math.round(outMin)) },
          { ...second, timeMin: Math.max(0, Math.round(outMin - first.timeMin)) },
        ] as const)
      : stages;
  const planned = planPie(
    {
      ...plan,
      bake: { ...plan.bake, stages: until },
      filling: { ...plan.filling, thickenerMassG: weighed.thickenerG ?? plan.filling.thickenerMassG },
    },
    larder,
  );
  return planned.ok ? planned.plan : null;
}
