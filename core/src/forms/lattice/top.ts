import type { TopOf } from '../../geometry/index.js';
import { DOUGH_DENSITY, doughOverG, latticeCover, rims } from '../../geometry/index.js';
import { figure, from, given, q, makeSum } from '../../units/index.js';
import { watch } from '../advice.js';
import type { TopRules } from '../form.js';
import { laidBody, pastryTop } from '../shared/pastry-top.js';
import { latticeOver, stripSheet } from './templates.js';

/** A strip hangs so far over the rim at each end. */
const STRIP_OVER_CM = rims.widthCm + rims.overhangCm;

/** Strips, woven or laid. */
export const latticeTop: TopRules<TopOf<'lattice'>> = {
  ...pastryTop,
  doughG: ({ lattice }) => lattice.massG,
  liesG: ({ lattice: { sheetCm } }, pastry) =>
    doughOverG(sheetCm.lengthCm * sheetCm.widthCm, pastry.thicknessMm) * (1 - sheetCm.wasteShare),
  body: (top, _build, beside) => {
    const { cover, layers } = latticeCover(top.lattice);
    return { ...laidBody(top, beside, layers), cover };
  },
  figures: ({ lattice }, { dish, pastry }) => [
    figure({
      id: 'lattice.gap',
      label: 'Gap between strips',
      value: lattice.gapCm,
      unit: 'cm',
      spread: 0.1,
      rule: 'What the strips’ widths leave of the top, shared out evenly.',
      sum: makeSum`(${q(lattice.tightest.reachCm, 'cm')} across, less ${q(lattice.tightest.lyingCm, 'cm')} that strips lie on) / ${q(lattice.tightest.count, 'count')} gaps`,
      inputs: [
        given('across the top', dish.topCm, 'cm'),
        given('strip', lattice.long[0]?.widthCm ?? 0, 'cm'),
      ],
      source: 'geometry',
    }),
    figure({
      id: 'lattice.open',
      label: 'Top that stays open',
      value: 100 * lattice.openShare,
      unit: 'percent',
      spread: 0.05,
      rule: 'Share left open by the strips of one way, times that of the other, at any angle.',
      sum: makeSum`${q(100 * (1 - lattice.coveredEachWay[0]), 'percent')} left open one way x ${q(100 * (1 - lattice.coveredEachWay[1]), 'percent')} the other`,
      inputs: from('lattice.gap'),
      source: 'geometry',
    }),
    figure({
      id: 'lattice.longest',
      label: 'Longest strip',
      value: lattice.sheetCm.lengthCm,
      unit: 'cm',
      spread: 0.03,
      rule: 'Chord of the top under the strip’s nearer edge, and 1.7 cm over the rim at each end.',
      sum: makeSum`${q(lattice.sheetCm.lengthCm - 2 * STRIP_OVER_CM, 'cm')} across + 2 x ${q(STRIP_OVER_CM, 'cm')}`,
      inputs: [given('across the top', dish.topCm, 'cm')],
      source: 'geometry',
    }),
    figure({
      id: 'lattice.sheet_width',
      label: 'Sheet to cut the strips from, width',
      value: lattice.sheetCm.widthCm,
      unit: 'cm',
      spread: 0.03,
      rule: 'All strips of both ways side by side, short ones end to end in one lane.',
      sum: makeSum`${q(lattice.long.length + lattice.cross.length, 'count')} strips in lanes of ${q(lattice.long[0]?.widthCm ?? 0, 'cm')}`,
      inputs: [
        given('strips along', lattice.long.length, 'count'),
        given('strips across', lattice.cross.length, 'count'),
      ],
      source: 'geometry',
    }),
    figure({
      id: 'pastry.top_mass',
      label: 'Dough for the strips',
      value: lattice.massG,
      unit: 'g',
      spread: 0.05,
      rule: 'Sheet x thickness x 1.14 g/cm3, and 5 % for the ends.',
      sum: makeSum`${q((10 * lattice.massG) / pastry.thicknessMm / DOUGH_DENSITY, 'cm2')} with the ends x ${q(pastry.thicknessMm, 'mm')} x ${q(DOUGH_DENSITY, 'ratio')}`,
      inputs: [
        ...from('lattice.longest', 'lattice.sheet_width'),
        given('thickness', pastry.thicknessMm, 'mm'),
      ],
      source: 'our estimate',
    }),
  ],
  templates: ({ lattice }, dishTop, say) => [latticeOver(lattice, dishTop, say), stripSheet(lattice, say)],
  advice: ({ lattice }, { spec }) =>
    lattice.style === 'straight' && lattice.gapCm < (2 * spec.pastry.thicknessMm) / 10
      ? [
          watch(
            'too_tight',
            'top',
            'The strips lie too close to weave: leave two thicknesses of pastry between them. Fewer or narrower strips.',
          ),
        ]
      : [],
};
