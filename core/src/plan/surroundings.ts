import { formTraits, makeTop, topFactor, vesselOf } from '../build/index.js';
import type { Surroundings } from '../filling/index.js';
import type { PieSpec } from './spec.js';

/** Typical oven of the ledger's evaporation, and how long a lidded and an open pie bubble. Fitted (03-filling). */
const LEDGER_OVEN_C = 185;
const LID_BUBBLING_MIN = 20;
const OPEN_BUBBLING_MIN = 25;
/** Small and thin pies bubble only briefly. Estimate. */
const PARCEL_BUBBLING_MIN = 5;

/** What the filling of a spec is surrounded by, for the ledger. What the bake evaporates is told once it is known. */
export function surroundings(spec: PieSpec, evaporatedG: number | null = null): Surroundings {
  const { measures, crustAreaCm2, dish, fruitG } = vesselOf(spec.form, spec.dish);
  const wantedG = spec.filling.fruitMassG ?? fruitG ?? measures.netMl;
  const top = makeTop(spec.form, dish, spec.pastry, 0, wantedG);
  const closed = top.kind === 'lid' ? LID_BUBBLING_MIN : OPEN_BUBBLING_MIN;
  return {
    topFactor: topFactor(top),
    topAreaCm2: measures.topAreaCm2,
    crustAreaCm2,
    crumbG: top.kind === 'crumb' ? top.crumb.massG : 0,
    crumbSugarG: top.kind === 'crumb' ? top.crumb.sugarG : 0,
    ovenC: LEDGER_OVEN_C,
    bubblingMin: top.kind === 'parcel' ? PARCEL_BUBBLING_MIN : closed,
    thickened: formTraits(spec.form.kind).thickened,
    evaporatedG,
  };
}
