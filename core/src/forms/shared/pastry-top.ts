import { PRACTICE } from '../../units/index.js';
import type { TopBody } from '../../bake/index.js';
import { constant, withAir } from '../../bake/index.js';
import type { Makeup, Top } from '../../geometry/index.js';
import { DOUGH_DENSITY, DOUGH_KG_M3, chosenDough, doughComposition } from '../../geometry/index.js';
import { crumbTraits, larderRow } from '../../larder/index.js';
import type { PastrySpec } from '../../schema/index.js';
import type { Figure, FigureSum } from '../../units/index.js';
import { figure, from, given, q, makeSum } from '../../units/index.js';
import type { TopBeside, TopRules } from '../form.js';

/** A strip or a cut-out lies closer to the fruit than a lid does. Fit (0005-bake). */
const LAID_GAP_SHARE = 0.6;
/** Vapour that finds its way through loose crumbs. Estimate. */
const CRUMB_VENTED = 0.5;
/** Coarse sugar on a wash browns by so much sooner. Estimate (0005-bake). */
const COARSE_SUGAR_BROWNS = 1.15;

/** A sheet of pastry over the filling as the oven meets it. */
export function pastryBody({ openShare }: Top, { pastry, larder }: TopBeside): TopBody {
  const dough = chosenDough(pastry, larder);
  return {
    cover: 1,
    thicknessM: (pastry.thicknessMm / 1000) * dough.lifts,
    densityKgM3: DOUGH_KG_M3 / dough.lifts,
    composition: doughComposition(dough),
    // Layers that lift have air between them.
    conductivityDry: withAir(constant('crustKDry'), 1 - 1 / dough.lifts),
    conductivityWet: withAir(constant('crustKWet'), 1 - 1 / dough.lifts),
    gapM2KW: constant('lidGap'),
    startsLowerC: 0,
    vented: openShare > 0 ? constant('lidVentShare') : 0,
    vapourSM: pastry.thicknessMm / 1000 / constant('lidDiffusivity'),
  };
}

/** Pastry laid on the fruit in pieces: it sinks with it, and steam leaves beside it. */
export function laidBody(top: Top, beside: TopBeside, layers = 1): TopBody {
  const sheet = pastryBody(top, beside);
  return {
    ...sheet,
    cover: 1 - top.openShare,
    thicknessM: sheet.thicknessM * layers,
    gapM2KW: sheet.gapM2KW * LAID_GAP_SHARE,
    vented: top.openShare,
    vapourSM: sheet.vapourSM * layers,
  };
}

/** Crumb, scones or batter: soft, without a gap, started lower. */
export function softBody(
  top: Top,
  beside: TopBeside,
  composition: Makeup,
  densityKgM3: number,
  thicknessM: number,
): TopBody {
  return {
    ...pastryBody(top, beside),
    cover: 1 - top.openShare,
    thicknessM,
    densityKgM3,
    composition,
    gapM2KW: 0,
    startsLowerC: crumbTraits.startsLowerC,
    vented: Math.max(CRUMB_VENTED, top.openShare),
    vapourSM: thicknessM / constant('lidDiffusivity'),
  };
}

/** A crumb lets more vapour through the barer it lies. */
export const crumbVented = (openShare: number): number => CRUMB_VENTED + (1 - CRUMB_VENTED) * openShare;

/** How much sooner than bare pastry a washed top browns. */
const washedBrowning = ({ pastry, larder }: TopBeside): number =>
  larderRow(larder.washes, pastry.wash).browning * (pastry.coarseSugar ? COARSE_SUGAR_BROWNS : 1);

/** A top that takes no dough and has nothing to say; each says what sets it apart. */
export const plainTop: Omit<TopRules, 'body'> = {
  evaporates: ({ openShare }) => 0.05 + 0.8 * openShare,
  doughG: () => 0,
  liesG: () => 0,
  figures: () => [],
  browning: () => 1,
  slipLines: () => [],
  templates: () => [],
  advice: () => [],
  contains: () => [],
};

/** A top of pastry. */
export const pastryTop: Omit<TopRules, 'body'> = {
  ...plainTop,
  browning: (_top, beside) => washedBrowning(beside),
};

/** Share of the top that stays open. */
export const openFigure = (top: Top, rule: string, sum: FigureSum): Figure =>
  figure({
    id: 'top.open',
    label: 'Top that stays open',
    value: 100 * top.openShare,
    unit: 'percent',
    spread: 0.1,
    rule,
    sum,
    inputs: from('dish.top_area'),
    source: 'geometry',
  });

/** Dough that a top takes. */
export const topDoughFigure = (label: string, massG: number, rule: string, pastry: PastrySpec): Figure =>
  figure({
    id: 'pastry.top_mass',
    label,
    value: massG,
    unit: 'g',
    spread: 0.05,
    rule,
    sum:
      massG > 0
        ? makeSum`${q((10 * massG) / pastry.thicknessMm / DOUGH_DENSITY, 'cm2')} with trimming x ${q(pastry.thicknessMm, 'mm')} x ${q(DOUGH_DENSITY, 'ratio')}`
        : [],
    inputs: [given('thickness', pastry.thicknessMm, 'mm')],
    source: 'our estimate',
  });

/** A topping mixed in a bowl: its mass, and that it takes no pastry. */
export const toppingFigures = (
  pastry: PastrySpec,
  massG: number,
  label: string,
  rule: string,
  sum: FigureSum,
): Figure[] => [
  figure({
    id: 'topping.mass',
    label,
    value: massG,
    unit: 'g',
    spread: 0.15,
    rule,
    sum,
    inputs: from('dish.top_area', 'fruit.mass'),
    source: PRACTICE,
  }),
  topDoughFigure('Dough for the top', 0, 'It takes no pastry.', pastry),
];
