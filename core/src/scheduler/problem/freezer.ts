import { formOf } from '../../forms/index.js';
import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import { changeBase } from '../../plan/index.js';
import type { PieSpec } from '../../schema/index.js';
import { mixedFruitKey, onFrozen } from './frozen-fruit.js';

/** What was made before and lies in the freezer. */
export interface Freezer {
  /** Lined dishes, by the label of the dish; each is one of the kitchen's. */
  readonly shells: Readonly<Record<string, number>>;
  /** Dough for so many pies, by its id. */
  readonly dough: Readonly<Record<string, number>>;
  /** Fruit as it goes into the bowl, stoned and cut, g by its id. */
  readonly fruit: Readonly<Record<string, number>>;
}

export const emptyFreezer: Freezer = { shells: {}, dough: {}, fruit: {} };

/**
 * How many shells stand in a dish.
 * @param freezer shells by dish
 * @param label of the dish
 * @returns 0 for a dish that is not named
 * @example shellsIn(emptyFreezer, '23 cm enamel') // 0
 */
export const shellsIn = ({ shells }: Pick<Freezer, 'shells'>, label: string): number =>
  new Map(Object.entries(shells)).get(label) ?? 0;

/** Pies of one sort that are made in one way. */
export interface Portion<Wanted> {
  readonly wanted: Wanted;
  /** As the freezer lets it be made. */
  readonly spec: PieSpec;
  /** Of each of its pies. */
  readonly ids: readonly string[];
  /** Its shell comes out of the freezer, in its dish. */
  readonly frozenShell: boolean;
  /** Fruit that comes out of the freezer, by its id. */
  readonly frozenFruit: readonly string[];
}

/**
 * What pies of one sort are called in a plan.
 * @param id of the sort
 * @param count how many are wanted
 * @returns a name for each
 * @example portionIds('damson', 2)[1] // 'damson-2'
 */
export const portionIds = (id: string, count: number): string[] =>
  count === 1 ? [id] : Array.from({ length: count }, (_, i) => `${id}-${i + 1}`);

/** Those of two portions that follow one another are made alike. */
const alike = (a: Portion<unknown>, b: Portion<unknown>): boolean =>
  a.frozenShell === b.frozenShell &&
  a.spec.pastry.doughFrom === b.spec.pastry.doughFrom &&
  a.frozenFruit.join() === b.frozenFruit.join();

/**
 * Who gets what lies in the freezer: the first on the list that can use it. A pie of two crusts takes a shell for its base and
 * dough for its lid; fruit is taken where there is enough of it for the whole pie, and baked as frozen fruit is.
 * @param wanted pies of a day
 * @param freezer shells by dish, dough and fruit by id
 * @param larder as for a plan
 * @returns portions in the order of the list; a sort is split where the freezer does not do for all of it
 * @example makePortions([{ id: 'damson', count: 2, spec: starterSpec }], emptyFreezer)[0]?.ids.length // 2
 */
export function makePortions<
  Wanted extends { readonly id: string; readonly count: number; readonly spec: PieSpec },
>(wanted: readonly Wanted[], freezer: Freezer, larder: Larder = builtInLarder): Portion<Wanted>[] {
  const shells = new Map(Object.entries(freezer.shells));
  const dough = new Map(Object.entries(freezer.dough));
  const fruit = new Map(Object.entries(freezer.fruit));
  const takes = (from: Map<string, number>, what: string): boolean => {
    const left = from.get(what) ?? 0;
    if (left > 0) from.set(what, left - 1);
    return left > 0;
  };
  return wanted.flatMap((one) => {
    const { spec } = one;
    const { base = 'made', doughFrom = 'mixed' } = spec.pastry;
    const lines = formOf(spec.form.kind).lined && base === 'made';
    const bowl = fruit.size > 0 ? mixedFruitKey(spec, larder) : new Map<string, number>();
    return portionIds(one.id, one.count).reduce<Portion<Wanted>[]>((portions, id) => {
      const frozenShell = lines && takes(shells, spec.dish.label);
      const shelled = frozenShell ? changeBase(spec, 'frozen').spec : spec;
      const before = doughFrom === 'mixed' && takes(dough, spec.pastry.dough);
      const made: PieSpec = before
        ? { ...shelled, pastry: { ...shelled.pastry, doughFrom: 'made_before' } }
        : shelled;
      const frozenFruit = [...bowl].flatMap(([what, massG]) => {
        const left = fruit.get(what) ?? 0;
        if (left < massG) return [];
        fruit.set(what, left - massG);
        return [what];
      });
      const portion = { wanted: one, spec: onFrozen(made, frozenFruit), ids: [id], frozenShell, frozenFruit };
      const last = portions.at(-1);
      if (!last || !alike(last, portion)) return [...portions, portion];
      return [...portions.slice(0, -1), { ...last, ids: [...last.ids, id] }];
    }, []);
  });
}
