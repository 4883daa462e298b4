import type { BuiltContext, SlipLine } from '../../forms/index.js';
import { gPerMl, larderRow } from '../../larder/index.js';

/** Grams of coarse sugar that the wash of a pie of 23 cm holds. Common practice, no source. */
const COARSE_SUGAR_G = 10;
/** Of no wash none is mixed, g. */
const LEAST_MIX_G = 0.05;
/** The top that the amounts of a wash are for, 23 cm across. */
const WASHED_CM2 = (Math.PI * 23 ** 2) / 4;

/** A wash is mixed by the egg, as many as the top takes; coarse sugar goes on what it holds. Both go with the top's size. */
export function washLines({ spec: { pastry }, larder, form, build }: BuiltContext): SlipLine[] {
  if (!form.washed) return [];
  // Of what lies on a sheet only folds and small lids are washed.
  const size = form.filled === 'dish' ? build.dish.topAreaCm2 / WASHED_CM2 : 1;
  const { label, gPerPie, brushedG, recipe, eggs, milkG, creamG } = larderRow(larder.washes, pastry.wash);
  const usesG = brushedG * size;
  const strewnG = pastry.coarseSugar ? (pastry.coarseSugarG ?? COARSE_SUGAR_G * size) : 0;
  const mixes = Math.max(1, Math.ceil(usesG / Math.max(gPerPie, LEAST_MIX_G)));
  const buys = [
    { label: 'Eggs', pieces: eggs * mixes },
    { label: 'Milk', massG: milkG * mixes },
    { label: 'Cream', massG: creamG * mixes },
  ].filter(({ pieces = 0, massG = 0 }) => pieces + massG > 0);
  return [
    {
      id: 'wash',
      label,
      massG: gPerPie * mixes,
      usesG,
      note: mixes > 1 ? `${mixes} times ${recipe}` : recipe,
      buys,
    },
    {
      id: 'coarse_sugar',
      label: 'Coarse sugar',
      massG: strewnG,
      volumeMl: strewnG / gPerMl.coarseSugar,
    },
  ];
}
