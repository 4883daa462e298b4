import { changeForm } from '../../plan/index.js';
import type { PieSpec } from '../../schema/index.js';
import { starterSpec } from '../../schema/index.js';
import { once } from '../../test/once.js';
import { smallDay, workedDay } from '../../test/small-day.js';
import { checkPlan } from '../validate/check-plan.js';
import type { Day } from '../model/day.js';
import type { Freezer } from './freezer.js';
import { emptyFreezer, makePortions, shellsIn } from './freezer.js';
import { readDay } from './read-day.js';
import { finishDay, solveDay } from '../search/solve-day.js';
import { makeWeighingList } from '../lists/weighing-list.js';

const { label } = starterSpec.dish;
const wanted = (id: string, count: number, spec: PieSpec = starterSpec) => ({ id, count, spec });
const shells = (count: number): Freezer => ({ ...emptyFreezer, shells: { [label]: count } });

describe('what lies in the freezer', () => {
  it('goes to the first on the list that can use it; ids stay what they are', () => {
    const portions = makePortions([wanted('damson', 3), wanted('plum', 1)], shells(2));
    expect(portions.map(({ ids, frozenShell }) => [ids, frozenShell])).toEqual([
      [['damson-1', 'damson-2'], true],
      [['damson-3'], false],
      [['plum'], false],
    ]);
    expect(portions[0]?.spec.pastry.base).toBe('frozen');
    expect(portions[1]?.spec).toEqual(starterSpec);
  });

  it('a shell is no use in another dish, nor where nothing is lined, nor to a pie that has one', () => {
    const other: PieSpec = { ...starterSpec, dish: { ...starterSpec.dish, label: 'Another' } };
    const crisp = changeForm(starterSpec, 'crisp').spec;
    const bought: PieSpec = { ...starterSpec, pastry: { ...starterSpec.pastry, base: 'bought' } };
    const portions = makePortions(
      [wanted('a', 1, other), wanted('b', 1, crisp), wanted('c', 1, bought)],
      shells(3),
    );
    expect(portions.every(({ frozenShell }) => !frozenShell)).toBe(true);
  });

  it('dough does for as many pies as it was made for, a frozen shell’s lid among them', () => {
    const freezer = { ...shells(1), dough: { [starterSpec.pastry.dough]: 2 } };
    const portions = makePortions([wanted('damson', 4)], freezer);
    expect(
      portions.map(({ ids, frozenShell, spec }) => [ids.length, frozenShell, spec.pastry.doughFrom]),
    ).toEqual([
      [1, true, 'made_before'],
      [1, false, 'made_before'],
      [2, false, starterSpec.pastry.doughFrom],
    ]);
  });

  it('stands in a dish by its own name only', () => {
    expect(shellsIn(shells(2), label)).toBe(2);
    expect(shellsIn(shells(2), 'constructor')).toBe(0);
  });

  it('is less to weigh: no dough for a shell that is there', () => {
    const flourOf = (freezer: Freezer): number =>
      makeWeighingList(
        makePortions([wanted('damson', 2)], freezer).map(({ spec, ids }) => ({ spec, count: ids.length })),
      ).amounts.find((one) => one.label === 'Plain flour')?.massG ?? 0;
    expect(flourOf(shells(2))).toBeLessThan(0.75 * flourOf(emptyFreezer));
    expect(flourOf({ ...shells(2), dough: { [starterSpec.pastry.dough]: 2 } })).toBe(0);
  });
});

describe('a day with a freezer', () => {
  const file = (freezer: unknown): unknown =>
    smallDay({
      dishes: { [label]: 2 },
      pies: [{ id: 'damson', count: 2, ready: { at: 840 }, pie: starterSpec }],
      freezer,
    });
  const worked = (freezer: unknown): Day => workedDay(file(freezer));
  const mixed = once(() => worked({ shells: { [label]: 1 } }));

  it('lines one pie less, and gives nobody else the dish that the shell stands in', () => {
    const [frozen, made] = mixed().pies;
    expect(frozen).toMatchObject({ id: 'damson-1', line: 0, baseChill: 0, dish: null });
    expect(made).toMatchObject({ id: 'damson-2', dish: label });
    expect(made?.line).toBeGreaterThan(0);
    expect(mixed().kitchen.dishes[label]).toBe(1);
  });

  it('works, and begins later than the same day without', () => {
    const startOf = (day: Day): number => {
      const plan = finishDay(solveDay(day, { evaluations: 400 }));
      if (!plan) throw new Error('no plan');
      expect(checkPlan(day, plan)).toEqual([]);
      expect(plan.late).toEqual([]);
      return Math.min(...plan.tasks.map(({ start }) => start));
    };
    const all = { shells: { [label]: 2 }, dough: { [starterSpec.pastry.dough]: 2 } };
    expect(startOf(worked(all))).toBeGreaterThan(startOf(worked(undefined)));
  });

  it.each([
    [{ shells: { [label]: 3 } }, `freezer.shells.${label}`],
    [{ shells: { [label]: -1 } }, `freezer.shells.${label}`],
    [{ shells: { Nowhere: 1 } }, 'freezer.shells.Nowhere'],
    [{ shells: { constructor: 1 } }, 'freezer.shells.constructor'],
    [{ dough: { clay: 2 } }, 'freezer.dough.clay'],
    [{ fruit: { clay: 500 } }, 'freezer.fruit.clay'],
    [{ fruit: { constructor: 500 } }, 'freezer.fruit.constructor'],
    [{ fruit: { damson: -1 } }, 'freezer.fruit.damson'],
    [{ fruit: { damson: 'much' } }, 'freezer.fruit.damson'],
    [{ cakes: {} }, 'freezer.cakes'],
    [[], 'freezer'],
  ])('%j: said by its field', (freezer, field) => {
    const read = readDay(file(freezer));
    expect(read.ok ? [] : read.problems.map((one) => one.field)).toContain(field);
  });
});
