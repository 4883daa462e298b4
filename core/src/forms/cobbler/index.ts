import type { TopOf } from '../../geometry/index.js';
import {
  areaCm2,
  topOutline,
  toppingBatch,
  toppingComposition,
  toppingFromAmounts,
} from '../../geometry/index.js';
import type { Larder, Topping } from '../../larder/index.js';
import { larderRow } from '../../larder/index.js';
import type { FormSpec } from '../../schema/index.js';
import { usualCobbler } from '../../schema/index.js';
import { q, makeSum } from '../../units/index.js';
import type { Form, TopRules } from '../form.js';
import { bareDish, TOPPING_MIN } from '../shared/in-a-dish.js';
import { openFigure, plainTop, softBody, toppingFigures } from '../shared/pastry-top.js';
import { amountsRule, toppingLines, chosenTopping } from '../shared/topping.js';

/** Fruit may fill so much of the dish: scones rise over it. Estimate. */
const ROOM = 0.7;
/** Scone dough lies this heavy where it lies, g/cm2; raw kg/m3. Estimates. */
const SCONE_G_PER_CM2 = 0.9;
const SCONE_KG_M3 = 1000;

const sconeDough = (form: FormSpec, larder: Larder): Topping =>
  chosenTopping(larderRow(larder.toppings, 'scone'), form.cobbler ?? usualCobbler);

const sconeTop: TopRules<TopOf<'scones'>> = {
  ...plainTop,
  evaporates: ({ openShare }) => 0.15 + 0.7 * openShare,
  browning: (_top, { larder }) => larderRow(larder.toppings, 'scone').browning,
  body: (top, { dish }, beside) => {
    const coveredM2 = (dish.topAreaCm2 * (1 - top.openShare)) / 1e4;
    const thicknessM = top.scones.massG / 1000 / SCONE_KG_M3 / coveredM2;
    // Scones want a hot oven: they do not start lower as crumbs do.
    return {
      ...softBody(top, beside, toppingComposition(top.scones), SCONE_KG_M3, thicknessM),
      startsLowerC: 0,
    };
  },
  figures: (top, { dish, form, pastry }) => {
    const { rule, sum } = amountsRule(
      form.cobbler?.amounts,
      '.9 g for a cm2 of the top that it covers.',
      makeSum`${q(SCONE_G_PER_CM2, 'g')} x ${q(100 * (1 - top.openShare), 'percent')} of ${q(areaCm2(topOutline(dish)), 'cm2')}`,
    );
    return [
      ...toppingFigures(pastry, top.scones.massG, 'Scone dough', rule, sum),
      openFigure(
        top,
        'What the scones leave: steam and juice come up between them.',
        makeSum`${q(100, 'percent')}, less ${q(100 * (1 - top.openShare), 'percent')} that you cover with scones`,
      ),
    ];
  },
  slipLines: ({ scones }, larder) => toppingLines(larderRow(larder.toppings, 'scone'), scones, larder),
  contains: (form, larder) => sconeDough(form, larder).contains,
};

export const cobbler: Form = {
  ...bareDish(ROOM),
  kind: 'cobbler',
  label: 'cobbler',
  lookWords: 'Look: bubbles at the edge, scones golden?',
  topWork: 'Drop the scone dough in heaps',
  topMin: 8,
  oneHeat: true,
  singleC: 204,
  toppingMin: () => TOPPING_MIN,
  makeTop: ({ form, dish, larder }) => {
    const { cover, amounts } = form.cobbler ?? usualCobbler;
    const coverG = SCONE_G_PER_CM2 * areaCm2(topOutline(dish));
    const scones = amounts
      ? toppingFromAmounts(amounts)
      : toppingBatch(sconeDough(form, larder), coverG * cover);
    // What is more than covers it lies thicker.
    return {
      kind: 'scones',
      scones,
      openShare: amounts ? Math.max(0, 1 - scones.massG / coverG) : 1 - cover,
    };
  },
  top: sconeTop,
};
