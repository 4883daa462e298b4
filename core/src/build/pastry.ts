import type { Dough } from '../larder/index.js';
import { builtInDoughs } from '../larder/index.js';

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

/** Divides a dough mass by baker's percentages, at the middle of its water band. */
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

/** The same dough for several pies. */
export const timesDough = (dough: DoughBatch, times: number): DoughBatch => {
  const scaled = Object.entries(dough).map(([part, massG]: [string, number]) => [part, massG * times]);
  return Object.fromEntries(scaled) as unknown as DoughBatch;
};

/** What something is made of, as shares of its mass: what the bake simulation takes. */
export interface Makeup {
  readonly water: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly protein: number;
}

/** Composition of baked-in dough. */
export function doughComposition(dough: Dough): Makeup {
  const batch = doughBatch(dough, 1);
  const addedWater = (batch.waterLowG + batch.waterHighG) / 2;
  return {
    water: addedWater + 0.16 * batch.butterG + 0.13 * batch.flourG + 0.5 * batch.otherG,
    fat: 0.81 * batch.butterG + 0.02 * batch.flourG,
    carbohydrate: 0.74 * batch.flourG + batch.sugarG,
    protein: 0.11 * batch.flourG,
  };
}

/** Dough of one kind for several pies. */
export interface DoughForDay {
  readonly label: string;
  readonly batch: DoughBatch;
}

/** Adds up the dough of a day by kind, in the order of the larder; kinds that nothing asks for are left out. */
export function addDough(
  wanted: readonly { readonly dough: string; readonly batch: DoughBatch; readonly count: number }[],
): DoughForDay[] {
  return [...builtInDoughs.values()].flatMap((dough) => {
    const massG = wanted
      .filter((row) => row.dough === dough.id)
      .reduce((sum, { batch, count }) => sum + batch.massG * count, 0);
    return massG > 0 ? [{ label: dough.label, batch: doughBatch(dough, massG) }] : [];
  });
}
