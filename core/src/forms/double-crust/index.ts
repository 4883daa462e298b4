import type { Top } from '../../geometry/index.js';
import { areaCm2, lidSheet, topOutline, usualVentShare, ventShare } from '../../geometry/index.js';
import { watch } from '../advice.js';
import type { Form } from '../form.js';
import { LID_BUBBLING_MIN, linedDish } from '../shared/in-a-dish.js';
import { lidTop, VENTS_RULE } from '../shared/lid.js';

/** Fewer vents than this share of the usual are too few. Estimate. */
const TOO_FEW = 0.7;

export const doubleCrust: Form = {
  ...linedDish,
  kind: 'double_crust',
  label: 'double crust',
  topWork: 'Lid, crimp, vents',
  topMin: 12,
  leavesGap: true,
  bubblingMin: LID_BUBBLING_MIN,
  makeTop: ({ form, dish, pastry, moundCm }): Top => ({
    kind: 'lid',
    sheet: lidSheet(dish, pastry.thicknessMm, moundCm),
    openShare: ventShare(form, areaCm2(topOutline(dish))),
  }),
  top: lidTop({
    sizeRule: 'Across the top and rim with 1.3 cm to fold under, and the arc over the mound.',
    openRule: VENTS_RULE,
    title: 'Lid',
  }),
  advice: ({ build }) =>
    build.top.openShare < TOO_FEW * usualVentShare.low
      ? [watch('vents', 'top', 'Too few vents: the lid balloons and cracks. Open 1 to 2 % of it.')]
      : [],
  care: [['top', 'steam']],
};
