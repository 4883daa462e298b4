import type { Larder } from '../larder/index.js';
import type { Figure } from '../units/index.js';
import { figure, from, given } from '../units/index.js';
import type { DishMeasures } from './dish.js';
import { fillHeights, measureDish } from './dish.js';
import type { Disc, DoughBatch } from './pastry.js';
import { baseDisc, doughBatch } from './pastry.js';
import type { DishSpec, FormSpec, PastrySpec } from './spec.js';
import { topFigures } from './top-figures.js';
import type { Top } from './top.js';
import { makeTop, topDoughG } from './top.js';

/** A built pie: dish, fill, pastry. Lengths in cm, masses in g. */
export interface Build {
  readonly dish: DishMeasures;
  readonly rawEdgeCm: number;
  readonly rawMoundCm: number;
  readonly bakedEdgeCm: number;
  readonly bakedMoundCm: number;
  /** Mean height of the gap between baked filling and lid; strips and crumbs sink with the filling. */
  readonly gapCm: number;
  readonly base: Disc;
  readonly top: Top;
  readonly dough: DoughBatch;
  readonly crustAreaCm2: number;
}

/** Sizes everything for a dish and a filling that heaps raw to one volume and sinks to another. */
export function buildPie(
  form: FormSpec,
  dishSpec: DishSpec,
  pastry: PastrySpec,
  heapMl: number,
  cookedMl: number,
  larder: Larder,
): Build {
  const dish = measureDish(dishSpec);
  const raw = fillHeights(dishSpec, heapMl);
  const baked = fillHeights(dishSpec, cookedMl);
  const base = baseDisc(dishSpec, pastry.thicknessMm);
  const top = makeTop(form, dishSpec, pastry, raw.moundCm);
  const dough = larder.doughs.get(pastry.dough);
  if (!dough) throw new Error(`unknown dough ${pastry.dough}`);
  return {
    dish,
    rawEdgeCm: raw.edgeCm,
    rawMoundCm: raw.moundCm,
    bakedEdgeCm: baked.edgeCm,
    bakedMoundCm: baked.moundCm,
    gapCm: top.kind === 'lid' ? Math.max(0, heapMl - cookedMl) / dish.topAreaCm2 : 0,
    base,
    top,
    dough: doughBatch(dough, base.massG + topDoughG(top)),
    crustAreaCm2: dish.baseAreaCm2 + dish.wallAreaCm2,
  };
}

const PRACTICE = 'common practice, no source';

/** All figures of the build, each with its story. */
export function buildFigures(dish: DishSpec, pastry: PastrySpec, build: Build): Figure[] {
  const { base, dough } = build;
  const part = (id: string, label: string, value: number, percent: number): Figure =>
    figure({
      id: `pastry.${id}`,
      label,
      value,
      unit: 'g',
      spread: 0.03,
      rule: 'Its baker’s percentage of the flour, for the dough that the discs need.',
      inputs: [...from('pastry.dough'), given('per 100 of flour', percent, 'count')],
      source: `doughs by school: ${PRACTICE}`,
    });
  const percentOf = (massG: number): number => (100 * massG) / dough.flourG;
  return [
    figure({
      id: 'dish.net',
      label: 'Room in the lined dish',
      value: build.dish.netMl,
      unit: 'mL',
      spread: 0.04,
      rule: 'Conical frustum, pi h / 12 (D^2 + D d + d^2), less 3 mm of pastry over base and wall.',
      inputs: [
        given('across the top', dish.topCm, 'cm'),
        given('across the base', dish.baseCm, 'cm'),
        given('depth', dish.depthCm, 'cm'),
      ],
      source: 'geometry',
    }),
    figure({
      id: 'dish.top_area',
      label: 'Top of the pie',
      value: build.dish.topAreaCm2,
      unit: 'cm2',
      spread: 0.01,
      rule: 'Disc of the inside diameter.',
      inputs: [given('across the top', dish.topCm, 'cm')],
      source: 'geometry',
    }),
    figure({
      id: 'build.crust_area',
      label: 'Crust under the filling',
      value: build.crustAreaCm2,
      unit: 'cm2',
      spread: 0.02,
      rule: 'Base and wall.',
      source: 'geometry',
    }),
    figure({
      id: 'build.mound',
      label: 'Mound above the rim',
      value: build.rawMoundCm,
      unit: 'cm',
      spread: 0.15,
      rule: 'The heap that the dish cannot hold, as a spherical cap: pi H/6 (3 a^2 + H^2).',
      inputs: from('fruit.mass', 'dish.net'),
      source: 'geometry; heap by the fruit’s cup weight',
    }),
    figure({
      id: 'build.gap',
      label: 'Gap under the top when baked',
      value: build.gapCm,
      unit: 'cm',
      spread: 0.4,
      rule: 'Raw heap less cooked volume, over the top of the pie.',
      inputs: from('fruit.mass', 'dish.top_area'),
      source: 'collapse of the fruit table, our estimate',
    }),
    figure({
      id: 'pastry.base_disc',
      label: 'Base, rolled to',
      value: base.diameterCm,
      unit: 'cm',
      spread: 0.03,
      rule: 'Across the base, up both walls, over a 1 cm rim with .7 cm to spare.',
      inputs: [given('across the base', dish.baseCm, 'cm'), given('depth', dish.depthCm, 'cm')],
      source: PRACTICE,
    }),
    figure({
      id: 'pastry.base_mass',
      label: 'Dough for the base',
      value: base.massG,
      unit: 'g',
      spread: 0.05,
      rule: 'Disc x thickness x 1.14 g/cm3, and 12 % for trimming.',
      inputs: [...from('pastry.base_disc'), given('thickness', pastry.thicknessMm, 'mm')],
      source: 'our estimate, held against batches of the trade',
    }),
    ...topFigures(dish, pastry, build.top),
    figure({
      id: 'pastry.dough',
      label: 'Dough in all',
      value: dough.massG,
      unit: 'g',
      spread: 0.05,
      rule: 'Base and top.',
      inputs: from('pastry.base_mass', 'pastry.top_mass'),
      source: 'arithmetic',
    }),
    part('flour', 'Plain flour', dough.flourG, 100),
    part('butter', 'Cold butter', dough.butterG, percentOf(dough.butterG)),
    part('salt', 'Salt', dough.saltG, percentOf(dough.saltG)),
    part('sugar', 'Sugar', dough.sugarG, percentOf(dough.sugarG)),
    part('other', 'Other', dough.otherG, percentOf(dough.otherG)),
    figure({
      id: 'pastry.water',
      label: 'Ice water',
      value: dough.waterLowG,
      unit: 'g',
      low: dough.waterLowG,
      high: dough.waterHighG,
      rule: 'Begin with the low figure; then by the spoon until a pressed handful holds together.',
      inputs: from('pastry.flour'),
      source: PRACTICE,
    }),
  ];
}
