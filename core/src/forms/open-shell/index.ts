import type { TopOf } from '../../geometry/index.js';
import { q, makeSum } from '../../units/index.js';
import type { Form, TopRules } from '../form.js';
import { linedDish } from '../shared/in-a-dish.js';
import { openFigure, plainTop, topDoughFigure } from '../shared/pastry-top.js';

const openTop: TopRules<TopOf<'open'>> = {
  ...plainTop,
  body: () => null,
  figures: (top, { pastry }) => [
    openFigure(top, 'Nothing lies over it.', makeSum`${q(100, 'percent')}, less nothing`),
    topDoughFigure('Dough for the top', 0, 'An open pie has none.', pastry),
  ],
};

export const openShell: Form = {
  ...linedDish,
  kind: 'open_shell',
  label: 'open in a blind-baked shell',
  washed: false,
  topWork: 'Fill the baked shell',
  topMin: 4,
  makeTop: () => ({ kind: 'open', openShare: 1 }),
  top: openTop,
  takeUp: (spec) => ({ spec, changes: [] }),
  filledCold: ({ preparation }) => preparation.kind === 'glaze',
  baseBaked: true,
  restsCold: false,
  care: [['oven', 'hot_weights']],
};
