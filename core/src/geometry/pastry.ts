import type { Dough, Larder } from '../larder/index.js';
import { larderRow } from '../larder/index.js';
import type { DoughAmounts, PastrySpec } from '../schema/index.js';
import type { Makeup } from './makeup.js';
import { mixedMakeup } from './makeup.js';

/** Ingredients of a dough in g; water as a band, since it is given by feel. */
export interface DoughBatch {
  readonly massG: number;
  readonly flourG: number;
  readonly butterG: number;
  readonly waterLowG: number;
  readonly waterHighG: number;
  readonly saltG: number;
  readonly sugarG: number;
  readonly otherG: number;
}

/**
 * Divides a dough mass by baker's percentages, at the middle of its water band.
 * @param dough a row of the larder
 * @param massG all of it, g
 * @returns grams of each part
 * @example doughBatch(rowOf(builtInLarder.doughs, 'all_butter'), 500).flourG
 */
export function doughBatch(dough: Dough, massG: number): DoughBatch {
  const water = (dough.waterLow + dough.waterHigh) / 2;
  const parts = 100 + dough.butter + water + dough.salt + dough.sugar + dough.other;
  const per = massG / parts;
  return {
    massG,
    flourG: 100 * per,
    butterG: dough.butter * per,
    waterLowG: dough.waterLow * per,
    waterHighG: dough.waterHigh * per,
    saltG: dough.salt * per,
    sugarG: dough.sugar * per,
    otherG: dough.other * per,
  };
}

/** All that is mixed by such amounts, g. */
export const mixedG = (amounts: Readonly<Record<string, number>>): number =>
  Object.values(amounts).reduce((sum, massG) => sum + massG, 0);

/** The baker's own amounts, where the dough is mixed for the pie: one made before or bought is what it is. */
export const ownDough = ({
  amounts,
  doughFrom = 'mixed',
}: Pick<PastrySpec, 'amounts' | 'doughFrom'>): DoughAmounts | undefined =>
  doughFrom === 'mixed' ? amounts : undefined;

/**
 * The dough that is rolled: that of its school, or by the baker's own amounts.
 * @param pastry what the baker chose
 * @param larder with the doughs
 * @returns a row with parts per 100 of flour
 */
export function chosenDough(
  pastry: Pick<PastrySpec, 'dough' | 'amounts' | 'doughFrom'>,
  larder: Pick<Larder, 'doughs'>,
): Dough {
  const row = larderRow(larder.doughs, pastry.dough);
  const amounts = ownDough(pastry);
  if (!amounts) return row;
  // What a school has no word for may be yolk: eaters are told.
  const isVinegar = row.other > 0 && !row.contains.includes('egg');
  const per100 = (massG: number): number => (100 * massG) / amounts.flourG;
  return {
    ...row,
    butter: per100(amounts.butterG),
    waterLow: per100(amounts.waterG),
    waterHigh: per100(amounts.waterG),
    salt: per100(amounts.saltG),
    sugar: per100(amounts.sugarG),
    other: per100(amounts.otherG),
    otherLabel: row.otherLabel || 'Yolk or vinegar',
    contains: [
      'wheat',
      ...(amounts.butterG > 0 ? ['milk'] : []),
      ...(amounts.otherG > 0 && !isVinegar ? ['egg'] : []),
    ],
  };
}

/** How many times the dough of one pie is mixed: for its batch, or as much as the baker's amounts make. */
export function timesMixed(pastry: PastrySpec, forOne: DoughBatch): number {
  const amounts = ownDough(pastry);
  return amounts && forOne.massG > 0 ? mixedG(amounts) / forOne.massG : (pastry.batch ?? 1);
}

/** The same dough for several pies. */
export const timesDough = (dough: DoughBatch, times: number): DoughBatch => {
  const scaled = Object.entries(dough).map(([part, massG]: [string, number]) => [part, massG * times]);
  return Object.fromEntries(scaled) as unknown as DoughBatch;
};

/** Composition of baked-in dough; half of an egg yolk or vinegar is water. */
export function doughComposition(dough: Dough): Makeup {
  const { flourG, butterG, saltG, sugarG, otherG, waterLowG, waterHighG } = doughBatch(dough, 1);
  const waterG = (waterLowG + waterHighG) / 2 + 0.5 * otherG;
  return mixedMakeup({ flour: flourG, butter: butterG }, { sugarG, waterG, otherG: saltG + 0.5 * otherG });
}

/** Dough of one kind for several pies. */
interface DoughForDay {
  readonly label: string;
  readonly batch: DoughBatch;
}

/** Dough of one pie, and how often it is made; one by the baker's own amounts stands by itself. */
interface WantedDough {
  readonly dough: string;
  readonly batch: DoughBatch;
  readonly count: number;
  readonly isOwn?: boolean;
}

const sumOf = (batches: readonly DoughBatch[]): DoughBatch =>
  batches.reduce((sum, batch) => {
    const added = Object.entries(batch).map(([part, massG]: [string, number]) => [
      part,
      massG + sum[part as keyof DoughBatch],
    ]);
    return Object.fromEntries(added) as unknown as DoughBatch;
  });

/**
 * Adds up the dough of a day by kind, in the order of the larder; kinds that nothing asks for are left out.
 * @param wanted batches with how often each
 * @param options the larder
 * @returns batches to mix, by kind
 * @example addDough([], builtInLarder).length // 0
 */
export const addDough = (wanted: readonly WantedDough[], { doughs }: Pick<Larder, 'doughs'>): DoughForDay[] =>
  [...doughs.values()].flatMap(({ id, label }) =>
    [false, true].flatMap((own) => {
      const batches = wanted
        .filter(({ dough, count, isOwn = false }) => dough === id && isOwn === own && count > 0)
        .map(({ batch, count }) => timesDough(batch, count));
      return batches.length > 0
        ? [{ label: own ? `${label}, by your recipe` : label, batch: sumOf(batches) }]
        : [];
    }),
  );
