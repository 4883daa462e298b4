import type { FillingBody } from '../../bake/index.js';
import type { Build } from '../../geometry/index.js';
import { baseSheet, dishHeights, dishVessel, isSheet, sheetDrawing } from '../../geometry/index.js';
import type { Filling } from '../../filling/index.js';
import type { Form } from '../form.js';
import { takenUp, unglazed } from './taking-up.js';

/** Minutes that an open or loosely covered filling bubbles. Fitted. */
const OPEN_BUBBLING_MIN = 25;
/** The same under a lid. Fitted. */
export const LID_BUBBLING_MIN = 20;
/** Mixing a topping that is not pastry. Common practice, no source. */
export const TOPPING_MIN = 10;

type Usual = Omit<Form, 'kind' | 'label' | 'makeTop' | 'top' | 'topWork' | 'topMin'>;

/** What is true of most forms; each says what sets it apart. */
const usual = {
  thickened: true,
  batterMl: () => 0,
  leavesGap: false,
  check: () => [],
  takeUp: (spec) => takenUp(spec, unglazed),
  leave: (spec) => ({ spec, changes: [] }),
  bubblingMin: OPEN_BUBBLING_MIN,
  filledCold: () => false,
  oneHeat: false,
  singleC: 190,
  baseBaked: false,
  turnedOutMin: null,
  seenDone: 'bubbles',
  lookWords: 'Look: thick bubbles all round?',
  done: null,
  fillingBody: (fruit: FillingBody, _filling: Filling, _build: Build) => fruit,
  setsAtC: null,
  toppingMin: () => 0,
  midBakeWork: '',
  turned: false,
  eaten: 'sliced_cold',
  advice: () => [],
  care: [],
  baseRule: 'Across the base, up both walls, over a 1 cm rim with .7 cm to spare.',
  baseTemplates: (base, _top, say) => [sheetDrawing('base', 'Base', base.outline, say)],
} as const satisfies Partial<Form>;

/** Pastry under the fruit, in a dish. */
export const linedDish: Usual = {
  ...usual,
  lined: true,
  room: 1,
  filled: 'dish',
  washed: true,
  restsCold: true,
  vessel: (_form, dish) => dishVessel(dish, { lined: true, room: 1 }),
  heights: dishHeights,
  base: (_form, dish, pastry) =>
    (pastry.base ?? 'made') === 'made' ? baseSheet(dish, pastry.thicknessMm) : null,
  suits: (dish) => !isSheet(dish),
  readyDish: 'round_23',
};

/** Fruit in a dish with nothing under it; fruit may take a share of the room. */
export const bareDish = (room: number): Usual => ({
  ...linedDish,
  lined: false,
  eaten: 'spoon',
  room,
  washed: false,
  restsCold: false,
  vessel: (_form, dish) => dishVessel(dish, { lined: false, room }),
  base: () => null,
});

/** On a flat sheet. */
export const onSheet: Usual = {
  ...linedDish,
  suits: (dish) => isSheet(dish),
  readyDish: 'sheet_40',
};
