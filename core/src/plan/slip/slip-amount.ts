import type { FillingSpec, PieSpec } from '../../schema/index.js';
import type { LineKind, SlipAmount, SlipPlan } from './line-kind.js';
import { kept } from './line-kind.js';
import { crumbLine, doughLine, toppingLine } from './mixture-lines.js';

const withFilling = (spec: PieSpec, part: Partial<FillingSpec>): PieSpec => ({
  ...spec,
  filling: { ...spec.filling, ...part },
});

/** A part of a whole is never quite nothing: it is taken out where it is chosen. */
const LEAST_SHARE = 0.001;

/** Masses of things that share a whole, with one of them changed; their shares are their masses then. */
function changedOf<T>(parts: readonly T[], massesG: readonly number[], key: string, massG: number) {
  const next = massesG.map((before, i) => (i === Number(key) ? massG : kept(before)));
  return {
    massG: kept(next.reduce((sum, one) => sum + one, 0)),
    parts:
      parts.length < 2
        ? parts
        : parts.map((part, i) => ({ ...part, share: Math.max(LEAST_SHARE, next[i] ?? 0) })),
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
