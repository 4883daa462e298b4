import type { DishSpec, FreeFormSpec, HandPieSpec } from '../schema/index.js';
import type { DishMeasures } from './dish.js';
import { capHeightCm, fillHeights, measureDish, rims } from './dish.js';
import { foldFreeForm } from './tops/index.js';
import { discAreaCm2 } from './outline.js';

/** Where the fruit lies, whatever the form: a dish, the fold of a disc, or parcels. */
export interface Vessel {
  /** One vessel by its measures: the dish itself, or the dish that a fold or a parcel amounts to. */
  readonly dish: DishSpec;
  readonly liningCm: number;
  /** Of all vessels together. */
  readonly measures: DishMeasures;
  readonly crustAreaCm2: number;
  readonly count: number;
  /** Prepared fruit that the trade lays in such a dish, where it goes by weight and not by room. */
  readonly fruitG: number | null;
  /** How the room is reckoned, in words. */
  readonly rule: string;
  readonly source: string;
}

/** Quartered fruit under an upside-down lid, g per cm2; filling of a hand pie, g per cm2 of its disc. Common practice, no source. */
export const layRules = { quarteredGPerCm2: 2.1, handPieGPerCm2: 0.38, handPieSealCm: 1 } as const;
/** Density of a thick filling, g/mL. Estimate. */
export const FILLING_G_PER_ML = 1.05;

const timesAll = (measures: DishMeasures, count: number): DishMeasures => ({
  brimMl: measures.brimMl * count,
  netMl: measures.netMl * count,
  baseAreaCm2: measures.baseAreaCm2 * count,
  wallAreaCm2: measures.wallAreaCm2 * count,
  topAreaCm2: measures.topAreaCm2 * count,
});

/** What a form makes of a dish: whether pastry lines it, and the share of its room that fruit may take. */
interface DishUse {
  readonly lined: boolean;
  readonly room: number;
}

/** A dish that fruit is filled into. */
export function dishVessel(dish: DishSpec, { lined, room }: DishUse, fruitG: number | null = null): Vessel {
  const liningCm = lined ? rims.liningCm : 0;
  const whole = measureDish(dish, liningCm);
  return {
    dish,
    liningCm,
    measures: { ...whole, netMl: whole.netMl * room },
    crustAreaCm2: lined ? whole.baseAreaCm2 + whole.wallAreaCm2 : 0,
    count: 1,
    fruitG,
    rule:
      'h/6 (base + 4 middle + top area)' +
      (lined ? ', less 3 mm of pastry over base and wall.' : '.') +
      (room < 1
        ? ` Fruit may take ${Math.round(100 * room)} % of it; the rest is for what rises over it.`
        : ''),
    source: room < 1 ? 'geometry; share of the room our estimate' : 'geometry',
  };
}

/** The fold of a disc on a sheet. */
export function foldVessel(freeForm: FreeFormSpec, sheet: DishSpec): Vessel {
  const { fillingCm, wallCm, capacityMl } = foldFreeForm(freeForm);
  const dish: DishSpec = {
    label: sheet.label,
    topCm: fillingCm,
    baseCm: fillingCm,
    depthCm: wallCm,
    material: sheet.material,
  };
  const measures = { ...measureDish(dish, 0), netMl: capacityMl };
  return {
    dish,
    liningCm: 0,
    measures,
    crustAreaCm2: measures.baseAreaCm2 + measures.wallAreaCm2,
    count: 1,
    fruitG: null,
    rule: 'Disc of the fruit, pi/4 d^2, times the height of the folded wall, of which a heap fills .458.',
    source: 'fitted to one fact of the trade',
  };
}

/** Folded discs: each half its area, less the seal. */
export function parcelVessel({ discCm, count }: HandPieSpec, sheet: DishSpec): Vessel {
  const insideCm = Math.max(2, discCm - 2 * layRules.handPieSealCm) / Math.SQRT2;
  const eachMl = (layRules.handPieGPerCm2 * discAreaCm2(discCm)) / FILLING_G_PER_ML;
  const dish: DishSpec = {
    label: sheet.label,
    topCm: insideCm,
    baseCm: insideCm,
    depthCm: eachMl / discAreaCm2(insideCm),
    material: sheet.material,
  };
  const measures = timesAll({ ...measureDish(dish, 0), netMl: eachMl }, count);
  return {
    dish,
    liningCm: 0,
    measures,
    crustAreaCm2: 2 * measures.baseAreaCm2,
    count,
    fruitG: null,
    rule: 'For each pie .38 g of filling for a cm2 of its disc: more bursts, less is all pastry.',
    source: 'common practice, no source',
  };
}

/** How high a fill stands, in cm: at the edge, and the mound over it. */
export interface FillHeights {
  readonly edgeCm: number;
  readonly moundCm: number;
}

/** Heights in one dish or parcel of the volume of all. */
export const dishHeights = ({ dish, liningCm, count }: Vessel, allMl: number): FillHeights =>
  fillHeights(dish, allMl / count, liningCm);

/** A fold holds a heap that is low at its edge. */
export function foldHeights({ dish, measures }: Vessel, allMl: number): FillHeights {
  const edgeMl = Math.min(allMl, 0.3 * dish.depthCm * measures.topAreaCm2);
  return { edgeCm: edgeMl / measures.topAreaCm2, moundCm: capHeightCm(allMl - edgeMl, dish.topCm) };
}
