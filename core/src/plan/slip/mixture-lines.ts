import { timesMixed, topAs } from '../../geometry/index.js';
import type { CrumbBatch, ToppingBatch } from '../../geometry/index.js';
import type { CrumbAmounts, CrumbSpec, DoughAmounts, PieSpec, ToppingAmounts } from '../../schema/index.js';
import { usualBuckle, usualCobbler, usualCrumb, usualStreusel } from '../../schema/index.js';
import type { LineKind, SlipPlan } from './line-kind.js';
import { kept } from './line-kind.js';

const doughParts = {
  flour: 'flourG',
  butter: 'butterG',
  water: 'waterG',
  dough_salt: 'saltG',
  dough_sugar: 'sugarG',
  other: 'otherG',
} as const;

/**
 * What is mixed for the dough of a plan, by its amounts.
 * @param plan whose dough is mixed for it
 * @returns g of each; water in the middle of what it may take
 * @example doughAmounts(plan).flourG
 */
export function doughAmounts({ spec, build }: Pick<SlipPlan, 'spec' | 'build'>): DoughAmounts {
  if (spec.pastry.amounts) return spec.pastry.amounts;
  const times = timesMixed(spec.pastry, build.dough);
  const { flourG, butterG, waterLowG, waterHighG, saltG, sugarG, otherG } = build.dough;
  return {
    flourG: kept(flourG * times),
    butterG: kept(butterG * times),
    waterG: kept(((waterLowG + waterHighG) / 2) * times),
    saltG: kept(saltG * times),
    sugarG: kept(sugarG * times),
    otherG: kept(otherG * times),
  };
}

export const doughLine: LineKind = {
  ids: /^(flour|butter|water|dough_salt|dough_sugar|other)$/,
  amount: ({ spec }, key) => ({
    isOwn: spec.pastry.amounts !== undefined,
    canGoBack: true,
    limit: `pastry.amounts.${doughParts[key as keyof typeof doughParts]}`,
  }),
  change: (plan, key, massG) => ({
    ...plan.spec,
    pastry: {
      ...plan.spec.pastry,
      amounts:
        massG === null
          ? undefined
          : { ...doughAmounts(plan), [doughParts[key as keyof typeof doughParts]]: massG },
    },
  }),
};

const onlyAmounts = <T extends object>(batch: T, names: readonly (keyof T)[]): T =>
  Object.fromEntries(names.map((name) => [name, kept(Number(batch[name]))])) as T;

/**
 * A crumb or streusel of a plan by its amounts.
 * @param crumb as it lies on the pie
 * @returns g of each
 * @example crumbAmounts(plan.build.top.crumb).flourG
 */
export const crumbAmounts = (crumb: CrumbBatch): CrumbAmounts =>
  onlyAmounts<CrumbAmounts>(crumb, ['flourG', 'butterG', 'sugarG', 'oatsG', 'nutsG', 'saltG', 'spiceG']);

/**
 * Scones or batter of a plan by their amounts.
 * @param topping as it is mixed
 * @returns g of each
 * @example toppingAmounts(plan.build.top.scones).flourG
 */
export const toppingAmounts = (topping: ToppingBatch): ToppingAmounts =>
  onlyAmounts<ToppingAmounts>(topping, [
    'flourG',
    'butterG',
    'sugarG',
    'milkG',
    'eggG',
    'leavenG',
    'saltG',
    'spiceG',
  ]);

const withForm = (spec: PieSpec, part: Partial<PieSpec['form']>): PieSpec => ({
  ...spec,
  form: { ...spec.form, ...part },
});

/** The crumb of a pie, or the streusel of its batter: what was chosen of it, and what is mixed. */
function crumbIn({ spec, build }: SlipPlan) {
  const batter = topAs('batter', build.top);
  if (!batter) {
    const set = (crumb: CrumbSpec): PieSpec => withForm(spec, { crumb });
    return {
      field: 'crumb',
      chosen: spec.form.crumb ?? usualCrumb,
      mixed: topAs('crumb', build.top)?.crumb,
      set,
    };
  }
  const buckle = spec.form.buckle ?? usualBuckle;
  const set = (streusel: CrumbSpec): PieSpec => withForm(spec, { buckle: { ...buckle, streusel } });
  return { field: 'buckle.streusel', chosen: buckle.streusel ?? usualStreusel, mixed: batter.streusel, set };
}

export const crumbLine: LineKind = {
  ids: /^crumb_(\w+)$/,
  amount: (plan, key) => {
    const { field, chosen } = crumbIn(plan);
    return { isOwn: chosen.amounts !== undefined, canGoBack: true, limit: `form.${field}.amounts.${key}G` };
  },
  change: (plan, key, massG) => {
    const { chosen, mixed, set } = crumbIn(plan);
    const before = chosen.amounts ?? (mixed ? crumbAmounts(mixed) : undefined);
    const amounts = massG === null || !before ? undefined : { ...before, [`${key}G`]: massG };
    return set({ ...chosen, amounts });
  },
};

/** The scones of a cobbler or the batter of a buckle: what was chosen of it, and what is mixed. */
function toppingIn({ spec, build }: SlipPlan) {
  const batter = topAs('batter', build.top)?.batter;
  const { buckle = usualBuckle, cobbler = usualCobbler } = spec.form;
  const set = (amounts: ToppingAmounts | undefined): PieSpec =>
    withForm(spec, batter ? { buckle: { ...buckle, amounts } } : { cobbler: { ...cobbler, amounts } });
  return {
    field: batter ? 'buckle' : 'cobbler',
    own: (batter ? buckle : cobbler).amounts,
    mixed: batter ?? topAs('scones', build.top)?.scones,
    set,
  };
}

export const toppingLine: LineKind = {
  ids: /^topping_(\w+)$/,
  amount: (plan, key) => {
    const { field, own } = toppingIn(plan);
    return { isOwn: own !== undefined, canGoBack: true, limit: `form.${field}.amounts.${key}G` };
  },
  change: (plan, key, massG) => {
    const { own, mixed, set } = toppingIn(plan);
    const before = own ?? (mixed ? toppingAmounts(mixed) : undefined);
    return set(massG === null || !before ? undefined : { ...before, [`${key}G`]: massG });
  },
};
