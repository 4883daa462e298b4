import type { BakeSpec } from '../../schema/index.js';
import type { Schedule } from './bands.js';
import { colourOff, scheduleCost } from './bands.js';
import type { PieBody } from '../materials/index.js';
import { colourTargets } from '../materials/index.js';
import {
  advance,
  branch,
  noInterventions,
  nothingSeen,
  reading,
  startRun,
  watcher,
} from '../simulation/index.js';
import { meshSizes } from '../mesh/index.js';
import { ends } from './find-stages.js';
import { referenceHeats } from './reference-heats.js';

/** What a programme that somebody else chose does to a pie. */
export interface OnProgramme {
  readonly doneMin: number;
  /** Log of how many times darker than wanted. */
  readonly colourOff: number;
  readonly foilMin: number | null;
  /** In minutes of a baker's patience; comparable between programmes of one pie in one oven. */
  readonly cost: number;
}

const judge = (body: PieBody, bake: BakeSpec, way: Schedule): OnProgramme => {
  const target = colourTargets[bake.colour].index;
  return {
    doneMin: way.doneMin,
    colourOff: colourOff(way, target),
    foilMin: way.foilMin,
    cost: scheduleCost(way, target, referenceHeats(body, bake)),
  };
};

/**
 * A pie baked at a first heat for so long, then at a second until it is done: what it would be in an oven that is set for
 * another pie. On the coarse mesh, some 10 ms.
 * @param body the pie: `plan.work.body`
 * @param bake `spec.bake`; its own stages are not looked at
 * @param heat first heat in C, minutes at it, second heat in C
 * @returns when it is done and how right it is, or null when it never is done
 * @example bakeOnProgramme(plan.work.body, plan.spec.bake, [210, 15, 180])?.doneMin
 */
export function bakeOnProgramme(
  body: PieBody,
  bake: BakeSpec,
  [firstC, firstMin, secondC]: readonly [number, number, number],
): OnProgramme | null {
  const run = startRun(body, bake, firstC, meshSizes.coarse, noInterventions);
  const watch = watcher(body.done, bake.colour);
  let seen = watch(nothingSeen, reading(run));
  while (run.state.timeS < firstMin * 60) {
    advance(run, firstC);
    if (run.state.timeS % 60 === 0) seen = watch(seen, reading(run));
  }
  const judged = ends(branch(run), secondC, bake.colour, seen).map((end) =>
    judge(body, bake, { firstC, firstMin, secondC, ...end }),
  );
  return judged.sort((a, b) => a.cost - b.cost)[0] ?? null;
}
