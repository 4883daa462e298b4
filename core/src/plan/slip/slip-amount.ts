import type { BuiltContext } from '../../forms/index.js';
import { timesMixed, topAs } from '../../geometry/index.js';
import type { CrumbBatch, ToppingBatch } from '../../geometry/index.js';
import type {
  CrumbAmounts,
  CrumbSpec,
  DoughAmounts,
  FillingSpec,
  PieSpec,
  ToppingAmounts,
} from '../../schema/index.js';
import { usualBuckle, usualCobbler, usualCrumb, usualStreusel } from '../../schema/index.js';

/** What of a plan its slip is made of. */
type SlipPlan = Pick<BuiltContext, 'spec' | 'filling' | 'build'>;

/** What can be said of the amount on a line of the slip. */
export interface SlipAmount {
  /** The baker set it, and all else follows. */
  readonly isOwn: boolean;
  /** Mardle can work it out again. */
  readonly canGoBack: boolean;
  /** Path of the field whose limits hold for it. */
  readonly limit: string;
}

/** How the lines of one kind are read and set; `key` is what follows the kind in the id of a line. */
interface LineKind {
  readonly ids: RegExp;
  amount(plan: SlipPlan, key: string): SlipAmount | null;
  /** The pie with another mass, g; null gives the amount back to Mardle. */
  change(plan: SlipPlan, key: string, massG: number | null): PieSpec;
}

/** An amount as it is kept, g: no finer than a scale for spices. */
const kept = (massG: number): number => Math.round(massG * 100) / 100;

const withFilling = (spec: PieSpec, part: Partial<FillingSpec>): PieSpec => ({
  ...spec,
  filling: { ...spec.filling, ...part },
});

/** Masses of things that share a whole, with one of them changed; their shares are their masses then. */
function changedOf<T>(parts: readonly T[], massesG: readonly number[], key: string, massG: number) {
  const next = massesG.map((before, i) => (i === Number(key) ? massG : kept(before)));
  return {
    massG: kept(next.reduce((sum, one) => sum + one, 0)),
    parts: parts.length < 2 ? parts : parts.map((part, i) => ({ ...part, share: next[i] ?? 0 })),
  };
}

const fruitLine: LineKind = {
  ids: /^fruit\.(\d+)$/,
  amount: ({ spec }) => ({
    isOwn: spec.filling.fruitMassG !== null,
    canGoBack: true,
    limit: 'filling.fruitMassG',
  }),
  change: ({ spec, filling }, key, massG) => {
    if (massG === null) return withFilling(spec, { fruitMassG: null });
    const massesG = filling.batch.fruits.map((fruit) => fruit.massG);
    const changed = changedOf(spec.filling.fruits, massesG, key, massG);
    return withFilling(spec, { fruits: changed.parts, fruitMassG: changed.massG });
  },
};

const thickenerLine: LineKind = {
  ids: /^thickener\.(\d+)$/,
  amount: ({ spec }) => ({
    isOwn: spec.filling.thickenerMassG !== null,
    canGoBack: true,
    limit: 'filling.thickenerMassG',
  }),
  change: ({ spec, filling }, key, massG) => {
    if (massG === null) return withFilling(spec, { thickenerMassG: null });
    const { thickeners } = spec.filling;
    const shares = thickeners.reduce((sum, { share }) => sum + share, 0);
    const massesG = thickeners.map(({ share }) => (filling.thickenerG * share) / shares);
    const changed = changedOf(thickeners, massesG, key, massG);
    return withFilling(spec, { thickeners: changed.parts, thickenerMassG: changed.massG });
  },
};

const MOST_SECOND = 0.99;
const LEAST_SECOND = 0.01;

const sugarLine: LineKind = {
  ids: /^sugar(\.second)?$/,
  amount: ({ spec }) => ({
    isOwn: spec.filling.sugar.massG !== null,
    canGoBack: true,
    limit: 'filling.sugar.massG',
  }),
  change: ({ spec, filling }, key, massG) => {
    const { sugar } = spec.filling;
    if (massG === null) return withFilling(spec, { sugar: { ...sugar, massG: null } });
    const { second } = sugar;
    if (!second) return withFilling(spec, { sugar: { ...sugar, massG } });
    const isSecond = key !== '';
    const otherG = kept(filling.sugar.massG * (isSecond ? 1 - second.share : second.share));
    const allG = Math.max(otherG + massG, 1);
    const share = Math.min(MOST_SECOND, Math.max(LEAST_SECOND, (isSecond ? massG : otherG) / allG));
    return withFilling(spec, {
      sugar: { ...sugar, massG: kept(otherG + massG), second: { ...second, share } },
    });
  },
};

