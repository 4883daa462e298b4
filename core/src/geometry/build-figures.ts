import { PRACTICE } from '../units/index.js';
import type { DishSpec, PastrySpec } from '../schema/index.js';
import type { Figure, FigureSum } from '../units/index.js';
import { figure, from, given, q, makeSum } from '../units/index.js';
import { capMl, outlineAt, rims, slantCm, topOutline } from './dish.js';
import { areaCm2, discAreaCm2, equalDiscCm, isRound } from './outline.js';
import { ownDough, timesMixed } from './pastry.js';
import type { Build } from './pie-build.js';
import { DOUGH_DENSITY, piecesFrom } from './rolled.js';

/** What scraps are cut into, cm across: tasters, or shapes for a rim. */
const SCRAP_PIECE_CM = 6;

/** h/6 (base + 4 middle + top) with the areas of a dish in it. */
function brimSum(dish: DishSpec): FigureSum {
  const [base, middle, top] = [0, 0.5, 1].map((share) => areaCm2(outlineAt(dish, share)));
  return makeSum`${q(dish.depthCm, 'cm')} / 6 x (${q(base ?? 0, 'cm2')} + 4 x ${q(middle ?? 0, 'cm2')} + ${q(top ?? 0, 'cm2')})`;
}

/** Figures of where the fruit lies; `flat` where that is no dish. */
// eslint-disable-next-line max-lines-per-function -- one list: each figure with its story
export function dishFigures(flat: boolean, dish: DishSpec, build: Build): Figure[] {
  const { vessel } = build;
  return [
    figure({
      id: 'dish.net',
      label: flat ? 'Room for filling' : 'Room in the dish',
      value: build.dish.netMl,
      unit: 'mL',
      spread: flat ? 0.15 : 0.04,
      rule: vessel.rule,
      sum: flat
        ? makeSum`${q(build.dish.netMl / build.dish.topAreaCm2, 'cm')} deep over ${q(build.dish.topAreaCm2, 'cm2')}`
        : makeSum`${q(build.dish.brimMl, 'mL')} to the brim, less ${q(build.dish.brimMl - build.dish.netMl, 'mL')} for pastry and what rises`,
      inputs: flat
        ? []
        : [
            given('across the top', dish.topCm, 'cm'),
            given('across the base', dish.baseCm, 'cm'),
            given('depth', dish.depthCm, 'cm'),
          ],
      source: vessel.source,
    }),
    figure({
      id: 'dish.water',
      label: 'Water it holds to the brim',
      value: build.dish.brimMl,
      unit: 'mL',
      spread: 0.03,
      rule: 'h/6 (base + 4 middle + top area). Fill the dish and weigh: 1 g is 1 mL.',
      sum: brimSum(vessel.dish),
      narrows: 'Fill it with water to the brim and weigh: that is certain to the gram.',
      source: 'geometry',
    }),
    figure({
      id: 'dish.top_area',
      label: 'Top of the pie',
      value: build.dish.topAreaCm2,
      unit: 'cm2',
      spread: 0.01,
      rule: 'Inside of the top.',
      sum: isRound(topOutline(vessel.dish))
        ? makeSum`${q(vessel.dish.topCm, 'cm')} x ${q(vessel.dish.topCm, 'cm')} x .785${vessel.count > 1 ? ', for each' : ''}`
        : makeSum`${q(topOutline(vessel.dish).lengthCm, 'cm')} by ${q(topOutline(vessel.dish).widthCm, 'cm')}`,
      inputs: [given('across the top', vessel.dish.topCm, 'cm')],
      source: 'geometry',
    }),
    figure({
      id: 'build.crust_area',
      label: 'Crust under the filling',
      value: build.crustAreaCm2,
      unit: 'cm2',
      spread: 0.02,
      rule: 'Base and wall.',
      sum:
        build.crustAreaCm2 > 0
          ? makeSum`${q(build.dish.baseAreaCm2, 'cm2')} of base + ${q(vessel.count > 1 ? build.dish.baseAreaCm2 : build.dish.wallAreaCm2, 'cm2')} of wall or lid`
          : makeSum`no crust under it`,
      source: 'geometry',
    }),
    figure({
      id: 'build.mound',
      label: 'Mound above the rim',
      value: build.rawMoundCm,
      unit: 'cm',
      spread: 0.15,
      rule: 'The heap that the dish cannot hold, as a spherical cap: pi H/6 (3 a^2 + H^2).',
      sum: makeSum`${q(capMl(build.rawMoundCm, equalDiscCm(topOutline(vessel.dish))), 'mL')} over the rim, on ${q(build.dish.topAreaCm2 / vessel.count, 'cm2')}`,
      narrows: 'Most of it is how the fruit packs: press it down, or say a heap on purpose.',
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
      sum: makeSum`${q(build.gapCm * build.dish.topAreaCm2, 'mL')} / ${q(build.dish.topAreaCm2, 'cm2')}`,
      narrows: 'Fruit that was held, or drained and its juice boiled down, sinks less: the gap closes.',
      inputs: from('fruit.mass', 'dish.top_area'),
      source: 'collapse of the fruit table, our estimate',
    }),
  ];
}

