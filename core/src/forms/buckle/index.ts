import type { FillingBody } from '../../bake/index.js';
import { inBatter } from '../../bake/index.js';
import type { TopOf } from '../../geometry/index.js';
import { dishVessel, topAs, toppingBatch, toppingComposition } from '../../geometry/index.js';
import type { Larder, Topping } from '../../larder/index.js';
import { larderRow } from '../../larder/index.js';
import type { FormSpec } from '../../schema/index.js';
import { usualBuckle } from '../../schema/index.js';
import { q, makeSum } from '../../units/index.js';
import { watch } from '../advice.js';
import type { Form, TopRules } from '../form.js';
import { bareDish, TOPPING_MIN } from '../shared/in-a-dish.js';
import { crumbBody, crumbFigures, crumbLines, crumbOver, mixedCrumb } from '../shared/crumb.js';
import { plainTop, softBody, toppingFigures } from '../shared/pastry-top.js';
import { takenUp, undotted, unglazed } from '../shared/taking-up.js';
import { toppingLines, chosenTopping } from '../shared/topping.js';

/** Fruit and raw batter may fill so much of the tin: it rises. Estimate. */
const ROOM = 0.67;
/** Raw batter, kg/m3, and how thick the skin of it is that colours. Estimates. */
const BATTER_KG_M3 = 950;
const BATTER_SKIN_M = 0.008;
/** Hands that rub a streusel and strew it, min. Common practice, no source. */
const STREUSEL_MIN = 6;
/** Wheat starch in a sweet batter swells about here, C. Memory (cake baking). */
const BATTER_SWELLS_C = 80;
/** A batter with egg in it is safe and set when its coldest place is this hot, C. Common practice, no source. */
const BATTER_DONE_C = 95;

const batterOf = (form: FormSpec, larder: Larder): Topping =>
  chosenTopping(larderRow(larder.toppings, 'batter'), form.buckle?.own);

const batterTop: TopRules<TopOf<'batter'>> = {
  ...plainTop,
  evaporates: () => 0.05,
  browning: (_top, { form, larder }) =>
    form.buckle?.streusel
      ? mixedCrumb(form.buckle.streusel, larder).browning
      : larderRow(larder.toppings, 'batter').browning,
  body: (top, _build, beside) =>
    top.streusel
      ? crumbBody(top, top.streusel, beside)
      : softBody(top, beside, toppingComposition(top.batter), BATTER_KG_M3, BATTER_SKIN_M),
  figures: (top, { form, pastry }) => [
    ...(top.streusel
      ? crumbFigures(top.streusel, 'Streusel', 'Grams that cover a cm2, over the whole of the batter.')
      : []),
    ...toppingFigures(
      pastry,
      top.batter.massG,
      'Batter',
      `${(form.buckle ?? usualBuckle).perFruit} times the fruit.`,
      makeSum`${q((form.buckle ?? usualBuckle).perFruit, 'ratio')} x ${q(top.batter.massG / (form.buckle ?? usualBuckle).perFruit, 'g')} of fruit`,
    ),
  ],
  slipLines: ({ batter, streusel }, larder) => [
    ...toppingLines(larderRow(larder.toppings, 'batter'), batter, larder),
    ...(streusel ? crumbLines(streusel, larder) : []),
  ],
  contains: (form, larder) => [
    ...batterOf(form, larder).contains,
    ...(form.buckle?.streusel ? mixedCrumb(form.buckle.streusel, larder).contains : []),
  ],
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
  toppingMin: ({ buckle }) => TOPPING_MIN + (buckle?.streusel ? STREUSEL_MIN : 0),
  batterMl: (fruitG, form) => fruitG * (form.buckle ?? usualBuckle).perFruit,
  makeTop: (on) => ({
    kind: 'batter',
    batter: toppingBatch(batterOf(on.form, on.larder), (on.form.buckle ?? usualBuckle).perFruit * on.fruitG),
    streusel: on.form.buckle?.streusel ? crumbOver(on.form.buckle.streusel, on) : null,
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
    spec.form.crumb === undefined || spec.form.buckle?.streusel
      ? []
      : [
          watch(
            'no_streusel',
            'top',
            'The crumb that was chosen for another form is not on this buckle. For a streusel, choose one at the top.',
          ),
        ],
};
