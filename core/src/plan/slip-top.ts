import type { Build, ToppingBatch } from '../build/index.js';
import { isWashed } from '../build/index.js';
import { FLOUR_CUP_G, topping, washes } from '../larder/index.js';
import type { SlipLine } from './slip-line.js';
import { BUTTER_CUP_G } from './slip-line.js';
import type { PieSpec } from './spec.js';

const SUGAR_CUP_G = 200;
const OATS_CUP_G = 90;
const NUTS_CUP_G = 120;
const MILK_G_PER_ML = 1.03;
const LEAVEN_G_PER_ML = 0.9;
const COARSE_SUGAR_G = 10;

const cups = (massG: number, cupG: number): number => (massG / cupG) * 240;

function crumbLines({ top }: Build): SlipLine[] {
  if (top.kind !== 'crumb') return [];
  const { flourG, butterG, sugarG, oatsG, nutsG } = top.crumb;
  return [
    {
      id: 'crumb_flour',
      label: 'Plain flour',
      massG: flourG,
      volumeMl: cups(flourG, FLOUR_CUP_G),
      figure: 'crumb.mass',
    },
    { id: 'crumb_butter', label: 'Butter', massG: butterG, volumeMl: cups(butterG, BUTTER_CUP_G) },
    { id: 'crumb_sugar', label: 'Sugar', massG: sugarG, volumeMl: cups(sugarG, SUGAR_CUP_G) },
    { id: 'crumb_oats', label: 'Rolled oats', massG: oatsG, volumeMl: cups(oatsG, OATS_CUP_G) },
    { id: 'crumb_nuts', label: 'Chopped nuts', massG: nutsG, volumeMl: cups(nutsG, NUTS_CUP_G) },
  ];
}

function toppingLines(kind: 'scone' | 'batter', batch: ToppingBatch): SlipLine[] {
  const { flourG, butterG, sugarG, milkG, leavenG } = batch;
  return [
    {
      id: 'topping_flour',
      label: 'Plain flour',
      massG: flourG,
      volumeMl: cups(flourG, FLOUR_CUP_G),
      note: topping(kind).how,
      figure: 'topping.mass',
    },
    { id: 'topping_butter', label: 'Butter', massG: butterG, volumeMl: cups(butterG, BUTTER_CUP_G) },
    { id: 'topping_sugar', label: 'Sugar', massG: sugarG, volumeMl: cups(sugarG, SUGAR_CUP_G) },
    { id: 'topping_milk', label: 'Milk', massG: milkG, volumeMl: milkG / MILK_G_PER_ML },
    { id: 'topping_leaven', label: 'Baking powder', massG: leavenG, volumeMl: leavenG / LEAVEN_G_PER_ML },
  ];
}

/** A wash is mixed by the egg, whatever the pie; coarse sugar goes on what it holds. */
function washLines({ form, pastry }: PieSpec): SlipLine[] {
  if (!isWashed(form.kind)) return [];
  const wash = washes.get(pastry.wash);
  return [
    { id: 'wash', label: wash?.label ?? '', massG: wash?.gPerPie ?? 0, note: wash?.recipe ?? '' },
    {
      id: 'coarse_sugar',
      label: 'Coarse sugar',
      massG: pastry.coarseSugar ? COARSE_SUGAR_G : 0,
      volumeMl: 1.2 * COARSE_SUGAR_G,
    },
  ];
}

/** What goes over the filling: crumb, scones, batter, or the wash of pastry. */
export function topLines(spec: PieSpec, build: Build): SlipLine[] {
  const { top } = build;
  const lines = [
    ...crumbLines(build),
    ...(top.kind === 'scones' ? toppingLines('scone', top.scones) : []),
    ...(top.kind === 'batter' ? toppingLines('batter', top.batter) : []),
    ...washLines(spec),
  ];
  return lines.filter((line) => line.massG > 0.05);
}
