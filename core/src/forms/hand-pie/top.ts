import { PRACTICE } from '../../units/index.js';
import type { TopOf } from '../../geometry/index.js';
import {
  about,
  cutterYield,
  discAreaCm2,
  outlinePoints,
  FILLING_G_PER_ML,
  lidTopFactor,
} from '../../geometry/index.js';
import { figure, from, q, makeSum } from '../../units/index.js';
import type { TopRules } from '../form.js';
import { pastryBody, pastryTop, topDoughFigure } from '../shared/pastry-top.js';

/** A thick filling steams little, and through the slit. Estimate. */
const PARCEL_VENTED = 0.95;

/** Discs folded over their filling. */
export const parcelTop: TopRules<TopOf<'parcel'>> = {
  ...pastryTop,
  evaporates: ({ openShare }) => lidTopFactor(openShare),
  doughG: ({ count, disc }) => (count * disc.massG) / cutterYield.rerolled,
  liesG: ({ count, disc }) => count * disc.massG,
  // Steam lifts the fold off its filling, as it does a lid.
  body: (top, _build, beside) => ({ ...pastryBody(top, beside), vented: PARCEL_VENTED }),
  figures: (top, { dish, pastry }) => [
    figure({
      id: 'parcel.disc',
      label: 'Each disc',
      value: top.disc.outline.lengthCm,
      unit: 'cm',
      spread: 0.02,
      rule: 'The cutter you chose.',
      source: 'your choice',
    }),
    figure({
      id: 'parcel.count',
      label: 'Hand pies',
      value: top.count,
      unit: 'count',
      rule: 'As many as you chose.',
      source: 'your choice',
    }),
    figure({
      id: 'parcel.filling_each',
      label: 'Filling in each',
      value: dish.depthCm * discAreaCm2(dish.topCm) * FILLING_G_PER_ML,
      unit: 'g',
      spread: 0.15,
      rule: '.38 g for a cm2 of the disc.',
      sum: makeSum`.38 g x ${q(discAreaCm2(top.disc.outline.lengthCm), 'cm2')}`,
      inputs: from('parcel.disc'),
      source: PRACTICE,
    }),
    topDoughFigure(
      'Dough for the discs',
      (top.count * top.disc.massG) / cutterYield.rerolled,
      `Discs x thickness x 1.14 g/cm3; cut and rolled again, ${100 * cutterYield.rerolled} % of the dough becomes discs.`,
      pastry,
    ),
  ],
  templates: ({ disc: { outline }, count }, _dishTop, say) => {
    const half = outline.widthCm / 2;
    return [
      about(
        'disc',
        `Disc for hand pies, ${count} to cut`,
        outline,
        [
          { points: outlinePoints(outline), role: 'cut' },
          {
            points: [
              [-half, 0],
              [half, 0],
            ],
            role: 'guide',
            open: true,
          },
        ],
        [{ at: [0, 0.8], text: `${say(outline.lengthCm)}; fold along the dashed line` }],
      ),
    ];
  },
};
