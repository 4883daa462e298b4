import {
  areaCm2,
  dishVessel,
  isRound,
  isSheet,
  layRules,
  topOutline,
  tuckedLid,
} from '../../geometry/index.js';
import type { Form } from '../form.js';
import { bareDish, LID_BUBBLING_MIN } from '../shared/in-a-dish.js';
import { lidTop } from '../shared/lid.js';
import { fried, takenUp, unglazed, unwashed, withDough } from '../shared/taking-up.js';

/** Fruit may fill so much of the pan. Estimate. */
const ROOM = 0.8;
/** Docking opens this share of the lid. Estimate. */
const DOCKED_SHARE = 0.01;
/** Butter for the caramel, g at least. Common practice, no source. */
const CARAMEL_BUTTER_G = 100;
/** It is turned out warm: its caramel no longer burns, and does not stick yet, min. Common practice, no source. */
const TURNED_OUT_MIN = 10;
/** Fruit that was fried before is hot enough here, C. Common practice, no source. */
const HOT_C = 85;

export const upsideDown: Form = {
  ...bareDish(ROOM),
  kind: 'upside_down',
  label: 'upside-down',
  seenDone: 'colour',
  lookWords: 'Look: dark gold, caramel bubbling at the rim?',
  thickened: false,
  washed: true,
  topWork: 'Lay the pastry over, tuck it in, dock it',
  topMin: 6,
  oneHeat: true,
  singleC: 198,
  bubblingMin: LID_BUBBLING_MIN,
  vessel: (_form, dish) =>
    dishVessel(dish, { lined: false, room: ROOM }, layRules.quarteredGPerCm2 * areaCm2(topOutline(dish))),
  makeTop: ({ dish, pastry }) => ({
    kind: 'lid',
    sheet: tuckedLid(dish, pastry.thicknessMm),
    openShare: DOCKED_SHARE,
  }),
  top: lidTop({
    sizeRule: 'The pan inside, and 1 cm to tuck down its wall; pricked all over.',
    openRule: 'Pricked all over with a fork.',
    title: 'Lid to tuck in',
  }),
  check: ({ dish }) =>
    isRound(topOutline(dish))
      ? []
      : [
          {
            field: 'dish.shape',
            message: 'An upside-down pie is turned out of a round pan.',
            remedy: 'Choose a round dish, best a skillet.',
          },
        ],
  suits: (dish) => !isSheet(dish) && isRound(topOutline(dish)),
  readyDish: 'skillet_26',
  takeUp: (spec) =>
    takenUp(spec, withDough('puff', 'Its lid is puff pastry.'), fried(CARAMEL_BUTTER_G), unglazed, unwashed),
  leave: (spec) =>
    spec.pastry.dough === 'puff'
      ? takenUp(spec, withDough('all_butter', 'Its pastry is all-butter again.'))
      : { spec, changes: [] },
  turnedOutMin: TURNED_OUT_MIN,
  eaten: 'turned_out',
  done: { tender: false, set: false, bubblesMin: null, coldestC: HOT_C, coloured: true, baseDry: false },
  care: [
    ['juice', 'boiling_sugar'],
    ['oven', 'hot_caramel'],
    ['top', 'steam'],
  ],
};
