import type { Form } from '../form.js';
import { checkCrumb, crumbTopRules, strewCrumb } from '../shared/crumb.js';
import { bareDish, TOPPING_MIN } from '../shared/in-a-dish.js';

/** Fruit may fill so much of the dish: the crumb lies within it. Estimate. */
const ROOM = 0.9;

export const crisp: Form = {
  ...bareDish(ROOM),
  kind: 'crisp',
  label: 'crisp',
  topWork: 'Strew the crumb, loose, to the edge',
  topMin: 6,
  oneHeat: true,
  singleC: 178,
  toppingMin: () => TOPPING_MIN,
  makeTop: strewCrumb,
  check: ({ form }) => checkCrumb('form.crumb', form.crumb),
  top: crumbTopRules,
};
