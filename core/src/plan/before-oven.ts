import type { PlanContext } from '../forms/index.js';
import { rowOf } from '../larder/index.js';
import type { BakeSpec } from '../spec/index.js';

/** A glass or stoneware dish colder than this does not go into a hot oven, C. Common practice, no source. */
export const COLD_DISH_C = 12;
/** A dish from the fridge loses its chill on the bench in so long, min. Common practice, no source. */
const LOSES_CHILL_MIN = 30;

/** How a pie comes to the oven: what the plan makes of the wait that was said. */
interface WaitBeforeOven {
  /** The wait in the cold; null for straight in. */
  readonly chill: NonNullable<BakeSpec['chill']> | null;
  /** Minutes on the bench until its dish is no longer cold. */
  readonly benchMin: number;
  /** Temperature of its filling then, C. */
  readonly startC: number;
  /** A brittle dish that would be cold, so that the wait was left out or the pie left standing. */
  readonly spared: boolean;
}

/**
 * How a pie comes to the oven. A dish of glass or stoneware is spared: it does not go into the cold before a hot oven, and one
 * that is cold from its filling stands on the bench first. One that is frozen through cannot be helped so: that is told.
 * @param context spec, larder and form
 * @returns the wait, and how warm the filling is when the pie goes in
 * @example beforeOven(planContext(starterSpec)).chill?.minutes // 25
 */
export function beforeOven({
  spec,
  larder,
  form,
}: Pick<PlanContext, 'spec' | 'larder' | 'form'>): WaitBeforeOven {
  const { chill = null, startC } = spec.bake;
  const brittle = form.filled === 'dish' && rowOf(larder.materials, spec.dish.material).brittle;
  if (!brittle || startC < 0) return { chill, benchMin: 0, startC, spared: false };
  const cold = startC < COLD_DISH_C;
  return {
    chill: null,
    benchMin: cold ? LOSES_CHILL_MIN : 0,
    startC: Math.max(startC, COLD_DISH_C),
    spared: cold || chill !== null,
  };
}
