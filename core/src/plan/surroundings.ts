import { makeTop, measureDish, topFactor } from '../build/index.js';
import type { Surroundings } from '../filling/index.js';
import type { PieSpec } from './spec.js';

/** Typical oven of the ledger's evaporation, and how long a lidded and an open pie bubble. Fitted (03-filling). */
const LEDGER_OVEN_C = 185;
const LID_BUBBLING_MIN = 20;
const OPEN_BUBBLING_MIN = 25;

/** What the filling of a spec is surrounded by, for the ledger. */
export function surroundings(spec: PieSpec): Surroundings {
  const dish = measureDish(spec.dish);
  const top = makeTop(spec.form, spec.dish, spec.pastry, 0);
  return {
    topFactor: topFactor(top),
    topAreaCm2: dish.topAreaCm2,
    crustAreaCm2: dish.baseAreaCm2 + dish.wallAreaCm2,
    crumbG: top.kind === 'crumb' ? top.crumb.massG : 0,
    crumbSugarG: top.kind === 'crumb' ? top.crumb.sugarG : 0,
    ovenC: LEDGER_OVEN_C,
    bubblingMin: top.kind === 'lid' ? LID_BUBBLING_MIN : OPEN_BUBBLING_MIN,
  };
}
