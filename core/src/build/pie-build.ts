import type { Larder } from '../larder/index.js';
import type { DishMeasures } from './dish.js';
import { formTraits } from './forms.js';
import { areaCm2, disc } from './outline.js';
import type { DoughBatch } from './pastry.js';
import { doughBatch } from './pastry.js';
import type { Rolled } from './rolled.js';
import { baseSheet, doughOverG, roll } from './rolled.js';
import type { DishSpec, FormSpec, PastrySpec } from './spec.js';
import { usualFreeForm } from './spec.js';
import type { Top } from './top.js';
import { BATTER_PER_FRUIT, makeTop, topDoughG, topLiesG } from './top.js';
import type { Vessel } from './vessel.js';
import { heightsIn, vesselOf } from './vessel.js';

/** A built pie: vessel, fill, pastry. Lengths in cm, masses in g. */
export interface Build {
  readonly vessel: Vessel;
  readonly dish: DishMeasures;
  readonly rawEdgeCm: number;
  readonly rawMoundCm: number;
  readonly bakedEdgeCm: number;
  readonly bakedMoundCm: number;
  /** Mean height of the gap between baked filling and lid; strips and crumbs sink with the filling. */
  readonly gapCm: number;
  /** The pastry under the filling; null when there is none, or a bought shell. */
  readonly base: Rolled | null;
  readonly top: Top;
  /** Dough for one pie. */
  readonly dough: DoughBatch;
  /** Of that dough, what is left when base and top are cut. */
  readonly scrapsG: number;
  readonly crustAreaCm2: number;
}

/** The sheet under the filling, when it is made here. */
function makeBase(form: FormSpec, dish: DishSpec, pastry: PastrySpec): Rolled | null {
  const { lined, filled } = formTraits(form.kind);
  if (!lined || filled === 'parcel') return null;
  if (filled === 'sheet') return roll(disc((form.freeForm ?? usualFreeForm).discCm), pastry.thicknessMm);
  return (pastry.base ?? 'made') === 'made' ? baseSheet(dish, pastry.thicknessMm) : null;
}

/** Sizes everything for a dish and a filling that heaps raw to one volume and sinks to another. */
export function buildPie(
  form: FormSpec,
  dishSpec: DishSpec,
  pastry: PastrySpec,
  filling: { readonly heapMl: number; readonly cookedMl: number; readonly fruitG: number },
  larder: Larder,
): Build {
  const vessel = vesselOf(form, dishSpec);
  // Batter takes its own room beside the fruit.
  const withBatterMl = form.kind === 'buckle' ? filling.fruitG * BATTER_PER_FRUIT : 0;
  const raw = heightsIn(vessel, filling.heapMl + withBatterMl, form);
  const baked = heightsIn(vessel, filling.cookedMl + withBatterMl * BATTER_RISES, form);
  const base = makeBase(form, dishSpec, pastry);
  const top = makeTop(form, dishSpec, pastry, raw.moundCm, filling.fruitG);
  const dough = larder.doughs.get(pastry.dough);
  if (!dough) throw new Error(`unknown dough ${pastry.dough}`);
  const doughG = (base?.massG ?? 0) + topDoughG(top);
  const liesG = (base ? doughOverG(areaCm2(base.outline), pastry.thicknessMm) : 0) + topLiesG(top, pastry);
  return {
    vessel,
    dish: vessel.measures,
    rawEdgeCm: raw.edgeCm,
    rawMoundCm: raw.moundCm,
    bakedEdgeCm: baked.edgeCm,
    bakedMoundCm: baked.moundCm,
    gapCm:
      top.kind === 'lid' && form.kind === 'double_crust'
        ? Math.max(0, filling.heapMl - filling.cookedMl) / vessel.measures.topAreaCm2
        : 0,
    base,
    top,
    dough: doughBatch(dough, doughG),
    scrapsG: Math.max(0, doughG - liesG),
    crustAreaCm2: vessel.crustAreaCm2,
  };
}

/** Batter rises to this many times its raw volume. Estimate. */
const BATTER_RISES = 1.6;
