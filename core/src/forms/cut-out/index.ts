import type { Top, TopOf } from '../../geometry/index.js';
import { areaCm2, cutterYield, packCutOuts, topOutline } from '../../geometry/index.js';
import { usualCutOut } from '../../schema/index.js';
import { figure, from, given, q, makeSum } from '../../units/index.js';
import { watch } from '../advice.js';
import type { Form, TopRules } from '../form.js';
import { linedDish } from '../shared/in-a-dish.js';
import { laidBody, openFigure, pastryTop, topDoughFigure } from '../shared/pastry-top.js';
import { cutOutSheets } from './templates.js';

/** Pieces thicker than this stay raw. Common practice, no source. */
const THICKEST_MM = 4;

const cutOutTop: TopRules<TopOf<'cut_outs'>> = {
  ...pastryTop,
  doughG: ({ cutOuts }) => cutOuts.massG,
  liesG: ({ cutOuts }) => cutOuts.liesG,
  body: (top, _build, beside) => laidBody(top, beside),
  figures: (top, { dish, pastry }) => [
    figure({
      id: 'cut_out.count',
      label: 'Pieces to cut',
      value: top.cutOuts.pieces.length,
      unit: 'count',
      spread: 0.05,
      rule: 'Rings from the rim inward: as many as touch, and one for the middle.',
      sum: makeSum`pieces ${q(top.cutOuts.sizeCm, 'cm')} across on ${q(areaCm2(topOutline(dish)), 'cm2')}`,
      inputs: [given('each', top.cutOuts.sizeCm, 'cm'), ...from('dish.top_area')],
      source: 'geometry',
    }),
    openFigure(
      top,
      'The top less what the pieces cover; where two overlap it is counted once.',
      makeSum`${q(areaCm2(topOutline(dish)), 'cm2')}, less ${q(top.cutOuts.showing, 'ratio')} whole pieces of ${q(top.cutOuts.pieceCm2, 'cm2')}`,
    ),
    topDoughFigure(
      'Dough for the pieces',
      top.cutOuts.massG,
      `Pieces x thickness x 1.14 g/cm3; cut and rolled again, ${100 * cutterYield.rerolled} % of the dough becomes pieces.`,
      pastry,
    ),
  ],
  templates: ({ cutOuts }, dishTop, say) => cutOutSheets(cutOuts, dishTop, say),
  advice: (_top, { spec }) =>
    spec.pastry.thicknessMm > THICKEST_MM
      ? [watch('too_thick', 'top', 'Cut-outs thicker than the base stay raw: roll them no thicker.')]
      : [],
};

export const cutOut: Form = {
  ...linedDish,
  kind: 'cut_out',
  label: 'cut-out lid',
  topWork: 'Cut the shapes, lay them from the rim inward',
  topMin: 18,
  makeTop: ({ form, dish, pastry }): Top => {
    const cutOuts = packCutOuts(form.cutOut ?? usualCutOut, dish, pastry.thicknessMm);
    return { kind: 'cut_outs', cutOuts, openShare: cutOuts.openShare };
  },
  top: cutOutTop,
  check: ({ form, dish }) => {
    const { sizeCm } = form.cutOut ?? usualCutOut;
    const { widthCm, lengthCm } = topOutline(dish);
    const across = Math.min(widthCm, lengthCm);
    if (sizeCm <= across) return [];
    return [
      {
        field: 'form.cutOut.sizeCm',
        message: `A cut-out of ${sizeCm} cm is longer than the pie is wide (${across} cm).`,
        remedy: 'Cut smaller pieces.',
      },
    ];
  },
};
