import type { FillingBody } from '../../bake/index.js';
import { inBatter } from '../../bake/index.js';
import type { TopOf, ToppingBatch } from '../../geometry/index.js';
import {
  dishVessel,
  mixedG,
  topAs,
  toppingBatch,
  toppingComposition,
  toppingFromAmounts,
  withWholeEggs,
} from '../../geometry/index.js';
import type { Larder, Topping } from '../../larder/index.js';
import { larderRow } from '../../larder/index.js';
import type { BuckleSpec, DishSpec, FormSpec, PastrySpec } from '../../schema/index.js';
import { usualBuckle } from '../../schema/index.js';
import type { Figure } from '../../units/index.js';
import { q, makeSum } from '../../units/index.js';
import { watch } from '../advice.js';
import type { Form, TopOn, TopRules } from '../form.js';
import { bareDish, TOPPING_MIN } from '../shared/in-a-dish.js';
import {
  AMOUNTS_SET,
  checkCrumb,
  crumbBody,
  crumbFigures,
  crumbLines,
  crumbOver,
  mixedCrumb,
} from '../shared/crumb.js';
import { plainTop, softBody, toppingFigures } from '../shared/pastry-top.js';
import { takenUp, undotted, unglazed } from '../shared/taking-up.js';
import { amountsRule, toppingLines, chosenTopping } from '../shared/topping.js';

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
  chosenTopping(larderRow(larder.toppings, 'batter'), form.buckle ?? usualBuckle);

/** What is mixed for a batter: as it was said, by amounts or parts; the Larder's with whole eggs. */
function batterBatch({ form, fruitG, larder }: TopOn): ToppingBatch {
  const { amounts, own } = form.buckle ?? usualBuckle;
  if (amounts) return toppingFromAmounts(amounts);
  const batch = toppingBatch(batterOf(form, larder), batterG(form, fruitG));
  return own ? batch : withWholeEggs(batch);
}

/** Batter for so much fruit, g: as the baker weighs it, or so many times the fruit. */
function batterG({ buckle = usualBuckle }: FormSpec, fruitG: number): number {
  return buckle.amounts ? mixedG(buckle.amounts) : buckle.perFruit * fruitG;
}

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
      ? crumbFigures(
          top.streusel,
          'Streusel',
          form.buckle?.streusel?.amounts
            ? AMOUNTS_SET
            : 'Grams that cover a cm2, over the whole of the batter.',
        )
      : []),
    ...batterFigures(top.batter.massG, form.buckle ?? usualBuckle, pastry),
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

function batterFigures(massG: number, { perFruit, amounts }: BuckleSpec, pastry: PastrySpec): Figure[] {
  const { rule, sum } = amountsRule(
    amounts,
    `${perFruit} times the fruit.`,
    makeSum`${q(perFruit, 'ratio')} x ${q(massG / perFruit, 'g')} of fruit`,
  );
  return toppingFigures(pastry, massG, 'Batter', rule, sum);
}

/** Fruit takes this share of the tin at least, however much batter there is. */
const LEAST_ROOM = 0.05;

/** What of that is fruit; a mL of batter is taken for a g. */
function roomForFruit({ buckle = usualBuckle }: FormSpec, dish: DishSpec): number {
  if (!buckle.amounts) return ROOM / (1 + buckle.perFruit);
  const { brimMl } = dishVessel(dish, { lined: false, room: ROOM }).measures;
  return Math.max(LEAST_ROOM, ROOM - mixedG(buckle.amounts) / brimMl);
}

export const buckle: Form = {
  ...bareDish(ROOM),
  vessel: (form, dish) => dishVessel(dish, { lined: false, room: roomForFruit(form, dish) }),
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
  batterMl: (fruitG, form) => batterG(form, fruitG),
  check: ({ form }) => checkCrumb('form.buckle.streusel', form.buckle?.streusel),
  makeTop: (on) => ({
    kind: 'batter',
    batter: batterBatch(on),
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
