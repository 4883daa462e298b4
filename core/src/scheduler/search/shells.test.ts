import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { planPie } from '../../plan/index.js';
import type { PieSpec } from '../../schema/index.js';
import { once } from '../../test/once.js';
import { smallDay, workedDay } from '../../test/small-day.js';
import { withShells } from '../../test/with-shells.js';
import { leastLengthMin, lowerBound } from '../bounds/lower-bound.js';
import { checkPlan } from '../validate/check-plan.js';
import type { Day, DayPlan } from '../model/day.js';
import { isComplete } from '../model/day.js';
import { rightShift } from '../timetable/right-shift.js';
import { readDay } from '../problem/read-day.js';
import { sampleDay } from '../model/sample-day.js';
import { inOrder, makeOperationSequence } from '../timetable/operation-sequence.js';
import { emptyShellSpec, shellIds, shellsByIndex, withoutShells } from '../model/shells.js';
import { finishDay, solveDay } from './solve-day.js';
import { pieName, taskWords } from '../model/task-words.js';

const open = JSON.parse(
  readFileSync(join(__dirname, '../../../../docs', 'examples', 'open-shell.json'), 'utf8'),
) as PieSpec;

const file = (pies: readonly object[], freezer?: object): unknown =>
  smallDay({ dishes: { [open.dish.label]: 2 }, pies, freezer });
const read = (pies: readonly object[]) => readDay(file(pies));
const worked = (freezer?: object): Day =>
  workedDay(file([{ id: 'open', count: 2, ready: { at: 720 }, pie: open }], freezer));
const dayOf = once(() => worked());
const planOf = once((): DayPlan => {
  const plan = finishDay(solveDay(dayOf(), { evaluations: 600 }));
  if (!plan) throw new Error('no plan');
  return plan;
});
const startOf = (plan: DayPlan, id: string): number =>
  plan.tasks.find((task) => task.id === id)?.start ?? NaN;
const endOf = (plan: DayPlan, id: string): number => plan.tasks.find((task) => task.id === id)?.end ?? NaN;

describe('a pie whose shell is baked before it is filled', () => {
  it('goes into the oven twice, in its own dish, and is ready by its hour', () => {
    expect(dayOf().pies.map(({ id }) => id)).toEqual(['open-1', 'open-1-shell', 'open-2', 'open-2-shell']);
    expect(checkPlan(dayOf(), planOf())).toEqual([]);
    expect(isComplete(planOf())).toBe(true);
    for (const id of ['open-1', 'open-2']) {
      const order = [
        ...['line', 'build', 'out', 'pack'].map((kind) => startOf(planOf(), `${kind}:${id}-shell`)),
        ...['build', 'out', 'pack'].map((kind) => startOf(planOf(), `${kind}:${id}`)),
      ];
      expect(order).toEqual([...order].sort((a, b) => a - b));
    }
    expect(withoutShells(dayOf()).map(({ id }) => id)).toEqual(['open-1', 'open-2']);
  });

  it('is lined and its dough mixed once, for the shell', () => {
    const [pie, shell] = dayOf().pies;
    expect(pie).toMatchObject({ line: 0, dough: null });
    expect(shell).toMatchObject({ shellOf: 'open-1', prepare: 0, dough: open.pastry.dough });
    expect(planOf().batches.flatMap(({ pies }) => pies)).toHaveLength(2);
  });

  it('bakes its shell as its own plan says, 20 to 45 minutes at 180 to 205 C (common practice, no source)', () => {
    const planned = planPie(open);
    const alone = planned.ok ? planned.plan.bake?.blind : null;
    const [way] = dayOf().pies[1]?.ways['Oven'] ?? [];
    expect(way?.heat[0]).toBe(alone?.stages[0].tempC);
    expect(way?.out).toBe(alone?.outMin);
    expect(way?.heat[0]).toBeGreaterThanOrEqual(180);
    expect(way?.heat[0]).toBeLessThanOrEqual(205);
    expect(way?.out).toBeGreaterThanOrEqual(20);
    expect(way?.out).toBeLessThanOrEqual(45);
  });

  it('has a shell that can be baked on its own: as pale, in as many minutes', () => {
    const whole = planPie(open);
    const shell = planPie(emptyShellSpec(open));
    if (!whole.ok || !shell.ok) throw new Error('no plan');
    expect(shell.plan.bake?.outMin).toBe(whole.plan.bake?.blind?.outMin);
    expect(shell.plan.work.body.filling).toBeNull();
  });

  it('is said in words of its own', () => {
    const words = planOf().tasks.map((task) => taskWords(dayOf(), planOf(), task));
    const name = pieName(dayOf(), 'open-1');
    expect(pieName(dayOf(), 'open-1-shell')).toBe(`the shell of ${name}`);
    for (const said of ['Roll and line', 'Paper and weights into', 'Patch and seal'])
      expect(words).toContain(`${said} the shell of ${name}`);
    expect(words).toContain(`Fill ${name}`);
  });

  it('waits for a shell that takes longer, with all that comes after', () => {
    const late = 45;
    const id = 'build:open-1-shell';
    const went = rightShift(dayOf(), planOf(), {
      lasts: new Map([[id, endOf(planOf(), id) - startOf(planOf(), id) + late]]),
    });
    expect(startOf(went, 'build:open-1')).toBeGreaterThanOrEqual(endOf(went, 'pack:open-1-shell'));
    expect(startOf(went, 'out:open-1-shell')).toBeGreaterThan(startOf(planOf(), 'out:open-1-shell'));
  });

  it('with a shell from the freezer lines nothing, and bakes it all the same', () => {
    const day = worked({ shells: { [open.dish.label]: 1 } });
    expect(day.pies[1]).toMatchObject({ id: 'open-1-shell', line: 0, dough: null, dish: null });
    expect(day.pies[3]).toMatchObject({ id: 'open-2-shell', dish: open.dish.label });
    expect(day.pies[3]?.line).toBeGreaterThan(0);
    const plan = finishDay(solveDay(day, { evaluations: 300 }));
    expect(plan && checkPlan(day, plan)).toEqual([]);
  });

  it('is told apart from a pie that is called as its shell would be', () => {
    const asked = read([
      { id: 'open', ready: { at: 720 }, pie: open },
      { id: 'open-shell', ready: { at: 720 }, pie: open },
    ]);
    expect(asked.ok ? [] : asked.problems.map(({ field }) => field)).toEqual(['pies.1.id']);
    const numbered = read([
      { id: 'open', count: 2, ready: { at: 720 }, pie: open },
      { id: 'open-2', ready: { at: 720 }, pie: open },
    ]);
    expect(numbered.ok).toBe(false);
  });
});

