import type { FillingBody } from '../../bake/index.js';
import { inBatter } from '../../bake/index.js';
import type { TopOf } from '../../build/index.js';
import { topAs, toppingBatch, toppingComposition } from '../../build/index.js';
import { rowOf } from '../../larder/index.js';
import type { Form, TopRules } from '../form.js';
import { bareDish, TOPPING_MIN } from '../shared/in-a-dish.js';
import { plainTop, softBody, toppingFigures } from '../shared/pastry-top.js';
import { toppingLines } from '../shared/topping.js';

/** Fruit may fill so much of the tin: batter takes the rest and rises. Estimate. */
const ROOM = 0.28;
/** Batter by mass for its fruit. Common practice, no source. */
const BATTER_PER_FRUIT = 1.4;
/** Raw batter, kg/m3, and how thick the skin of it is that colours. Estimates. */
const BATTER_KG_M3 = 950;
const BATTER_SKIN_M = 0.008;
/** Wheat starch in a sweet batter swells about here, C. Memory (cake baking). */
const BATTER_SWELLS_C = 80;
/** A batter with egg in it is safe and set when its coldest place is this hot, C. Common practice, no source. */
const BATTER_DONE_C = 95;

const batterTop: TopRules<TopOf<'batter'>> = {
  ...plainTop,
  evaporates: () => 0.05,
  browning: (_top, { larder }) => rowOf(larder.toppings, 'batter').browning,
  body: (top, _build, beside) =>
    softBody(top, beside, toppingComposition(top.batter), BATTER_KG_M3, BATTER_SKIN_M),
  figures: (top, { pastry }) => toppingFigures(pastry, top.batter.massG, 'Batter', '1.4 times the fruit.'),
  slipLines: ({ batter }, larder) => toppingLines(rowOf(larder.toppings, 'batter'), batter),
  contains: (_form, larder) => rowOf(larder.toppings, 'batter').contains,
};

export const buckle: Form = {
  ...bareDish(ROOM),
  kind: 'buckle',
  label: 'buckle',
  thickened: false,
  topWork: 'Fold fruit into batter, spread, level',
  topMin: 8,
  oneHeat: true,
  singleC: 177,
  toppingMin: TOPPING_MIN,
  batterMl: (fruitG) => fruitG * BATTER_PER_FRUIT,
  makeTop: ({ fruitG, larder }) => ({
    kind: 'batter',
    batter: toppingBatch(rowOf(larder.toppings, 'batter'), BATTER_PER_FRUIT * fruitG),
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
  setsAtC: BATTER_SWELLS_C,
};
