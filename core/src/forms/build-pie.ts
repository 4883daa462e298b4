import type { Build, Rolled } from '../geometry/index.js';
import {
  areaCm2,
  baseFigures,
  chosenDough,
  disc,
  dishFigures,
  doughBatch,
  doughFigures,
  doughOverG,
  roll,
} from '../geometry/index.js';
import type { PastrySpec } from '../schema/index.js';
import type { Figure } from '../units/index.js';
import type { PlanContext } from './form.js';

/** Batter rises to this many times its raw volume. Estimate. */
const BATTER_RISES = 1.6;

/** A filling by its volumes: heaped raw, and sunk when baked. */
interface FillToBuild {
  readonly heapMl: number;
  readonly cookedMl: number;
  readonly fruitG: number;
}

/** A disc that was bought rolled is as wide as it is, whatever the dish asks for. */
const isBought = ({ doughFrom, boughtDiscCm }: PastrySpec): boolean =>
  doughFrom === 'bought' && boughtDiscCm !== undefined;
const asBought = (base: Rolled | null, pastry: PastrySpec): Rolled | null =>
  base && pastry.boughtDiscCm !== undefined && isBought(pastry)
    ? roll(disc(pastry.boughtDiscCm), pastry.thicknessMm)
    : base;

/** Sizes everything for a dish and a filling that heaps raw to one volume and sinks to another. */
export function buildPie({ spec, larder, form }: PlanContext, filling: FillToBuild): Build {
  const { dish, pastry } = spec;
  const vessel = form.vessel(spec.form, dish);
  // Batter takes its own room beside the fruit.
  const batterMl = form.batterMl(filling.fruitG, spec.form);
  const raw = form.heights(vessel, filling.heapMl + batterMl);
  const baked = form.heights(vessel, filling.cookedMl + batterMl * BATTER_RISES);
  const made = form.base(spec.form, dish, pastry);
  const base = form.filled === 'dish' ? asBought(made, pastry) : made;
  const { fruitG } = filling;
  const top = form.makeTop({ form: spec.form, dish, pastry, moundCm: raw.moundCm, fruitG, larder });
  const doughG = (base?.massG ?? 0) + form.top.doughG(top);
  const baseLiesG = base ? doughOverG(areaCm2(base.outline), pastry.thicknessMm) : 0;
  const topLiesG = form.top.liesG(top, pastry);
  return {
    vessel,
    dish: vessel.measures,
    rawEdgeCm: raw.edgeCm,
    rawMoundCm: raw.moundCm,
    bakedEdgeCm: baked.edgeCm,
    bakedMoundCm: baked.moundCm,
    gapCm: form.leavesGap ? Math.max(0, filling.heapMl - filling.cookedMl) / vessel.measures.topAreaCm2 : 0,
    base,
    top,
    dough: doughBatch(chosenDough(pastry, larder), doughG),
    baseLiesG,
    topLiesG,
    scrapsG: Math.max(0, doughG - baseLiesG - topLiesG),
    crustAreaCm2: vessel.crustAreaCm2,
  };
}

/** All figures of the build, each with its story. */
export function buildFigures({ spec, larder, form }: PlanContext, build: Build): Figure[] {
  const { dish, pastry } = spec;
  return [
    ...dishFigures(form.filled !== 'dish', dish, build),
    ...baseFigures(isBought(pastry) ? 'The disc as it was bought.' : form.baseRule, dish, pastry, build),
    ...form.top.figures(build.top, { form: spec.form, dish: build.vessel.dish, pastry, larder }),
    ...doughFigures(pastry, build),
  ];
}
