import type { FillingBody } from '../../bake/index.js';
import { inBatter } from '../../bake/index.js';
import type { TopOf } from '../../build/index.js';
import { dishVessel, topAs, toppingBatch, toppingComposition } from '../../build/index.js';
import type { Larder, Topping } from '../../larder/index.js';
import { rowOf } from '../../larder/index.js';
import type { FormSpec } from '../../spec/index.js';
import { usualBuckle } from '../../spec/index.js';
import { q, sumOf } from '../../units/index.js';
import { watch } from '../advice.js';
import type { Form, TopRules } from '../form.js';
import { bareDish, TOPPING_MIN } from '../shared/in-a-dish.js';
import { plainTop, softBody, toppingFigures } from '../shared/pastry-top.js';
import { takenUp, undotted, unglazed } from '../shared/taking-up.js';
import { toppingLines, toppingOf } from '../shared/topping.js';

/** Fruit and raw batter may fill so much of the tin: it rises. Estimate. */
const ROOM = 0.67;
/** Raw batter, kg/m3, and how thick the skin of it is that colours. Estimates. */
const BATTER_KG_M3 = 950;
const BATTER_SKIN_M = 0.008;
/** Wheat starch in a sweet batter swells about here, C. Memory (cake baking). */
const BATTER_SWELLS_C = 80;
/** A batter with egg in it is safe and set when its coldest place is this hot, C. Common practice, no source. */
const BATTER_DONE_C = 95;

const batterOf = (form: FormSpec, larder: Larder): Topping =>
  toppingOf(rowOf(larder.toppings, 'batter'), form.buckle?.own);

const batterTop: TopRules<TopOf<'batter'>> = {
  ...plainTop,
  evaporates: () => 0.05,
  browning: (_top, { larder }) => rowOf(larder.toppings, 'batter').browning,
  body: (top, _build, beside) =>
    softBody(top, beside, toppingComposition(top.batter), BATTER_KG_M3, BATTER_SKIN_M),
  figures: (top, { form, pastry }) =>
    toppingFigures(
      pastry,
      top.batter.massG,
      'Batter',
      `${(form.buckle ?? usualBuckle).perFruit} times the fruit.`,
      sumOf`${q((form.buckle ?? usualBuckle).perFruit, 'ratio')} x ${q(top.batter.massG / (form.buckle ?? usualBuckle).perFruit, 'g')} of fruit`,
    ),
  slipLines: ({ batter }, larder) => toppingLines(rowOf(larder.toppings, 'batter'), batter),
  contains: (form, larder) => batterOf(form, larder).contains,
};

/** What of that is fruit. */
const roomForFruit = (form: FormSpec): number => ROOM / (1 + (form.buckle ?? usualBuckle).perFruit);

export const buckle: Form = {
  ...bareDish(ROOM),
  vessel: (form, dish) => dishVessel(dish, { lined: false, room: roomForFruit(form) }),
  kind: 'buckle',
  turned: true,
  label: 'buckle',
  seenDone: 'skewer',
  lookWords: 'Try a skewer: does it come out clean?',
  thickened: false,
  topWork: 'Fold fruit into batter, spread, level',
  topMin: 8,
  oneHeat: true,
  singleC: 177,
  toppingMin: TOPPING_MIN,
  batterMl: (fruitG, form) => fruitG * (form.buckle ?? usualBuckle).perFruit,
  makeTop: ({ form, fruitG, larder }) => ({
    kind: 'batter',
    batter: toppingBatch(batterOf(form, larder), (form.buckle ?? usualBuckle).perFruit * fruitG),
    openShare: 0,
  }),
  top: batterTop,
  done: {
    tender: false,
    set: true,
    bubblesMin: null,
    coldestC: BATTER_DONE_C,
    coloured: true,
    baseDry: false,
  },
  fillingBody: (fruit, filling, build): FillingBody => {
    const top = topAs('batter', build.top);
    return top
      ? inBatter(fruit, filling.massG / 1000, toppingComposition(top.batter), top.batter.massG / 1000)
      : fruit;
  },
  takeUp: (spec) => takenUp(spec, undotted, unglazed),
  setsAtC: BATTER_SWELLS_C,
  advice: ({ spec }) =>
    spec.form.crumb === undefined
      ? []
      : [
          watch(
            'no_streusel',
            'top',
            'A buckle has no streusel here yet: the crumb that was chosen is not in its sums, nor on its slip.',
          ),
        ],
};
