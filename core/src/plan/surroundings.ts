import { topAs } from '../geometry/index.js';
import type { Surroundings } from '../filling/index.js';
import type { PlanContext } from '../forms/index.js';

/** Typical oven of the ledger's evaporation, C. Fitted (0002-juice-ledger). */
const LEDGER_OVEN_C = 185;

/**
 * What the filling of a spec is surrounded by, for the ledger. What the bake evaporates is told once it is known.
 * @param options `planContext(spec)`
 * @param evaporatedG g that the bake takes, once known
 * @returns areas and shares that the ledger asks for
 * @example surroundings(planContext(starterSpec)).crustAreaCm2 // 534.1
 */
export function surroundings(
  { spec, larder, form }: PlanContext,
  evaporatedG: number | null = null,
): Surroundings {
  const { measures, crustAreaCm2, dish, fruitG } = form.vessel(spec.form, spec.dish);
  const wantedG = spec.filling.fruitMassG ?? fruitG ?? measures.netMl;
  const { pastry } = spec;
  const top = form.makeTop({ form: spec.form, dish, pastry, moundCm: 0, fruitG: wantedG, larder });
  const crumb = topAs('crumb', top)?.crumb;
  return {
    topFactor: form.top.evaporates(top),
    topAreaCm2: measures.topAreaCm2,
    crustAreaCm2,
    crumbAreaCm2: crumb ? measures.topAreaCm2 * (1 - top.openShare) : 0,
    crumbSugarG: crumb?.sugarG ?? 0,
    ovenC: LEDGER_OVEN_C,
    bubblingMin: form.bubblingMin,
    thickened: form.thickened,
    evaporatedG,
  };
}
