import { builtInLarder } from '../../larder/index.js';
import { changeForm } from '../../plan/index.js';
import type { PieSpec } from '../../schema/index.js';
import { starterSpec } from '../../schema/index.js';
import { once } from '../../test/once.js';
import { smallDay, workedDay } from '../../test/small-day.js';
import { makeBuyingList, usualBuying } from '../lists/buying-list.js';
import type { Day } from '../model/day.js';
import type { Freezer } from './freezer.js';
import { emptyFreezer, makePortions } from './freezer.js';
import { mixedFruitKey } from './frozen-fruit.js';
import { makeWeighingList } from '../lists/weighing-list.js';

const bowlG = mixedFruitKey(starterSpec, builtInLarder).get('damson') ?? 0;
const damsons = (massG: number): Freezer => ({ ...emptyFreezer, fruit: { damson: massG } });
const wanted = (id: string, count: number, spec: PieSpec = starterSpec) => ({ id, count, spec });
const statesOf = ({ filling }: PieSpec): string[] => filling.fruits.map(({ state }) => state);

const withFruits = (fruits: readonly Partial<PieSpec['filling']['fruits'][number]>[]): PieSpec => {
  const [first] = starterSpec.filling.fruits;
  if (!first) throw new Error('no fruit');
  return {
    ...starterSpec,
    filling: { ...starterSpec.filling, fruits: fruits.map((part) => ({ ...first, ...part })) },
  };
};

describe('fruit in the freezer', () => {
  it('goes to the first pies that find enough for a whole bowl, and is baked frozen', () => {
    expect(bowlG).toBeGreaterThan(400);
    const portions = makePortions([wanted('damson', 3), wanted('later', 1)], damsons(2.5 * bowlG));
    expect(portions.map(({ ids, spec }) => [ids, ...statesOf(spec)])).toEqual([
      [['damson-1', 'damson-2'], 'frozen'],
      [['damson-3'], 'fresh'],
      [['later'], 'fresh'],
    ]);
    // Frozen fruit takes its own amounts of all else.
    expect(portions[0]?.spec.filling.fruitMassG).toBe(starterSpec.filling.fruitMassG);
  });

  it('is as much as such a pie weighs off, near to what a fresh one does', () => {
    const massOf = (freezer: Freezer): number =>
      makeWeighingList([
        { count: 1, spec: makePortions([wanted('damson', 1)], freezer)[0]?.spec ?? starterSpec },
      ]).amounts.find(({ label }) => label.startsWith('Damson'))?.massG ?? 0;
    expect(massOf(damsons(5000))).toBeCloseTo(bowlG, 6);
    expect(Math.abs(massOf(emptyFreezer) / bowlG - 1)).toBeLessThan(0.02);
  });

  it('mixed with fresh fruit, each is what it is', () => {
    const both = withFruits([{}, { fruit: 'apple_firm_tart' }]);
    const [portion] = makePortions([wanted('both', 1, both)], damsons(5000));
    expect(portion && statesOf(portion.spec)).toEqual(['frozen', 'fresh']);
    expect(portion?.frozenFruit).toEqual(['damson']);
  });

  it('is taken by pies that ask for frozen fruit anyway, which stay as they are said', () => {
    for (const state of ['frozen', 'thawed_drained'] as const) {
      const asked = withFruits([{ state }]);
      const portions = makePortions([wanted('asked', 1, asked), wanted('other', 1)], damsons(1.5 * bowlG));
      expect(portions.map(({ spec, frozenFruit }) => [statesOf(spec)[0], frozenFruit.length])).toEqual([
        [state, 1],
        ['fresh', 0],
      ]);
    }
  });

  it('does not go raw on a shell that is baked empty', () => {
    const shell = changeForm(starterSpec, 'open_shell').spec;
    const glazed: PieSpec = {
      ...shell,
      filling: { ...shell.filling, preparation: { ...shell.filling.preparation, kind: 'glaze' } },
    };
    const [portion] = makePortions([wanted('glazed', 1, glazed)], damsons(5000));
    expect(portion?.frozenFruit).toEqual([]);
  });

  it('is weighed and not bought; what is missing is', () => {
    const amounts = (freezer: Freezer) =>
      makeWeighingList(
        makePortions([wanted('damson', 2)], freezer).map(({ spec, ids, frozenFruit }) => ({
          spec,
          count: ids.length,
          frozenFruit,
        })),
      ).amounts.filter(({ label }) => label.startsWith('Damson'));
    const one = amounts(damsons(bowlG));
    expect(one.map(({ ready }) => ready)).toEqual([true, false]);
    expect(one[0]?.massG).toBeCloseTo(bowlG, 6);
    expect(new Set(one.map(({ label }) => label)).size).toBe(2);
    const toBuy = (freezer: Freezer): number =>
      makeBuyingList(amounts(freezer), usualBuying).items.reduce((sum, { needsG }) => sum + needsG, 0);
    expect(toBuy(damsons(bowlG))).toBeCloseTo(toBuy(emptyFreezer) / 2, 6);
    expect(toBuy(damsons(2 * bowlG))).toBe(0);
  });

  const worked = (freezer: unknown): Day =>
    workedDay(
      smallDay({
        dishes: { [starterSpec.dish.label]: 2 },
        pies: [{ id: 'damson', count: 2, ready: { at: 840 }, pie: starterSpec }],
        freezer,
      }),
    );
  const mixed = once(() => worked({ fruit: { damson: Math.ceil(bowlG) } }));

  it('a pie of it needs no stoning and stays longer in the oven than the other (15 to 30 min: common practice, no source)', () => {
    const [frozen, fresh] = mixed().pies;
    if (!frozen || !fresh) throw new Error('two pies');
    expect(frozen.prepare).toBeLessThan(fresh.prepare / 2);
    const outOf = (pie: typeof frozen): number =>
      Math.min(...(pie.ways['Oven'] ?? []).map(({ out, cost }) => out + 1000 * cost)) % 1000;
    expect(outOf(frozen) - outOf(fresh)).toBeGreaterThanOrEqual(15);
    expect(outOf(frozen) - outOf(fresh)).toBeLessThanOrEqual(30);
  });
});
