import { areaCm2, topOutline, tuckedLid, ventShare } from '../../geometry/index.js';
import type { Form } from '../form.js';
import { bareDish, LID_BUBBLING_MIN } from '../shared/in-a-dish.js';
import { lidTop, VENTS_RULE } from '../shared/lid.js';

/** Fruit may fill so much of the dish: the broken lid is pressed into its juice. Estimate. */
const ROOM = 0.85;

/** Fruit in a dish under a rolled lid that is broken half way through the bake and pressed into the juice. */
export const pandowdy: Form = {
  ...bareDish(ROOM),
  kind: 'pandowdy',
  label: 'pandowdy',
  washed: true,
  topWork: 'Lay the lid over, tuck it in, vent',
  topMin: 8,
  bubblingMin: LID_BUBBLING_MIN,
  makeTop: ({ form, dish, pastry }) => ({
    kind: 'lid',
    sheet: tuckedLid(dish, pastry.thicknessMm),
    openShare: ventShare(form, areaCm2(topOutline(dish))),
  }),
  top: lidTop({
    sizeRule: 'The dish inside, and 1 cm to tuck down its wall.',
    openRule: VENTS_RULE,
    title: 'Lid to tuck in',
  }),
  midBakeWork: 'Break the lid with a spoon and press the pieces half way into the juice',
  care: [['oven', 'steam']],
};