/** What is the baker's choice and no sum of Mardle's: it is weighed as it was chosen. */
const chosenFields = {
  lemon: 'lemonJuiceG',
  zest: 'lemonZestG',
  bicarbonate: 'bicarbonateG',
  filling_butter: 'butterG',
} as const;

const chosenLine: LineKind = {
  ids: /^(lemon|zest|bicarbonate|filling_butter)$/,
  amount: (_plan, key) => ({
    isOwn: false,
    canGoBack: false,
    limit: `filling.${chosenFields[key as keyof typeof chosenFields]}`,
  }),
  change: ({ spec }, key, massG) =>
    withFilling(spec, { [chosenFields[key as keyof typeof chosenFields]]: massG ?? 0 }),
};

const liquidLine: LineKind = {
  ids: /^(liquid)$/,
  amount: ({ spec }) => ({
    isOwn: spec.filling.preparation.liquidG !== undefined,
    canGoBack: true,
    limit: 'filling.preparation.liquidG',
  }),
  change: ({ spec }, _key, massG) =>
    withFilling(spec, { preparation: { ...spec.filling.preparation, liquidG: massG ?? undefined } }),
};

const additionLine: LineKind = {
  ids: /^addition\.(\d+)$/,
  amount: () => ({ isOwn: false, canGoBack: false, limit: 'filling.additions.massG' }),
  change: ({ spec }, key, massG) =>
    withFilling(spec, {
      additions: (spec.filling.additions ?? []).map((one, i) =>
        i === Number(key) ? { ...one, massG: massG ?? 0 } : one,
      ),
    }),
};

const seasoningLine: LineKind = {
  ids: /^seasoning\.(.+)$/,
  amount: () => ({ isOwn: false, canGoBack: false, limit: 'filling.seasonings.massG' }),
  change: ({ spec }, key, massG) =>
    withFilling(spec, {
      seasonings: spec.filling.seasonings.map((one) =>
        one.seasoning === key ? { ...one, massG: massG ?? 0 } : one,
      ),
    }),
};

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

const doughLine: LineKind = {
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

const coarseSugarLine: LineKind = {
  ids: /^coarse_sugar$/,
  amount: ({ spec }) => ({
    isOwn: spec.pastry.coarseSugarG !== undefined,
    canGoBack: true,
    limit: 'pastry.coarseSugarG',
  }),
  change: ({ spec }, _key, massG) => ({
    ...spec,
    pastry: { ...spec.pastry, coarseSugarG: massG ?? undefined },
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

const crumbLine: LineKind = {
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

const toppingLine: LineKind = {
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

const lineKinds: readonly LineKind[] = [
  fruitLine,
  thickenerLine,
  sugarLine,
  chosenLine,
  liquidLine,
  additionLine,
  seasoningLine,
  doughLine,
  coarseSugarLine,
  crumbLine,
  toppingLine,
];

function kindAt(lineId: string): { readonly kind: LineKind; readonly key: string } | null {
  for (const kind of lineKinds) {
    const found = kind.ids.exec(lineId);
    if (found) return { kind, key: found[1] ?? '' };
  }
  return null;
}

/**
 * Whether the amount on a line of the slip can be set, and whether the baker set it.
 * @param plan whose slip it is
 * @param lineId as the line has it
 * @returns null for what is bought, or comes of something else, as a wash
 * @example slipAmount(plan, 'sugar')?.isOwn // false
 */
export function slipAmount(plan: SlipPlan, lineId: string): SlipAmount | null {
  const at = kindAt(lineId);
  return at ? at.kind.amount(plan, at.key) : null;
}

/**
 * The pie with the amount on a line of its slip as the baker says it; everything else follows when it is planned.
 * @param plan whose slip it is
 * @param lineId as the line has it
 * @param massG g; null gives it back to Mardle
 * @returns the pie; as it was where the line cannot be set
 * @example withSlipAmount(plan, 'sugar', 200).filling.sugar.massG // 200
 */
export function withSlipAmount(plan: SlipPlan, lineId: string, massG: number | null): PieSpec {
  const at = kindAt(lineId);
  return at ? at.kind.change(plan, at.key, massG) : plan.spec;
}
