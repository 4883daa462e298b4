import type { Form } from '../form.js';
import { checkCrumb, crumbTopRules as top, strewCrumb } from '../shared/crumb.js';
import { linedDish, TOPPING_MIN } from '../shared/in-a-dish.js';

export const crumbTop: Form = {
  ...linedDish,
  kind: 'crumb_top',
  label: 'crumb top',
  washed: false,
  topWork: 'Strew the crumb, loose, to the edge',
  topMin: 6,
  oneHeat: true,
  singleC: 180,
  toppingMin: () => TOPPING_MIN,
  makeTop: strewCrumb,
  check: ({ form }) => checkCrumb('form.crumb', form.crumb),
  top,
};
