import type { PlanContext } from '../../forms/index.js';
import { larderRow } from '../../larder/index.js';
import type { BakeSpec } from '../../schema/index.js';

/** A glass or stoneware dish colder than this does not go into a hot oven, C. Common practice, no source. */
export const COLD_DISH_C = 12;
/** A dish from the fridge loses its chill on the bench in so long, min. Common practice, no source. */
const LOSES_CHILL_MIN = 30;

/** A filling colder than this is frozen through, C. */
export const FROZEN_C = -5;
/** A built pie is hard through after so long in a freezer, min. Common practice, no source. */
const FREEZES_MIN = 240;
/** It thaws in a fridge in so long: a night. Common practice, no source. */
const THAWS_MIN = 720;

/** How a pie comes to the oven: what the plan makes of the wait that was said. */
interface WaitBeforeOven {
  /** The wait in the cold; null for straight in. */
  readonly chill: NonNullable<BakeSpec['chill']> | null;
  /** Minutes in the fridge until one that was frozen has thawed in its dish. */
  readonly thawMin: number;
  /** Minutes on the bench until its dish is no longer cold. */
  readonly benchMin: number;
  /** Temperature of its filling then, C. */
  readonly startC: number;
  /** A brittle dish that would be cold, so that the wait was left out or the pie left standing. */
  readonly spared: boolean;
}

/**
 * How a pie comes to the oven. A dish of glass or stoneware is spared: it does not go into the cold before a hot oven, and one
 * that is cold from its filling stands on the bench first; one that was frozen thaws for a night before that.
 * @param context spec, larder and form
 * @returns the wait, and how warm the filling is when the pie goes in
 * @example beforeOven(planContext(starterSpec)).chill?.minutes // 25
 */
export function beforeOven({
  spec,
  larder,
  form,
}: Pick<PlanContext, 'spec' | 'larder' | 'form'>): WaitBeforeOven {
  const { startC } = spec.bake;
  const frozen = startC <= FROZEN_C;
  // A pie that goes in frozen was in the freezer until it was, whatever shorter wait was said.
  const { chill = null } = frozen
    ? { chill: { place: 'freezer', minutes: FREEZES_MIN } as const }
    : spec.bake;
  const brittle = form.filled === 'dish' && larderRow(larder.materials, spec.dish.material).brittle;
  if (!brittle) return { chill, thawMin: 0, benchMin: 0, startC, spared: false };
  const cold = startC < COLD_DISH_C;
  return {
    chill: frozen ? chill : null,
    thawMin: frozen ? THAWS_MIN : 0,
    benchMin: cold ? LOSES_CHILL_MIN : 0,
    startC: Math.max(startC, COLD_DISH_C),
    spared: cold || chill !== null,
  };
}