/** Figures of the sheet under the filling; the rule says how it is measured. */
export function baseFigures(rule: string, dish: DishSpec, pastry: PastrySpec, build: Build): Figure[] {
  const { base } = build;
  if (!base) return [];
  const upAndOverCm = slantCm(dish) + rims.widthCm + rims.overhangCm;
  const acrossCm = base.outline.lengthCm - 2 * upAndOverCm;
  // A disc that the baker chose stands for itself.
  const baseSum = (value: number): FigureSum =>
    Math.abs(acrossCm - dish.baseCm) < 0.01
      ? makeSum`${q(value - 2 * upAndOverCm, 'cm')} of base + 2 x ${q(slantCm(dish), 'cm')} of wall + 2 x ${q(rims.widthCm + rims.overhangCm, 'cm')} over the rim`
      : [];
  const side = (id: string, label: string, value: number): Figure =>
    figure({
      id,
      label,
      value,
      unit: 'cm',
      spread: 0.03,
      rule,
      sum: baseSum(value),
      inputs: [given('across the base', dish.baseCm, 'cm'), given('depth', dish.depthCm, 'cm')],
      source: PRACTICE,
    });
  return [
    side('pastry.base_disc', 'Base, rolled to', base.outline.lengthCm),
    ...(isRound(base.outline)
      ? []
      : [side('pastry.base_width', 'Base, the other way', base.outline.widthCm)]),
    figure({
      id: 'pastry.base_mass',
      label: 'Dough for the base',
      value: base.massG,
      unit: 'g',
      spread: 0.05,
      rule: 'Sheet x thickness x 1.14 g/cm3, and 12 % for trimming.',
      sum: makeSum`${q(base.massG / ((pastry.thicknessMm / 10) * DOUGH_DENSITY), 'cm2')} with trimming x ${q(pastry.thicknessMm, 'mm')} x ${q(DOUGH_DENSITY, 'ratio')}`,
      narrows: 'Most of it is how evenly it is rolled. Scraps are weighed and used.',
      inputs: [...from('pastry.base_disc'), given('thickness', pastry.thicknessMm, 'mm')],
      source: 'our estimate, held against batches of the trade',
    }),
  ];
}

