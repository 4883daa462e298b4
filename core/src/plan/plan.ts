import type { PieBody } from '../bake/index.js';
import type { Build } from '../build/index.js';
import { buildFigures, buildPie, measureDish } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import { computeFilling, fillingFigures, fruitToFillG } from '../filling/index.js';
import type { Larder } from '../larder/index.js';
import { builtInLarder, washes, withOwnFruits } from '../larder/index.js';
import type { Figure } from '../units/index.js';
import { showText } from '../units/index.js';
import type { Advice } from './advice/index.js';
import { allergensOf, makeAdvice } from './advice/index.js';
import type { Bake } from './bake.js';
import { bakeBody } from './bake.js';
import { bakeFigures } from './bake-figures.js';
import { pieBody } from './body.js';
import type { Problem } from './check.js';
import { checkSpec } from './check.js';
import { surroundings } from './surroundings.js';
import type { ClockStep } from './clock.js';
import { makeClock } from './clock.js';
import type { SlipGroup } from './slip.js';
import { makeSlip } from './slip.js';
import type { PieSpec } from './spec.js';

export const PLAN_FORMAT = 'mardle-plan';
export const CORE_VERSION = '0.1.0';

/** Everything computed about a pie. Plain data; never stored as truth, always computed again. */
export interface PiePlan {
  readonly format: typeof PLAN_FORMAT;
  readonly coreVersion: string;
  readonly spec: PieSpec;
  /** Every computed figure by its id, with band and story. */
  readonly figures: Readonly<Record<string, Figure>>;
  readonly slip: readonly SlipGroup[];
  readonly clock: readonly ClockStep[];
  readonly advice: readonly Advice[];
  readonly allergens: readonly string[];
  readonly filling: Filling;
  readonly build: Build;
  readonly body: PieBody;
  /** Null until the bake has been simulated. */
  readonly bake: Bake | null;
}

export type Planned =
  | { readonly ok: true; readonly plan: PiePlan }
  | { readonly ok: false; readonly problems: readonly Problem[] };

function assemble(
  spec: PieSpec,
  filling: Filling,
  build: Build,
  body: PieBody,
  bake: Bake | null,
  larder: Larder,
): PiePlan {
  const figures = [
    ...fillingFigures(spec.filling, filling, larder),
    ...buildFigures(spec.dish, spec.pastry, build),
    ...(bake ? bakeFigures(spec, bake) : []),
  ];
  return {
    format: PLAN_FORMAT,
    coreVersion: CORE_VERSION,
    spec,
    figures: Object.fromEntries(figures.map((figure) => [figure.id, figure])),
    slip: makeSlip(spec, filling, build, larder),
    clock: makeClock(spec, filling, bake, larder),
    advice: makeAdvice(spec, filling, build, bake, larder),
    allergens: allergensOf(spec, filling, larder, washes.get(spec.pastry.wash)?.contains ?? []),
    filling,
    build,
    body,
    bake,
  };
}

/** A heap higher than half a ball over the dish is no pie. */
function checkHeap(spec: PieSpec, filling: Filling): Problem | null {
  const { netMl } = measureDish(spec.dish);
  const mostMl = netMl + (Math.PI * spec.dish.topCm ** 3) / 12;
  if (filling.heapMl <= mostMl) return null;
  const holdsG = (filling.batch.massG * netMl) / filling.cookedMl;
  return {
    field: 'filling.fruitMassG',
    message: `${showText(filling.batch.massG, 'g')} of fruit cannot be heaped in this dish.`,
    remedy: `It takes about ${showText(holdsG, 'g')}; use a larger dish for the rest, or leave the mass empty to fill this one.`,
  };
}

/** Plans a pie without baking it: a few milliseconds, for every turn of a dial. */
export function draftPlan(spec: PieSpec, builtIn: Larder = builtInLarder): Planned {
  const larder = withOwnFruits(builtIn, spec.ownFruits);
  const problems = checkSpec(spec, larder);
  if (problems.length > 0) return { ok: false, problems };
  const around = surroundings(spec);
  const fruitMassG =
    spec.filling.fruitMassG ?? fruitToFillG(spec.filling, measureDish(spec.dish).netMl, around, larder);
  const filling = computeFilling(spec.filling, fruitMassG, around, larder);
  const tooMuch = checkHeap(spec, filling);
  if (tooMuch) return { ok: false, problems: [tooMuch] };
  const build = buildPie(spec.form, spec.dish, spec.pastry, filling.heapMl, filling.cookedMl, larder);
  const body = pieBody(spec, filling, build, larder);
  return { ok: true, plan: assemble(spec, filling, build, body, null, larder) };
}

/** The draft with its bake in it. */
export function withBake(draft: PiePlan, bake: Bake, builtIn: Larder = builtInLarder): PiePlan {
  const larder = withOwnFruits(builtIn, draft.spec.ownFruits);
  return assemble(draft.spec, draft.filling, draft.build, draft.body, bake, larder);
}

/**
 * One spec in, one whole plan out: amounts, ledger, pastry, bake, cooling, each figure with its story. Deterministic; about
 * a second, most of it the search for the two stages. A spec that cannot be planned comes back with its problems.
 */
export function planPie(spec: PieSpec, larder: Larder = builtInLarder): Planned {
  const drafted = draftPlan(spec, larder);
  if (!drafted.ok) return drafted;
  const bake = bakeBody(drafted.plan.body, spec.bake);
  if (!bake) {
    return {
      ok: false,
      problems: [
        {
          field: 'bake',
          message: 'No setting of this oven gets the filling done within two and a half hours.',
          remedy: 'Take a smaller or shallower dish, start from warmer, or cook the filling first.',
        },
      ],
    };
  }
  return { ok: true, plan: withBake(drafted.plan, bake, larder) };
}
