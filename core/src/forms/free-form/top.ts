import type { TopOf } from '../../geometry/index.js';
import { discForCapacityCm, juiceHeldG } from '../../geometry/index.js';
import type { Figure, FigureSum } from '../../units/index.js';
import { figure, from, given, q, makeSum } from '../../units/index.js';
import type { Advice } from '../advice.js';
import { sentence } from '../advice.js';
import type { BuiltContext } from '../form.js';
import type { TopRules } from '../form.js';
import { laidBody, openFigure, pastryTop, topDoughFigure } from '../shared/pastry-top.js';

/** A folded border lies in pleats, so many sheets thick on average. Estimate. */
const PLEATS_THICK = 1.4;
/** A border that leaves more than this open covers nothing. */
const OPEN_ALL = 0.98;
/** A set of this, in g of starch per 100 g of juice, holds half of the juice from running. Estimate. */
const HOLDS_HALF_G_PER_100G = 2.5;
/** Fruit over this share of the fold's room slides off. Estimate. */
const TOO_FULL = 1.2;

/** Whether a fold keeps its juice in, and what to do when it does not. */
function leakAdvice({ freeForm }: TopOf<'border'>, { filling }: BuiltContext): Advice[] {
  const advice: Advice[] = [];
  // What a set gel holds does not run; the rest is as loose as the juice is before it thickens.
  const looseG = filling.ledger.juiceG * (filling.reached >= HOLDS_HALF_G_PER_100G ? 0.5 : 1);
  const heldG = juiceHeldG(freeForm);
  if (looseG > heldG) {
    advice.push({
      id: 'too_leaky',
      station: 'shape',
      level: 'watch',
      ...sentence(
        'It would leak: {0} of loose juice, and the fold keeps in about {1}. Weep and drain the fruit, strew crumbs or ground nuts under it, heap less, or fold a wider border.',
        { value: looseG, unit: 'g' },
        { value: heldG, unit: 'g' },
      ),
    });
  }
  if (filling.cookedMl > TOO_FULL * freeForm.capacityMl) {
    advice.push({
      id: 'too_full',
      station: 'shape',
      level: 'watch',
      ...sentence('Too much fruit for this disc. Roll it to {0}, or take less.', {
        value: discForCapacityCm(filling.cookedMl, freeForm.borderCm),
        unit: 'cm',
      }),
    });
  }
  return advice;
}

function figures(top: TopOf<'border'>): Figure[] {
  const { freeForm } = top;
  const length = (id: string, label: string, value: number, rule: string, sum: FigureSum): Figure =>
    figure({
      id: `free_form.${id}`,
      label,
      value,
      unit: 'cm',
      spread: 0.1,
      rule,
      sum,
      inputs: [given('disc', freeForm.discCm, 'cm'), given('border', freeForm.borderCm, 'cm')],
      source: 'geometry; how a border stands: our estimate',
    });
  return [
    length(
      'filling',
      'Across the fruit',
      freeForm.fillingCm,
      'Disc less its border on both sides.',
      makeSum`${q(freeForm.discCm, 'cm')} - 2 x ${q(freeForm.borderCm, 'cm')}`,
    ),
    length(
      'wall',
      'The fold stands',
      freeForm.wallCm,
      '.6 of the border and .4 cm; at most 3.5 cm.',
      makeSum`.6 x ${q(freeForm.borderCm, 'cm')} + ${q(0.4, 'cm')}, no more than ${q(3.5, 'cm')}`,
    ),
    length(
      'aperture',
      'Across the opening',
      freeForm.apertureCm,
      'The fruit, less what of the border lies over it.',
      makeSum`${q(freeForm.fillingCm, 'cm')} - 2 x (${q(freeForm.borderCm, 'cm')} of border - ${q(freeForm.wallCm, 'cm')} that stands)`,
    ),
    figure({
      id: 'free_form.pleats',
      label: 'Pleats',
      value: freeForm.pleats,
      unit: 'count',
      spread: 0.15,
      rule: 'The edge of the disc is longer than the ring it lies on; each pleat takes up twice its overlap.',
      sum: makeSum`${q(freeForm.excessCm, 'cm')} of edge too much, ${q(freeForm.excessCm / Math.max(1, freeForm.pleats), 'cm')} in each`,
      inputs: from('free_form.wall'),
      source: 'geometry',
    }),
    openFigure(
      top,
      '(opening / fruit)^2.',
      makeSum`(${q(freeForm.apertureCm, 'cm')} / ${q(freeForm.fillingCm, 'cm')})^2`,
    ),
  ];
}

/** A border folded in over the fruit; it is part of the base. */
export const borderTop: TopRules<TopOf<'border'>> = {
  ...pastryTop,
  body: (top, _build, beside) => (top.openShare > OPEN_ALL ? null : laidBody(top, beside, PLEATS_THICK)),
  figures: (top, { pastry }) => [
    ...figures(top),
    topDoughFigure('Dough for the top', 0, 'The border is part of the disc.', pastry),
  ],
  advice: leakAdvice,
};