/** Figures of the dough for base and top. */
// eslint-disable-next-line max-lines-per-function -- one list: each figure with its story
export function doughFigures(pastry: PastrySpec, build: Build): Figure[] {
  const { dough, base } = build;
  if (dough.massG <= 0) return [];
  const { batch = 1 } = pastry;
  const amounts = ownDough(pastry);
  const mixed = timesMixed(pastry, dough);
  const part = (id: string, label: string, value: number): Figure =>
    figure({
      id: `pastry.${id}`,
      label,
      value: value * mixed,
      unit: 'g',
      spread: 0.03,
      rule: amounts
        ? 'The amount you set.'
        : 'Its baker’s percentage of the flour, for the dough that the sheets need.',
      sum: amounts
        ? []
        : makeSum`${q((100 * value) / dough.flourG, 'percent')} of ${q(dough.flourG * batch, 'g')} of flour`,
      inputs: [...from('pastry.batch'), given('per 100 of flour', (100 * value) / dough.flourG, 'count')],
      source: `doughs by school: ${PRACTICE}`,
    });
  return [
    figure({
      id: 'pastry.dough',
      label: 'Dough for one',
      value: dough.massG,
      unit: 'g',
      spread: 0.05,
      rule: 'Base and top.',
      sum: makeSum`${q(base?.massG ?? 0, 'g')} + ${q(dough.massG - (base?.massG ?? 0), 'g')}`,
      inputs: from(...(base ? ['pastry.base_mass'] : []), 'pastry.top_mass'),
      source: 'arithmetic',
    }),
    figure({
      id: 'pastry.batch',
      label: batch > 1 && !amounts ? `Dough for ${batch}` : 'Dough to mix',
      value: dough.massG * mixed,
      unit: 'g',
      spread: 0.05,
      rule: amounts ? 'All that you mix.' : 'Dough for one, as many times as pies.',
      sum: amounts ? [] : makeSum`${q(dough.massG, 'g')} x ${q(batch, 'count')}`,
      inputs: [...from('pastry.dough'), ...(amounts ? [] : [given('pies', batch, 'count')])],
      source: 'arithmetic',
    }),
    part('flour', 'Plain flour', dough.flourG),
    part('butter', 'Cold butter', dough.butterG),
    part('salt', 'Salt', dough.saltG),
    part('sugar', 'Sugar', dough.sugarG),
    part('other', 'Other', dough.otherG),
    figure({
      id: 'pastry.water',
      label: 'Ice water',
      value: dough.waterLowG * mixed,
      unit: 'g',
      low: dough.waterLowG * mixed,
      high: dough.waterHighG * mixed,
      rule: 'Begin with the low figure; then by the spoon until a pressed handful holds together.',
      sum: makeSum`${q((100 * dough.waterLowG) / dough.flourG, 'percent')} to ${q((100 * dough.waterHighG) / dough.flourG, 'percent')} of ${q(dough.flourG * mixed, 'g')} of flour`,
      narrows: 'Flour and the day’s air decide: the hand knows it sooner than any scale.',
      inputs: from('pastry.flour'),
      source: PRACTICE,
    }),
    ...(amounts
      ? [
          figure({
            id: 'pastry.left',
            label: mixed >= batch ? 'Dough left over' : 'Dough that is missing',
            value: Math.abs(mixed - batch) * dough.massG,
            unit: 'g',
            spread: 0.1,
            rule: 'What you mix beside what base and top take.',
            sum: makeSum`${q(mixed * dough.massG, 'g')} mixed, ${q(batch * dough.massG, 'g')} rolled`,
            inputs: from('pastry.batch', 'pastry.dough'),
            source: 'arithmetic',
          }),
        ]
      : []),
    figure({
      id: 'pastry.scraps',
      label: 'Scraps',
      value: build.scrapsG * batch,
      unit: 'g',
      spread: 0.4,
      rule: 'Dough that is rolled and does not lie on the pie.',
      sum: makeSum`${q(dough.massG * batch, 'g')} rolled, less ${q(build.baseLiesG * batch, 'g')} of base, less ${q(build.topLiesG * batch, 'g')} of top`,
      inputs: from('pastry.batch'),
      source: 'trimming: our estimate',
    }),
    figure({
      id: 'pastry.scrap_pieces',
      label: `Pieces of ${SCRAP_PIECE_CM} cm out of the scraps`,
      value: piecesFrom(build.scrapsG * batch, discAreaCm2(SCRAP_PIECE_CM), pastry.thicknessMm),
      unit: 'count',
      spread: 0.3,
      sum: makeSum`${q(build.scrapsG * batch, 'g')} rolled to ${q(pastry.thicknessMm, 'mm')}, each of ${q(discAreaCm2(SCRAP_PIECE_CM), 'cm2')}`,
      rule: 'Scraps pressed together and rolled once more, as thick as the base; a tenth is lost.',
      inputs: from('pastry.scraps'),
      source: 'our estimate',
    }),
  ];
}