describe('the checker', () => {
  const moved = (id: string, by: number): string[] =>
    checkPlan(dayOf(), {
      ...planOf(),
      tasks: planOf().tasks.map((task) =>
        task.id === id ? { ...task, start: task.start + by, end: task.end + by } : task,
      ),
    });

  it('wants a shell baked before it is filled', () => {
    expect(moved('pack:open-1-shell', 300)).toContain('open-1 is filled before its shell is baked');
  });

  it('wants a shell for every pie that is filled into one', () => {
    const plan = { ...planOf(), leftOut: ['open-1-shell'] };
    const left = { ...plan, tasks: plan.tasks.filter(({ of }) => of !== 'open-1-shell') };
    expect(checkPlan(dayOf(), left)).toContain('open-1 has no shell to be filled into');
  });

  it('counts a dish from lining its shell until its pie is packed', () => {
    const few = { ...dayOf(), kitchen: { ...dayOf().kitchen, dishes: { [open.dish.label]: 1 } } };
    expect(checkPlan(few, planOf())).toContain(`there are too few of ${open.dish.label}`);
  });
});

describe('days with many shells', () => {
  const days = once(() =>
    [2, 5, 9].flatMap((pies) =>
      Array.from({ length: 8 }, (_, k) => {
        const day = withShells(sampleDay(k + 1, pies, k % 3 === 2 ? { hands: 1 } : {}), 1 + (k % 2));
        return { day, plan: finishDay(solveDay(day, { seed: k + 1, evaluations: 300 })) };
      }),
    ),
  );

  it('break no rule; what finds no place is left out with its shell', () => {
    for (const { day, plan } of days()) {
      if (!plan) continue;
      expect(checkPlan(day, plan)).toEqual([]);
      for (const [pie, shell] of shellIds(day))
        expect(plan.leftOut.includes(pie)).toBe(plan.leftOut.includes(shell));
    }
    expect(days().filter(({ plan }) => isComplete(plan)).length).toBeGreaterThan(8);
    expect(days().filter(({ plan }) => plan && plan.leftOut.length > 0).length).toBeGreaterThan(0);
  });

  it('are not under their bound', () => {
    for (const { day, plan } of days()) {
      if (!isComplete(plan)) continue;
      expect(plan.score.total).toBeGreaterThanOrEqual(lowerBound(day) - 1e-6);
      const last = Math.max(...day.pies.map(({ ready }) => ready.at));
      const first = Math.min(...plan.tasks.map(({ start }) => start));
      expect(last - first).toBeGreaterThanOrEqual(leastLengthMin(day));
    }
  });

  it('are laid again in order: a pie in one run with its shell is no order at all', () => {
    const found = days().find(({ day, plan }) => isComplete(plan) && shellIds(day).size > 0);
    if (!found || !isComplete(found.plan)) throw new Error('no such day');
    const { day, plan } = found;
    const steps = makeOperationSequence(day, 0, plan);
    expect(inOrder(day, steps)).toHaveLength(steps.length);
    const shell = shellsByIndex(day).findIndex((whole) => whole >= 0);
    const whole = shellsByIndex(day)[shell] ?? -1;
    const together = steps.flatMap((step) => {
      if (step.kind !== 'run' || !step.run.pies.some((i) => i === shell || i === whole)) return [step];
      return step.run.pies.includes(shell) ? [{ ...step, run: { ...step.run, pies: [shell, whole] } }] : [];
    });
    expect(inOrder(day, together)).toBeNull();
  });
});
